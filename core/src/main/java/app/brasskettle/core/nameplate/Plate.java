package app.brasskettle.core.nameplate;

import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.nameplate.FieldMark.State;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Problem.Code;
import app.brasskettle.core.worksheet.Problems;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The nameplate of a motor as it was found: whole, worn, or burnt off and estimated.
 *
 * @param phases 1 or 3
 * @param frequencyHz supply frequency
 * @param ratedPowerW power at the shaft
 * @param ratedVoltageV line voltage
 * @param ratedCurrentA line current
 * @param ratedSpeedRpm speed at rated load
 * @param codeLetter locked-rotor letter
 * @param connection how the phases are joined
 * @param windingKind make of the winding
 * @param insulationClass thermal class
 * @param madeBefore1970 true for windings made before about 1970
 * @param hazardousArea true when the plate carries an explosion-protection marking
 * @param maker maker's name
 * @param serial serial number
 * @param enclosure degree of protection or cooling, as written
 * @param details what else it says
 * @param further other speeds, voltages and frequencies on the same plate
 * @param marks how things were come by, where they were not simply read
 * @param clues what the motor tells when its plate does not
 */
public record Plate(
        int phases,
        double frequencyHz,
        Optional<Double> ratedPowerW,
        Optional<Double> ratedVoltageV,
        Optional<Double> ratedCurrentA,
        Optional<Double> ratedSpeedRpm,
        Optional<CodeLetter> codeLetter,
        Connection connection,
        WindingKind windingKind,
        InsulationClass insulationClass,
        boolean madeBefore1970,
        boolean hazardousArea,
        Optional<String> maker,
        Optional<String> serial,
        Optional<String> enclosure,
        Optional<PlateDetails> details,
        Optional<List<RatingBlock>> further,
        Optional<List<FieldMark>> marks,
        Optional<PlateClues> clues) {

    private static final double LEAST_VOLTAGE = 10;
    private static final int MAX_BLOCKS = 7;
    /** Speeds closer than this are one speed at another load or voltage. */
    private static final double OTHER_SPEED_SHARE = 0.1;

    public Plate {
        ratedPowerW = Problems.orEmpty(ratedPowerW);
        ratedVoltageV = Problems.orEmpty(ratedVoltageV);
        ratedCurrentA = Problems.orEmpty(ratedCurrentA);
        ratedSpeedRpm = Problems.orEmpty(ratedSpeedRpm);
        codeLetter = Problems.orEmpty(codeLetter);
        maker = Problems.orEmpty(maker);
        serial = Problems.orEmpty(serial);
        enclosure = Problems.orEmpty(enclosure);
        details = Problems.orEmpty(details);
        further = Problems.orEmpty(further).map(Problems::copy);
        marks = Problems.orEmpty(marks).map(Problems::copy);
        clues = Problems.orEmpty(clues);
        Problems problems = new Problems();
        if (phases != 1 && phases != 3) {
            problems.add("phases", Code.RANGE, "phases is " + phases + "; it must be 1 or 3");
        }
        problems.positive("frequencyHz", frequencyHz, "Hz");
        ratedPowerW.ifPresent(v -> problems.positive("ratedPowerW", v, "W"));
        ratedVoltageV.ifPresent(v -> problems.positive("ratedVoltageV", v, "V"));
        ratedCurrentA.ifPresent(v -> problems.positive("ratedCurrentA", v, "A"));
        ratedSpeedRpm.ifPresent(v -> {
            if (problems.positive("ratedSpeedRpm", v, "r/min")
                    && problems.clear("frequencyHz")
                    && v > 60 * frequencyHz) {
                problems.add("ratedSpeedRpm", Code.CONTRADICTION, Nameplate.tooFast(v, frequencyHz));
            }
        });
        ratedVoltageV
                .filter(v -> v > 0 && v < LEAST_VOLTAGE)
                .ifPresent(v -> problems.add(
                        "ratedVoltageV",
                        Code.RANGE,
                        "Rated voltage is " + v + " V, and no motor that is rewound is rated under "
                                + Math.round(LEAST_VOLTAGE) + " V: read the plate again"));
        problems.present("connection", connection);
        problems.present("windingKind", windingKind);
        problems.present("insulationClass", insulationClass);
        further.ifPresent(f -> problems.size("further", f, 0, MAX_BLOCKS));
        marks(
                marks.orElse(List.of()),
                given(
                        details,
                        connection,
                        ratedPowerW,
                        ratedVoltageV,
                        ratedCurrentA,
                        ratedSpeedRpm,
                        codeLetter,
                        maker,
                        serial,
                        enclosure),
                clues.isPresent(),
                problems);
        problems.throwIfAny();
    }

    private static void marks(List<FieldMark> marks, Set<PlateField> given, boolean measured, Problems problems) {
        if (!problems.size("marks", marks, 0, PlateField.values().length)) {
            return;
        }
        problems.distinct(marks.stream().map(FieldMark::field).toList(), i -> "marks[" + i + "].field");
        for (FieldMark mark : marks) {
            boolean there = given.contains(mark.field());
            String field = mark.field().code();
            if (mark.state() == State.MISSING && there) {
                problems.add(
                        field,
                        Code.CONTRADICTION,
                        field + " is marked missing, yet something stands in it: worn, or estimated?");
            } else if (mark.state() != State.MISSING && !there) {
                problems.add(
                        field,
                        Code.MISSING,
                        field + " is marked " + mark.state().code() + ", yet nothing stands in it");
            } else if (mark.state() == State.ESTIMATED && mark.field().estimable() && !measured) {
                problems.add(
                        field,
                        Code.MISSING,
                        field + " is marked estimated; an estimate needs something measured on the motor");
            }
        }
    }

    /** What stands on the plate, whichever way it was come by. */
    private static Set<PlateField> given(
            Optional<PlateDetails> details,
            Connection connection,
            Optional<?> power,
            Optional<?> voltage,
            Optional<?> current,
            Optional<?> speed,
            Optional<?> codeLetter,
            Optional<?> maker,
            Optional<?> serial,
            Optional<?> enclosure) {
        PlateDetails d = details.orElseGet(PlateDetails::none);
        Map<PlateField, Optional<?>> all = new EnumMap<>(PlateField.class);
        all.put(PlateField.RATED_POWER, power);
        all.put(PlateField.RATED_VOLTAGE, voltage);
        all.put(PlateField.RATED_CURRENT, current);
        all.put(PlateField.RATED_SPEED, speed);
        all.put(PlateField.CODE_LETTER, codeLetter);
        all.put(PlateField.MAKER, maker);
        all.put(PlateField.SERIAL, serial);
        all.put(PlateField.ENCLOSURE, enclosure);
        all.put(PlateField.CONNECTION, Optional.ofNullable(connection).filter(c -> c != Connection.UNKNOWN));
        all.put(PlateField.MODEL, d.model());
        all.put(PlateField.FRAME, d.frame());
        all.put(PlateField.DUTY, d.duty());
        all.put(PlateField.SERVICE_FACTOR, d.serviceFactor());
        all.put(PlateField.EFFICIENCY, d.efficiencyPercent());
        all.put(PlateField.POWER_FACTOR, d.powerFactor());
        all.put(PlateField.DESIGN, d.designLetter());
        all.put(PlateField.AMBIENT, d.ambientTemperatureC());
        all.put(PlateField.YEAR, d.yearMade());
        all.put(PlateField.DRIVE_END_BEARING, d.driveEndBearing());
        all.put(PlateField.NON_DRIVE_END_BEARING, d.nonDriveEndBearing());
        all.put(PlateField.HAZARDOUS_MARKING, d.hazardousMarking());
        Set<PlateField> given = EnumSet.of(PlateField.FREQUENCY, PlateField.INSULATION_CLASS);
        all.forEach((field, value) -> {
            if (value.isPresent()) {
                given.add(field);
            }
        });
        return given;
    }

    /** The first rating, as the nameplate worksheet takes it; empty while one of its figures is not known. */
    public Optional<Nameplate> rating() {
        if (ratedPowerW.isEmpty() || ratedVoltageV.isEmpty() || ratedCurrentA.isEmpty() || ratedSpeedRpm.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Nameplate(
                phases,
                frequencyHz,
                ratedPowerW.get(),
                ratedVoltageV.get(),
                ratedCurrentA.get(),
                ratedSpeedRpm.get(),
                codeLetter));
    }

    /** The rating of the other speed, at the same frequency, where the plate carries one. */
    public Optional<RatingBlock> secondSpeed() {
        return ratedSpeedRpm.flatMap(first -> further.orElse(List.of()).stream()
                .filter(b -> b.frequencyHz() == frequencyHz)
                .filter(b -> Math.abs(b.ratedSpeedRpm() - first) > OTHER_SPEED_SHARE * first)
                .findFirst());
    }

    /** Whether the plate says, by mark or by marking, that the motor is explosion-protected. */
    public boolean explosionProtected() {
        return hazardousArea || details.flatMap(PlateDetails::hazardousMarking).isPresent();
    }

    /** How {@code field} was come by; read, where it is given and nobody said otherwise. */
    public State state(PlateField field) {
        return marks.orElse(List.of()).stream()
                .filter(m -> m.field() == field)
                .findFirst()
                .map(FieldMark::state)
                .orElseGet(() -> given(
                                        details,
                                        connection,
                                        ratedPowerW,
                                        ratedVoltageV,
                                        ratedCurrentA,
                                        ratedSpeedRpm,
                                        codeLetter,
                                        maker,
                                        serial,
                                        enclosure)
                                .contains(field)
                        ? State.READ
                        : State.MISSING);
    }

    /** What the winding was taken to be made for by its first rating, for {@code field}. */
    public Optional<Double> figure(PlateField field) {
        return switch (field) {
            case RATED_POWER -> ratedPowerW;
            case RATED_VOLTAGE -> ratedVoltageV;
            case RATED_CURRENT -> ratedCurrentA;
            case RATED_SPEED -> ratedSpeedRpm;
            default -> Optional.empty();
        };
    }
}
