package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Coded;

/** Metal of a winding; its constant is the temperature below 0 °C at which resistance would vanish (IEC 60034-1, 8.6). */
public enum Conductor implements Coded {
    COPPER(234.5),
    ALUMINIUM(225);

    private final double constant;

    Conductor(double constant) {
        this.constant = constant;
    }

    /** Resistance at 25 °C of what reads {@code ohm} at {@code temperatureC}. */
    public double at25(double ohm, double temperatureC) {
        return ohm * (constant + 25) / (constant + temperatureC);
    }

    /** Resistance at {@code temperatureC} of what reads {@code ohm} at 25 °C. */
    public double from25(double ohm, double temperatureC) {
        return ohm * (constant + temperatureC) / (constant + 25);
    }

    /** The constant k of R ∝ k + T, in °C (IEC 60034-1): where the resistance would come to nothing. */
    public double constant() {
        return constant;
    }
}
