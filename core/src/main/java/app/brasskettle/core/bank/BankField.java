package app.brasskettle.core.bank;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Coded;
import java.util.function.ToDoubleFunction;

/** What a winding is looked for by: a row a field, with the scale on which it is near or far. */
public enum BankField implements Coded {
    POWER("ratedPowerW", "Power", Scale.RATIO, 0.2, 0.03, r -> r.ratedPowerW().orElse(Double.NaN)),
    POLES("poles", "Poles", Scale.STEPS, 0.5, 0, r -> r.winding().poles()),
    SLOTS("slots", "Slots", Scale.STEPS, 3, 0, r -> r.winding().slots()),
    BORE("boreDiameterM", "Bore", Scale.RATIO, 0.04, 0.01, r -> r.winding().boreDiameterM()),
    LENGTH(
            "coreLengthM",
            "Iron length",
            Scale.RATIO,
            0.06,
            0.02,
            r -> r.winding().coreLengthM()),
    SPAN("spanSlots", "Span", Scale.STEPS, 1, 0, r -> r.winding().spanSlots()),
    VOLTAGE("ratedVoltageV", "Volts", Scale.RATIO, 0.15, 0.01, r -> r.winding().ratedVoltageV()),
    FREQUENCY("frequencyHz", "Hertz", Scale.RATIO, 0.15, 0.01, r -> r.winding().frequencyHz());

    private enum Scale {
        RATIO,
        STEPS
    }

    private final String field;
    private final String label;
    private final Scale scale;
    private final double unit;
    private final double alike;
    private final ToDoubleFunction<BankRecord> value;

    /**
     * Describes a field.
     *
     * @param field name in records and questions
     * @param label what the screen calls it
     * @param scale whether it is near by its ratio or by steps
     * @param unit ratio less one, or steps, that make a distance of one
     * @param alike ratio less one, or steps, within which it does not differ
     * @param value reads it; NaN where a record has none
     */
    BankField(String field, String label, Scale scale, double unit, double alike, ToDoubleFunction<BankRecord> value) {
        this.field = field;
        this.label = label;
        this.scale = scale;
        this.unit = unit;
        this.alike = alike;
        this.value = value;
    }

    /** Returns its name in records and questions. */
    public String field() {
        return field;
    }

    @Override
    public String label() {
        return label;
    }

    /** Reads it; NaN where the record has none. */
    public double of(BankRecord record) {
        return value.applyAsDouble(record);
    }

    /** Returns how far {@code there} is from {@code asked}, 1 for a usual step; what a record does not tell is one step off. */
    double distance(double asked, double there) {
        if (Double.isNaN(there)) {
            return 1;
        }
        return scale == Scale.STEPS
                ? Math.abs(asked - there) / unit
                : Math.abs(Math.log(there / asked)) / Math.log1p(unit);
    }

    /** Tells whether {@code there} differs from {@code asked} by more than a tape or a counter errs. */
    boolean differs(double asked, double there) {
        if (Double.isNaN(there)) {
            return true;
        }
        return scale == Scale.STEPS
                ? Math.abs(asked - there) > alike
                : Math.abs(Math.log(there / asked)) > Math.log1p(alike) + 1e-9;
    }

    /** Writes a figure of it. */
    String shown(double value) {
        return Double.isNaN(value) ? "not told" : Figures.show(value, Dimension.ofField(field));
    }
}
