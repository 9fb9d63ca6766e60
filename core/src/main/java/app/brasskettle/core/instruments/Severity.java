package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Coded;

/** How far a fault of a simulated motor has gone. */
public enum Severity implements Coded {
    SLIGHT(0.4),
    MODERATE(1),
    SEVERE(2.5);

    private final double strength;

    Severity(double strength) {
        this.strength = strength;
    }

    /** Size of the fault against a moderate one. */
    double strength() {
        return strength;
    }
}
