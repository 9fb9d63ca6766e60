package app.brasskettle.core.testkind;

import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;

/** What a test asks before it is made. */
public enum AskedGate implements Coded {
    /** The motor on power. */
    POWER,
    /** High voltage on the winding. */
    HIGH_VOLTAGE,
    /** Leads are joined, which asks for a lock-out that stands. */
    LEADS,
    NONE;

    static AskedGate of(TestKind kind) {
        if (kind.highVoltage()) {
            return HIGH_VOLTAGE;
        }
        if (kind.whileRunning()) {
            return POWER;
        }
        return kind.station() == Station.BENCH ? LEADS : NONE;
    }
}
