package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Coded;

/** Two of the three terminals. */
public enum Pair implements Coded {
    AB,
    BC,
    CA;

    /** The pair as it is marked on a bench sheet. */
    public String label() {
        return name();
    }
}
