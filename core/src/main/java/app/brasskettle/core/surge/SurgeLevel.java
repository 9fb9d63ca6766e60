package app.brasskettle.core.surge;

import app.brasskettle.core.worksheet.Coded;

/**
 * Peak voltage of a surge test.
 *
 * <p>Under 1 kV: 2U+1000, of which 75 % for a partly rewound or reconditioned winding and 65 % in service. From 1 kV:
 * 3.5 times U·√2/√3 new or partly rewound, 2.6 times else (IEEE Std 522). A repeat is not reduced.
 */
public final class SurgeLevel {

    /** How new the winding is. */
    public enum State implements Coded {
        NEW,
        PARTLY_REWOUND,
        RECONDITIONED,
        IN_SERVICE
    }

    private SurgeLevel() {}

    /** Peak in V for {@code ratedV} line to line. */
    public static double peakV(double ratedV, State state) {
        if (ratedV >= 1000) {
            double perUnit = ratedV * Math.sqrt(2) / Math.sqrt(3);
            boolean fresh = state == State.NEW || state == State.PARTLY_REWOUND;
            return (fresh ? 3.5 : 2.6) * perUnit;
        }
        return inTheWorkshop(ratedV, state);
    }

    /** The workshop's choice at every voltage: 2U+1000 in V, of which a part for what is not new. */
    public static double inTheWorkshop(double ratedV, State state) {
        double full = 2 * ratedV + 1000;
        return switch (state) {
            case NEW -> full;
            case PARTLY_REWOUND, RECONDITIONED -> 0.75 * full;
            case IN_SERVICE -> 0.65 * full;
        };
    }
}
