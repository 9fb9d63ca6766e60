package app.brasskettle.core.connection;

import app.brasskettle.core.worksheet.Coded;

/** What can be joined wrongly. */
public enum Misconnection implements Coded {
    GROUP_REVERSED("one group the wrong way round"),
    JOINT_OPEN("a joint left open"),
    CIRCUIT_SWAPPED("ends of two phases exchanged"),
    WRONG_STAR("a whole phase the wrong way round: the star, or the leads, at its other end");

    private final String label;

    Misconnection(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
