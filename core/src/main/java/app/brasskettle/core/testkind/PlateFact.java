package app.brasskettle.core.testkind;

import app.brasskettle.core.extension.KeySizes;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.nameplate.FrameName;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.worksheet.Coded;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * One thing the nameplate says to a test.
 *
 * @param field the field of the readings that it fills
 * @param force how far it decides
 * @param says figure or word, by plate and rating of the second speed; empty where the plate does not say it
 */
public record PlateFact(String field, Force force, BiFunction<Plate, Optional<RatingBlock>, Optional<?>> says) {

    /** How far the plate decides a field. */
    public enum Force {
        /** Nobody is asked; the plate answers. */
        DECIDES,
        /** The plate answers where it can; the field is asked for where it cannot. */
        OVERRIDES,
        /** Used where nothing was typed. */
        SUGGESTS
    }

    public static final PlateFact VOLTAGE = plate("ratedVoltageV", Plate::ratedVoltageV);
    public static final PlateFact POWER = plate("ratedPowerW", Plate::ratedPowerW);
    public static final PlateFact FREQUENCY = plate("frequencyHz", p -> Optional.of(p.frequencyHz()));
    public static final PlateFact WINDING_KIND = plate("windingKind", p -> word(p.windingKind()));
    public static final PlateFact INSULATION_CLASS = plate("insulationClass", p -> word(p.insulationClass()));
    public static final PlateFact MADE_BEFORE_1970 = plate("madeBefore1970", p -> Optional.of(p.madeBefore1970()));
    public static final PlateFact CONNECTION_OF_SPEED = speed(
            "connection",
            (p, second) -> word(second.map(RatingBlock::connection).orElse(p.connection())));
    public static final PlateFact VOLTAGE_OF_SPEED = speed(
            "ratedVoltageV",
            (p, second) -> second.map(RatingBlock::ratedVoltageV).or(p::ratedVoltageV));
    public static final PlateFact CURRENT_OF_SPEED = speed(
            "ratedCurrentA",
            (p, second) -> second.map(RatingBlock::ratedCurrentA).or(p::ratedCurrentA));
    public static final PlateFact POWER_OF_SPEED = speed(
            "ratedPowerW", (p, second) -> second.map(RatingBlock::ratedPowerW).or(p::ratedPowerW));
    public static final PlateFact RPM_OF_SPEED = speed(
            "ratedSpeedRpm",
            (p, second) -> second.map(RatingBlock::ratedSpeedRpm).or(p::ratedSpeedRpm));
    public static final PlateFact POLES_OF_SPEED = speed("poles", PlateFact::poles);
    public static final PlateFact SHAFT_HEIGHT =
            new PlateFact("shaftHeightMm", Force.OVERRIDES, (p, second) -> frame(p).flatMap(FrameName::shaftHeightMm));
    public static final PlateFact KEY_SIZES = new PlateFact(
            "keySizes",
            Force.SUGGESTS,
            (p, second) -> frame(p).filter(FrameName::nema).map(f -> KeySizes.NEMA.code()));
    public static final PlateFact USUAL_INSULATION_SYSTEM =
            new PlateFact("insulationSystem", Force.SUGGESTS, (p, second) -> word(InsulationSystem.THERMOSETTING));
    public static final PlateFact USUAL_CONDUCTOR =
            new PlateFact("conductor", Force.SUGGESTS, (p, second) -> word(Conductor.COPPER));

    private static PlateFact plate(String field, java.util.function.Function<Plate, Optional<?>> says) {
        return speed(field, (p, second) -> says.apply(p));
    }

    private static PlateFact speed(String field, BiFunction<Plate, Optional<RatingBlock>, Optional<?>> says) {
        return new PlateFact(field, Force.DECIDES, says);
    }

    private static Optional<String> word(Coded term) {
        return Optional.of(term.code());
    }

    private static Optional<String> frame(Plate plate) {
        return plate.details().flatMap(PlateDetails::frame);
    }

    /** Finds the poles of the speed at hand; empty while the plate does not tell them. */
    public static Optional<Integer> poles(Plate plate, Optional<RatingBlock> second) {
        return second.map(RatingBlock::poles).or(() -> PlateAssessment.of(plate).poles());
    }

    boolean decides() {
        return force == Force.DECIDES;
    }
}
