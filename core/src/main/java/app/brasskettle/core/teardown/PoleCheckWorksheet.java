package app.brasskettle.core.teardown;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Every pole carries field, or the ones that do not are named. */
public final class PoleCheckWorksheet {

    private static final String SOURCE = "Shop rule: a few volts and a steel blade at each pole";

    private PoleCheckWorksheet() {}

    public static Worksheet<PoleCheck, PoleCheckResult> create() {
        return new Worksheet<>(
                "pole-check", "Poles by the blade", PoleCheck.class, List.of("Shop rule"), PoleCheckWorksheet::work);
    }

    private static PoleCheckResult work(PoleCheck check) {
        List<Integer> weak = poles(check, PoleCheck.Pull.WEAK);
        List<Integer> dead = poles(check, PoleCheck.Pull.NONE);
        return new PoleCheckResult(weak, dead, judge(check, weak, dead));
    }

    private static List<Integer> poles(PoleCheck check, PoleCheck.Pull pull) {
        return IntStream.range(0, check.felt().size())
                .filter(i -> check.felt().get(i) == pull)
                .mapToObj(i -> i + 1)
                .toList();
    }

    private static Judgement judge(PoleCheck check, List<Integer> weak, List<Integer> dead) {
        if (!dead.isEmpty()) {
            return new Judgement(
                    Verdict.STOP,
                    "No field at pole " + named(dead) + " of " + check.poles(),
                    "",
                    SOURCE,
                    "An open or reversed group there: follow its leads and joints.");
        }
        if (!weak.isEmpty()) {
            return new Judgement(
                    Verdict.WATCH,
                    "Weak field at pole " + named(weak) + " of " + check.poles(),
                    "",
                    SOURCE,
                    "Shorted turns or a wrong number of turns in that group: surge it.");
        }
        return new Judgement(
                Verdict.HOLDS, "All " + check.poles() + " poles pull alike", "", SOURCE, "Connected as it should be.");
    }

    private static String named(List<Integer> poles) {
        return poles.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }
}
