package app.brasskettle.core.rewind;

import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.work.JobStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A curve of an oven as it is drawn: a few hundred readings at most, and never without the hottest one.
 *
 * @param step path of the step it belongs to
 * @param name what was in the oven
 * @param readings in the order of time
 * @param holdC temperature from which time counts
 * @param limitC temperature that the part must not pass
 * @param simulated whether the simulated oven gave them
 */
public record OvenTrace(
        String step, String name, List<OvenReading> readings, double holdC, double limitC, boolean simulated) {

    private static final int MOST_DRAWN = 300;

    /** Every curve of a record that has two readings or more. */
    static List<OvenTrace> of(RewindRecord record, ShopRules rules) {
        List<OvenTrace> all = new ArrayList<>();
        record.stripping()
                .map(RewindRecord.Written::sheet)
                .ifPresent(s -> add(all, JobStep.STRIPPING, "Burnout", s.oven(), s.holdC(rules), s.limitC(rules)));
        record.varnishing().map(RewindRecord.Written::sheet).ifPresent(v -> {
            for (int i = 0; i < v.passes().size(); i++) {
                add(all, JobStep.VARNISH, "Bake " + (i + 1), v.passes().get(i).oven(), v.holdC(rules), v.limitC(rules));
            }
        });
        return List.copyOf(all);
    }

    private static void add(
            List<OvenTrace> all, JobStep step, String name, OvenLook look, double holdC, double limitC) {
        if (look.readings().size() > 1) {
            all.add(new OvenTrace(step.path(), name, thinned(look.readings()), holdC, limitC, look.simulated()));
        }
    }

    /** The hottest of so many at a time. */
    private static List<OvenReading> thinned(List<OvenReading> readings) {
        int at = (readings.size() + MOST_DRAWN - 1) / MOST_DRAWN;
        List<OvenReading> drawn = new ArrayList<>();
        for (int i = 0; i < readings.size(); i += at) {
            drawn.add(readings.subList(i, Math.min(readings.size(), i + at)).stream()
                    .max(Comparator.comparingDouble(OvenReading::partC))
                    .orElseThrow());
        }
        return List.copyOf(drawn);
    }
}
