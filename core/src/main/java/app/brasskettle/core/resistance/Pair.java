package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Word;

/** Two of the three terminals. */
public enum Pair implements Word {
    AB,
    BC,
    CA;

    /** The pair as it is marked on a bench sheet. */
    public String spoken() {
        return name();
    }
}
