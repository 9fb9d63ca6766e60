package app.brasskettle.core.cause;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.MapFact;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;

/** Ranking of explanations by the evidence for and against each. */
public final class FailurePatternWorksheet {

    /** From here the leading explanation counts as decided. */
    private static final double DECIDED = 0.8;
    /** Two explanations closer than this factor stay undecided. */
    private static final double CLOSE = 2;

    private static final String DEAD_THOUGH_CLEAN = "dead-ground-clean-winding";
    private static final Set<String> CLEAN = Set.of(Evidence.WINDING_LOOKS_SOUND.code(), "map-all-bright");
    private static final Set<String> CARRY_LEAKAGE = Set.of(
            Evidence.WINDING_WET.code(),
            Evidence.WINDING_DIRTY.code(),
            Evidence.OIL_IN_WINDING.code(),
            Evidence.FLOODED_OR_WASHED.code());

    private static final String SOURCE = "Evidence table, naive Bayes in decibans";

    private FailurePatternWorksheet() {}

    public static Worksheet<FailurePattern, FailureRanking> create(EvidenceTable table) {
        return new Worksheet<>(
                "failure-pattern",
                "Failure pattern",
                FailurePattern.class,
                List.of("Evidence table of this product, one reason for each weight"),
                p -> weigh(p, p.map().facts(), List.of(), table, Set.of()));
    }

    /**
     * Explanations weighed on a job.
     *
     * @param facts what its coil map says, which may know more of the winding than {@code pattern}
     * @param earlier what the same motor failed of before
     * @param without codes that do not count: struck by somebody, or left out to see what they carry
     */
    public static FailureRanking weigh(
            FailurePattern pattern,
            List<MapFact> facts,
            List<EarlierFailure> earlier,
            EvidenceTable table,
            Set<String> without) {
        List<String> codes = new ArrayList<>();
        facts.forEach(f -> codes.add(f.code()));
        pattern.evidence().stream().map(Coded::code).forEach(codes::add);
        earlier.stream().map(EarlierFailure::code).distinct().forEach(codes::add);
        if (threePhase(pattern) && !codes.contains(Evidence.SINGLE_PHASE.code())) {
            codes.add(Evidence.THREE_PHASE.code());
        }
        if (!pattern.groups().isEmpty()) {
            codes.addAll(table.quiet(codes));
        }
        codes.removeAll(without);
        if (deadThoughClean(codes)) {
            codes.add(DEAD_THOUGH_CLEAN);
        }
        Posterior belief = new Posterior(table, codes);
        List<FailureRanking.Ranked> ranking = belief.ranked().stream()
                .map(e -> new FailureRanking.Ranked(
                        e.code(),
                        e.label(),
                        belief.of(e),
                        belief.priorDecibans(e),
                        belief.sumDecibans(e),
                        belief.pieces(e, true),
                        belief.pieces(e, false)))
                .toList();
        List<FailureRanking.Look> looks =
                new NextInspection(table, belief).after(codes, !pattern.groups().isEmpty());
        return new FailureRanking(
                ranking,
                looks.stream().map(FailureRanking.Look::code).toList(),
                looks,
                facts.stream()
                        .map(f -> new FailureRanking.Fact(f.code(), f.sentence(), without.contains(f.code())))
                        .toList(),
                judge(ranking, codes.stream().allMatch(table::comesByItself), looks));
    }

    /** A dead ground in a winding found clean and dry: together they say more than each for itself. */
    private static boolean deadThoughClean(List<String> codes) {
        return codes.contains(Evidence.DEAD_GROUND.code())
                && !Collections.disjoint(codes, CLEAN)
                && Collections.disjoint(codes, CARRY_LEAKAGE);
    }

    /** Wye, delta and groups in threes are a three-phase winding, whether a plate says so or not. */
    private static boolean threePhase(FailurePattern pattern) {
        return !pattern.evidence().contains(Evidence.THREE_PHASE)
                && (pattern.connection() != Connection.UNKNOWN
                        || !pattern.groups().isEmpty());
    }

    private static Judgement judge(
            List<FailureRanking.Ranked> ranking, boolean nothing, List<FailureRanking.Look> looks) {
        FailureRanking.Ranked first = ranking.get(0);
        FailureRanking.Ranked second = ranking.get(1);
        String figures = share(first) + ", then " + share(second);
        String next = looks.isEmpty() ? "Conclude, by name." : looks.get(0).ask();
        if (nothing) {
            return new Judgement(
                    Verdict.UNPROVEN, "No evidence yet: only how often each cause comes up", figures, SOURCE, next);
        }
        if (first.probability() < CLOSE * second.probability()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Undecided between " + first.label() + " and " + second.label(),
                    figures + ": under twice as likely",
                    SOURCE,
                    next);
        }
        boolean decided = first.probability() >= DECIDED;
        return new Judgement(
                decided ? Verdict.HOLDS : Verdict.WATCH,
                (decided ? "Looks like " : "Most likely ") + first.label() + ", " + percent(first.probability()),
                figures + (decided ? "" : "; under 80 % it may still turn"),
                SOURCE,
                decided ? "Conclude, by name, and ask what keeps it from coming back." : next);
    }

    private static String share(FailureRanking.Ranked r) {
        return r.label() + " " + percent(r.probability());
    }

    private static String percent(double probability) {
        return Figures.chance(probability);
    }
}
