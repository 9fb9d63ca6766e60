package app.brasskettle.core.windingtake;

import app.brasskettle.core.quantity.Figures;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The fields of a take that two people must find alike, in the order of the work: a row a field. */
public enum TakeField {
    SLOTS("slots", "Slots", TakeStage.BEFORE_A_CUT, 0, t -> t.slots().map(Double::valueOf)),
    POLES("poles", "Poles", TakeStage.BEFORE_A_CUT, 0, t -> t.poles().map(Double::valueOf)),
    CIRCUITS(
            "parallelCircuits",
            "Parallel circuits",
            TakeStage.BEFORE_A_CUT,
            0,
            t -> t.parallelCircuits().map(Double::valueOf)),
    CONNECTION(
            "connection",
            "Wye or delta",
            TakeStage.BEFORE_A_CUT,
            0,
            t -> t.connection().map(c -> (double) c.ordinal())),
    TURNS(
            "wiresPerCoil",
            "Turns of a coil",
            TakeStage.ONE_COIL_CUT,
            0,
            t -> t.turns().map(Double::valueOf)),
    IN_HAND(
            "strands",
            "Wires in hand",
            TakeStage.ONE_COIL_CUT,
            0,
            t -> t.inHand().map(Double::valueOf)),
    COPPER("strands", "Copper of a turn, mm²", TakeStage.ONE_COIL_CUT, 3, WindingTake::copperMm2),
    SPAN("spanSlots", "Span", TakeStage.ONE_COIL_CUT, 0, t -> t.spanSlots().map(Double::valueOf)),
    MEAN_TURN(
            "meanTurnLengthM",
            "Mean turn length, mm",
            TakeStage.ONE_COIL_CUT,
            3,
            t -> t.meanTurnLengthM().map(TakeField::mm)),
    BORE("boreDiameterM", "Bore, mm", TakeStage.CORE, 1, t -> t.boreDiameterM().map(TakeField::mm)),
    CORE_LENGTH(
            "coreLengthM",
            "Iron length, mm",
            TakeStage.CORE,
            2,
            t -> t.coreLengthM().map(TakeField::mm)),
    STACKING("stackingFactor", "Stacking factor", TakeStage.CORE, 3, WindingTake::stackingFactor),
    TOOTH(
            "toothWidthM",
            "Tooth width, mm",
            TakeStage.CORE,
            5,
            t -> t.toothWidthM().map(TakeField::mm)),
    BACK_IRON(
            "backIronDepthM",
            "Back iron depth, mm",
            TakeStage.CORE,
            5,
            t -> t.backIronDepthM().map(TakeField::mm)),
    SLOT_AREA("slotAreaMm2", "Slot area, mm²", TakeStage.CORE, 10, WindingTake::slotArea),
    VOLTAGE("ratedVoltageV", "Volts", TakeStage.PLATE, 0, WindingTake::ratedVoltageV),
    FREQUENCY("frequencyHz", "Hertz", TakeStage.PLATE, 0, WindingTake::frequencyHz),
    CURRENT("ratedCurrentA", "Amperes", TakeStage.PLATE, 0, WindingTake::ratedCurrentA);

    private final String field;
    private final String label;
    private final TakeStage stage;
    private final double alikePercent;
    private final Function<WindingTake, Optional<Double>> value;

    TakeField(
            String field,
            String label,
            TakeStage stage,
            double alikePercent,
            Function<WindingTake, Optional<Double>> value) {
        this.field = field;
        this.label = label;
        this.stage = stage;
        this.alikePercent = alikePercent;
        this.value = value;
    }

    /** Returns the field of the sheet where it is written. */
    public String field() {
        return field;
    }

    /** Returns what the screen calls it. */
    public String label() {
        return label;
    }

    /** Returns the stage at which it is taken. */
    public TakeStage stage() {
        return stage;
    }

    /** Returns how far two takes may differ and are alike: nothing for what is counted, by how well it can be measured else. */
    public double alikePercent() {
        return alikePercent;
    }

    /** Returns the fields without which a winding cannot be computed: all of them. */
    static List<TakeField> needed() {
        return Arrays.asList(values());
    }

    Optional<Double> of(WindingTake take) {
        return value.apply(take);
    }

    /** Returns what {@code take} has there, in words; a dash where it has nothing. */
    String shown(WindingTake take) {
        if (this == CONNECTION) {
            return take.connection().map(c -> c.label()).orElse("–");
        }
        return of(take).map(Figures::plain).orElse("–");
    }

    private static double mm(double metres) {
        return 1000 * metres;
    }
}
