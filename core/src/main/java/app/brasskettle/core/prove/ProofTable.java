package app.brasskettle.core.prove;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The proof of a motor, or of its new winding before varnish.
 *
 * @param rows each test, in the safe order of the bench
 * @param simulated tests that rest on simulated readings
 * @param worse what is worse than as received
 * @param judgement whether it is proved
 */
public record ProofTable(List<ProofRow> rows, List<String> simulated, List<String> worse, Judgement judgement) {

    private static final String SOURCE = "Each test by its own limits";
    private static final int NAMED = 4;

    static ProofTable of(List<ProofRow> rows, String whole, boolean simulatedHolds) {
        List<String> simulated =
                rows.stream().filter(ProofRow::simulated).map(ProofRow::test).toList();
        List<String> worse = rows.stream().flatMap(r -> r.worse().stream()).toList();
        return new ProofTable(
                List.copyOf(rows), simulated, worse, judge(rows, whole, simulatedHolds ? simulated : List.of(), worse));
    }

    private static Judgement judge(List<ProofRow> rows, String whole, List<String> simulated, List<String> worse) {
        Optional<ProofRow> stop =
                rows.stream().filter(r -> r.verdict() == Verdict.STOP).findFirst();
        if (stop.isPresent()) {
            Judgement j = stop.get().judgement();
            return new Judgement(
                    Verdict.STOP, stop.get().test() + ": " + lower(j.headline()), j.because(), j.source(), j.next());
        }
        List<ProofRow> open = rows.stream()
                .filter(r -> r.required() && r.verdict() == Verdict.UNPROVEN)
                .toList();
        if (!open.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    open.size() + " of "
                            + rows.stream().filter(ProofRow::required).count() + " tests are not proved",
                    named(open.stream().map(ProofRow::test).toList()),
                    SOURCE,
                    open.get(0).test() + ": " + lower(open.get(0).judgement().next()));
        }
        if (!simulated.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Simulated readings prove no motor",
                    named(simulated),
                    SOURCE,
                    "Take them with an instrument of the shop.");
        }
        List<String> watched = rows.stream()
                .filter(r -> r.required() && r.verdict() == Verdict.WATCH)
                .map(ProofRow::test)
                .toList();
        if (!worse.isEmpty() || !watched.isEmpty()) {
            return new Judgement(
                    Verdict.WATCH,
                    whole + (worse.isEmpty() ? ", with something to watch" : ", and worse than as received in places"),
                    worse.isEmpty() ? named(watched) : String.join("; ", worse),
                    SOURCE,
                    "Say so to whoever signs, and to the customer.");
        }
        return new Judgement(Verdict.HOLDS, whole, rows.size() + " tests hold", SOURCE, "");
    }

    private static String named(List<String> tests) {
        return tests.stream().limit(NAMED).collect(Collectors.joining(", "))
                + (tests.size() > NAMED ? " and " + (tests.size() - NAMED) + " more" : "");
    }

    private static String lower(String sentence) {
        return sentence.isEmpty()
                ? sentence
                : sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }
}
