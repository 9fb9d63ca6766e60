package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Word;

/** How far a fault of a simulated motor has gone. */
public enum Severity implements Word {
    SLIGHT(0.4),
    CLEAR(1),
    SEVERE(2.5);

    private final double strength;

    Severity(double strength) {
        this.strength = strength;
    }

    /** Size of the fault against a clear one. */
    double strength() {
        return strength;
    }
}
