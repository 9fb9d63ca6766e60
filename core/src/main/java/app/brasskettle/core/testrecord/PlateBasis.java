package app.brasskettle.core.testrecord;

import app.brasskettle.core.extension.KeySizes;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.nameplate.FrameName;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.PlateReading;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.RecordReader;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What the nameplate says to each test. The plate that stands now judges: readings are read again with its figures. */
public final class PlateBasis {

    private PlateBasis() {}

    /**
     * Readings as the plate that stands now makes them.
     *
     * @param input the record
     * @param contradiction why plate and readings cannot both be right, where they cannot
     */
    public record Reread(Record input, Optional<String> contradiction) {}

    /**
     * Reads stored readings again with the figures of the plate that stands now.
     *
     * @param kind which test
     * @param speed 1 or 2
     * @param stored the readings as stored, with the figures of the plate of their day
     * @param plate the plate that stands now
     */
    public static Reread reread(TestKind kind, int speed, Map<String, Object> stored, Optional<Plate> plate) {
        Map<String, Object> whole = new LinkedHashMap<>(stored);
        plate.ifPresent(p -> overlay(kind, speed, p, whole));
        try {
            return new Reread(RecordReader.read(kind.inputType(), whole), Optional.empty());
        } catch (InvalidInputException refused) {
            return new Reread(
                    RecordReader.read(kind.inputType(), stored),
                    Optional.of(refused.problems().get(0).message()));
        }
    }

    /**
     * Puts what the plate says into a test's input, over what stands there.
     *
     * @param kind which test
     * @param speed 1 or 2
     * @param plate the plate
     * @param whole the input as words and figures; changed
     */
    public static void overlay(TestKind kind, int speed, Plate plate, Map<String, Object> whole) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        Connection connection = second.map(RatingBlock::connection).orElse(plate.connection());
        switch (kind) {
            case INSULATION_RESISTANCE, CIRCUIT_INSULATION -> {
                plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
                whole.put("windingKind", plate.windingKind().word());
                whole.put("insulationClass", plate.insulationClass().word());
                whole.put("madeBefore1970", plate.madeBefore1970());
                whole.putIfAbsent("insulationSystem", InsulationSystem.THERMOSETTING.word());
            }
            case WINDING_RESISTANCE -> {
                whole.put("connection", connection.word());
                whole.put("windingKind", plate.windingKind().word());
                whole.putIfAbsent("conductor", Conductor.COPPER.word());
            }
            case SURGE_COMPARISON -> whole.put("connection", connection.word());
            case WITHSTAND_RECORD -> {
                plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
                plate.ratedPowerW().ifPresent(v -> whole.put("ratedPowerW", v));
            }
            case VIBRATION -> {
                plate.ratedPowerW().ifPresent(v -> whole.put("ratedPowerW", v));
                frame(plate).flatMap(FrameName::shaftHeightMm).ifPresent(h -> whole.put("shaftHeightMm", h));
            }
            case KEY_SEAT ->
                frame(plate)
                        .filter(FrameName::nema)
                        .ifPresent(f -> whole.putIfAbsent("keySizes", KeySizes.NEMA.word()));
            case NO_LOAD_RUN -> {
                rating(plate, second, whole);
                second.map(RatingBlock::ratedPowerW).or(plate::ratedPowerW).ifPresent(v -> whole.put("ratedPowerW", v));
                poles(plate, second).ifPresent(p -> whole.put("poles", p));
            }
            case START_LOG -> {
                rating(plate, second, whole);
                second.map(RatingBlock::ratedSpeedRpm)
                        .or(plate::ratedSpeedRpm)
                        .ifPresent(n -> whole.put("ratedSpeedRpm", n));
            }
            case POLE_CHECK -> poles(plate, second).ifPresent(p -> whole.put("poles", p));
            case ROTOR_PROOF -> {
                whole.put("frequencyHz", plate.frequencyHz());
                poles(plate, second).ifPresent(p -> whole.put("poles", p));
            }
            default -> {}
        }
    }

    private static Optional<String> frame(Plate plate) {
        return plate.details().flatMap(PlateDetails::frame);
    }

    private static void rating(Plate plate, Optional<RatingBlock> second, Map<String, Object> whole) {
        second.map(RatingBlock::ratedCurrentA).or(plate::ratedCurrentA).ifPresent(v -> whole.put("ratedCurrentA", v));
        second.map(RatingBlock::ratedVoltageV).or(plate::ratedVoltageV).ifPresent(v -> whole.put("ratedVoltageV", v));
    }

    /** Finds the poles of the speed at hand; empty while the plate does not tell them. */
    public static Optional<Integer> poles(Plate plate, Optional<RatingBlock> second) {
        return second.map(RatingBlock::poles).or(() -> PlateReading.of(plate).poles());
    }

    /** Tells whether {@code plate} says what a test of {@code kind} is set and judged by. */
    public static boolean tells(Optional<Plate> plate, TestKind kind) {
        return switch (kind) {
            case NO_LOAD_RUN -> plate.flatMap(Plate::rating).isPresent();
            case START_LOG ->
                plate.filter(p -> p.ratedVoltageV().isPresent()
                                && p.ratedCurrentA().isPresent()
                                && p.ratedSpeedRpm().isPresent())
                        .isPresent();
            case WINDING_RESISTANCE, ROTOR_PROOF -> plate.isPresent();
            case INSULATION_RESISTANCE, CIRCUIT_INSULATION, SURGE_COMPARISON, WITHSTAND_RECORD ->
                plate.flatMap(Plate::ratedVoltageV).isPresent();
            case VIBRATION -> plate.flatMap(Plate::ratedPowerW).isPresent();
            default -> true;
        };
    }
}
