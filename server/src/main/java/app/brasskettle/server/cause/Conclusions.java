package app.brasskettle.server.cause;

import app.brasskettle.core.cause.Chain;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.jobs.Advice;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Conclusions as they are kept: what a person says, beside what the product thought at that moment. */
public final class Conclusions {

    private static final int LONGEST = 400;
    private static final int MAX_RECOMMENDATIONS = 20;

    private Conclusions() {}

    /**
     * What somebody concludes.
     *
     * @param explanation what started it
     * @param reason why; needed where the evidence leads elsewhere, and where it overrules somebody
     * @param root what lies under it: a root of the table by its code, or own words
     * @param recommendations to the customer, as edited
     */
    public record Conclusion(String explanation, String reason, String root, List<String> recommendations) {

        public Conclusion {
            reason = reason == null ? "" : reason.strip();
            root = root == null ? "" : root.strip();
            recommendations = recommendations == null
                    ? List.of()
                    : recommendations.stream()
                            .map(r -> r == null ? "" : r.strip())
                            .filter(r -> !r.isEmpty())
                            .toList();
        }

        /** A conclusion and nothing beside it. */
        public static Conclusion plain(String explanation, String reason) {
            return new Conclusion(explanation, reason, "", List.of());
        }
    }

    /**
     * The record of a conclusion on {@code job} by {@code person}.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException when the explanation is unknown or a reason is missing
     * @throws RefusedException when it says something else than a colleague concluded, and {@code person} is no lead hand
     */
    public static Map<String, Object> detail(ReadJob job, Conclusion said, Person person) {
        FailureRanking ranking = job.reading().ranking();
        FailureRanking.Ranked leader = ranking.ranking().get(0);
        Problems problems = new Problems();
        Optional<Explanation> explanation = Coded.parse(Explanation.class, said.explanation());
        if (explanation.isEmpty()) {
            problems.add("explanation", Problem.Code.WORD, "explanation must be one of the list");
        } else if (!leader.explanation().equals(said.explanation())
                && said.reason().isEmpty()) {
            problems.add(
                    "reason",
                    Problem.Code.MISSING,
                    "The evidence leads to " + leader.label()
                            + ". Say why you conclude otherwise; both stay on record");
        }
        length("reason", said.reason(), problems);
        length("root", said.root(), problems);
        if (problems.size("recommendations", said.recommendations(), 0, MAX_RECOMMENDATIONS)) {
            for (int i = 0; i < said.recommendations().size(); i++) {
                length("recommendations[" + i + "]", said.recommendations().get(i), problems);
            }
        }
        explanation.ifPresent(e -> overruling(job, said, person, problems));
        problems.throwIfAny();
        FailureRanking.Ranked own = ranking.ranking().stream()
                .filter(r -> r.explanation().equals(said.explanation()))
                .findFirst()
                .orElseThrow();
        Advice advice = job.reading().advice().stream()
                .filter(a -> a.explanation().equals(said.explanation()))
                .findFirst()
                .orElseThrow();
        return Map.of(
                "explanation", own.explanation(),
                "label", own.label(),
                "reason", said.reason(),
                "probability", own.probability(),
                "leader", leader.label(),
                "root", root(said.root(), advice),
                "chain", advice.chain().links().stream().map(Chain.Link::words).toList(),
                "recommendations", said.recommendations(),
                "probabilities",
                        ranking.ranking().stream()
                                .map(r -> Map.of("explanation", r.explanation(), "probability", r.probability()))
                                .toList());
    }

    private static void length(String field, String text, Problems problems) {
        if (text.length() > LONGEST) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + LONGEST + " characters");
        }
    }

    /** A colleague's conclusion is a lead hand's to overrule, with a reason; one's own may be changed. */
    private static void overruling(ReadJob job, Conclusion said, Person person, Problems problems) {
        Optional<EventRow> before = job.job()
                .last(EventKind.CONCLUDED)
                .filter(c -> !c.text("explanation").equals(said.explanation()))
                .filter(c -> !JobRow.signed(c.by(), c.imported()).equals(person.displayName()));
        if (before.isEmpty()) {
            return;
        }
        String theirs = JobRow.signed(before.get().by(), before.get().imported()) + " concluded "
                + before.get().text("label");
        if (person.role() != Role.LEAD && person.role() != Role.ADMIN) {
            throw RefusedException.forbidden(theirs + ". A lead hand may overrule it, with a reason");
        }
        if (said.reason().isEmpty() && problems.clear("reason")) {
            problems.add("reason", Problem.Code.MISSING, theirs + ". Say why you overrule it; both stay on record");
        }
    }

    private static String root(String said, Advice advice) {
        return advice.roots().stream()
                .filter(r -> r.root().equals(said))
                .map(r -> r.words())
                .findFirst()
                .orElse(said);
    }
}
