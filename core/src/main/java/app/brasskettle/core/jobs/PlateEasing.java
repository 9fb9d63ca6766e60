package app.brasskettle.core.jobs;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The plate is a limit: once a test was judged by it, a change of a fact it stated that eases any judgement, or lowers a limit that the
 * next reading is judged by, is a lead hand's, with a reason. What the plate did not say may be added by anybody.
 */
public final class PlateEasing {

    private PlateEasing() {}

    /**
     * Says, a sentence each, what a change of the plate would ease.
     *
     * @param before the plate that stands
     * @param after the plate as it is to be
     * @param now the job as it reads
     * @param then the job as it would read with the other plate
     * @param rules the shop's rules
     */
    public static List<String> of(Plate before, Plate after, JobAssessment now, JobAssessment then, ShopRules rules) {
        boolean judged = now.tests().all().stream().anyMatch(t -> !t.kind().checksTester());
        if (!judged || !changesStated(before, after)) {
            return List.of();
        }
        List<String> eased = new ArrayList<>();
        for (int i = 0; i < now.tests().all().size(); i++) {
            JudgedTest test = now.tests().all().get(i);
            Verdict other = then.tests().all().get(i).verdict();
            if (other.betterThan(test.verdict())) {
                eased.add(test.kind().label() + " is " + test.verdict().label()
                        + " by the plate that stands; by this one it would be " + other.label());
            }
        }
        Set<List<String>> left = then.gate().holding().stream()
                .map(r -> List.of(r.code(), r.step()))
                .collect(Collectors.toSet());
        now.gate().holding().stream()
                .filter(EnergiseGate.Reason::outlastsDay)
                .filter(r -> !left.contains(List.of(r.code(), r.step())))
                .map(r -> "Power is held by: " + r.sentence() + "; this plate would lift it")
                .forEach(eased::add);
        eased.addAll(new PlateLimits(before, rules, now.windingState()).loweredBy(after));
        return List.copyOf(eased);
    }

    /** Whether a fact that limits rest on, and that the plate stated, is another one now. */
    private static boolean changesStated(Plate before, Plate after) {
        Map<String, String> was = PlateChanges.basis(before);
        Map<String, String> is = PlateChanges.basis(after);
        return was.entrySet().stream()
                .anyMatch(e -> !PlateChanges.UNSTATED.contains(e.getValue())
                        && !e.getValue().equals(is.get(e.getKey())));
    }
}
