package app.brasskettle.server.testrecord;

import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Origin;
import java.time.OffsetDateTime;
import java.util.Map;
import java.util.Optional;

/**
 * A test as stored.
 *
 * @param input its readings; empty where they are traces, which are read by themselves
 * @param corrected true where the one in its place corrects a typing error of it
 * @param besideEarlier true where an earlier visit's traces were laid beside it
 */
public record TestRow(
        long id,
        TestKind kind,
        int speed,
        Map<String, Object> typed,
        Map<String, Object> input,
        Origin origin,
        String originNote,
        Optional<Double> appliedV,
        Optional<InstrumentRow> instrument,
        String by,
        OffsetDateTime at,
        Optional<Long> supersededBy,
        Optional<String> supersededBecause,
        boolean corrected,
        boolean besideEarlier) {

    /** Key under which the test stands on its job. */
    public String key() {
        return key(kind, speed);
    }

    public static String key(TestKind kind, int speed) {
        return speed == 1 ? kind.code() : kind.code() + "/" + speed;
    }

    public boolean stands() {
        return supersededBy.isEmpty();
    }

    public boolean simulated() {
        return origin == Origin.SIMULATED;
    }
}
