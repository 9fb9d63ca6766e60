package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Coded;

/** Mistakes a winder makes, as the simulated bare stator can have them. */
public enum WindersMistake implements Coded {
    GROUP_REVERSED("one group the wrong way round"),
    JOINT_OPEN("a joint left open"),
    COIL_SHORTED("a coil shorted in itself"),
    CIRCUIT_SWAPPED("ends of two phases exchanged"),
    WRONG_STAR("a whole phase the wrong way round"),
    SPAN_OFF_BY_ONE("a span of one slot more");

    private final String label;

    WindersMistake(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
