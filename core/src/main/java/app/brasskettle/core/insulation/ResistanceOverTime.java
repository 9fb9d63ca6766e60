package app.brasskettle.core.insulation;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Resistance read at moments, and between them. */
final class ResistanceOverTime {

    /** A resistance, or the least it can be. */
    record Value(double megohm, boolean atLeast) {}

    private final List<TimedReading> sorted;

    ResistanceOverTime(List<TimedReading> readings) {
        this.sorted = readings.stream()
                .sorted(Comparator.comparingDouble(TimedReading::seconds))
                .toList();
    }

    TimedReading first() {
        return sorted.get(0);
    }

    TimedReading latest() {
        return sorted.get(sorted.size() - 1);
    }

    /** What was read at {@code seconds}, else the straight line between the readings on either side. */
    Optional<Value> at(double seconds) {
        TimedReading before = null;
        for (TimedReading r : sorted) {
            if (r.seconds() == seconds) {
                return Optional.of(new Value(r.megohm(), r.beyond()));
            }
            if (r.seconds() > seconds) {
                return before == null ? Optional.empty() : Optional.of(between(before, r, seconds));
            }
            before = r;
        }
        return Optional.empty();
    }

    private static Value between(TimedReading before, TimedReading after, double seconds) {
        if (before.beyond() || after.beyond()) {
            return new Value(Math.min(before.megohm(), after.megohm()), true);
        }
        double share = (seconds - before.seconds()) / (after.seconds() - before.seconds());
        return new Value(before.megohm() + share * (after.megohm() - before.megohm()), false);
    }
}
