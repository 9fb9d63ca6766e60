package app.brasskettle.core.bank;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the bank says to a take: the windings nearest to it, and whether those in the same core have its turns.
 *
 * @param nearest the nearest few
 * @param judgement what it comes to; empty while core and turns are not all taken, or the bank has no such core
 */
public record BankOpinion(List<BankMatch> nearest, Optional<Judgement> judgement) {

    private static final String SOURCE = "The shop's bank of settled windings";

    /** Holds {@code take} against the windings nearest to it. */
    public static BankOpinion of(WindingTake take, List<BankMatch> nearest) {
        List<BankMatch> twins = nearest.stream()
                .filter(m -> m.fields().size() >= 4)
                .filter(BankMatch::twin)
                .toList();
        return new BankOpinion(
                nearest, twins.isEmpty() ? Optional.empty() : take.turns().map(t -> judge(t, twins)));
    }

    private static Judgement judge(int turns, List<BankMatch> twins) {
        List<Integer> counts = twins.stream()
                .map(m -> m.record().winding().turnsPerCoil())
                .distinct()
                .sorted()
                .toList();
        String these = twins.size() == 1
                ? "One winding in the bank has this core"
                : twins.size() + " windings in the bank have this core";
        String told = counts.size() == 1
                ? (twins.size() == 1 ? ", with " : ", all with ") + counts.get(0) + " turns"
                : ", with " + counts.stream().map(String::valueOf).collect(Collectors.joining(", ")) + " turns";
        if (counts.contains(turns)) {
            return new Judgement(Verdict.HOLDS, these + told + ", as taken here", "", SOURCE, "");
        }
        return new Judgement(
                Verdict.WATCH,
                these + told + "; taken here are " + turns,
                "The same core may be wound for another voltage, connection or number of circuits.",
                SOURCE,
                "Count the wires of another coil, and look at "
                        + twins.get(0).record().key() + ".");
    }
}
