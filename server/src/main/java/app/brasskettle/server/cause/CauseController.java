package app.brasskettle.server.cause;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.jobs.GuardedEdits;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.priors.ClosedCauseStore;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Evidence added and struck by hand, and the conclusion by name. */
@RestController
class CauseController {

    /** A piece of evidence added, struck or restored, with the reason for striking it. */
    record EvidenceBody(String code, String action, String reason) {}

    /** Pieces to leave out and to suppose. */
    record WhatIf(List<String> without, List<String> with) {}

    private static final int MOST_LEFT_OUT = 1000;

    /** What this shop's closed jobs taught: the estimated share, the jobs, and the share that comes of both. */
    record Learnt(String explanation, String label, double estimated, int closed, double share) {}

    /** Priors with who last reset what was learnt. */
    record Priors(int countsFor, List<Learnt> learnt, Optional<ClosedCauseStore.Reset> reset) {}

    /** A piece of evidence people can add. */
    record Choice(String code, String kind, String words) {}

    /** An explanation people can conclude. */
    record ExplanationWord(String code, String label) {}

    /** What a cause can be made of. */
    record Vocabulary(List<Choice> evidence, List<ExplanationWord> explanations) {}

    private final JobBook book;
    private final ClosedCauseStore closed;

    CauseController(JobBook book, ClosedCauseStore closed) {
        this.book = book;
        this.closed = closed;
    }

    @GetMapping("/api/cause/vocabulary")
    Vocabulary vocabulary() {
        return new Vocabulary(
                EvidenceTable.shipped().entries().stream()
                        .filter(e -> Coded.parse(Evidence.class, e.code()).isPresent())
                        .map(e -> new Choice(e.code(), e.kind(), e.words()))
                        .toList(),
                Arrays.stream(Explanation.values())
                        .map(e -> new ExplanationWord(e.code(), e.label()))
                        .toList());
    }

    @PostMapping("/api/jobs/{tag}/evidence")
    JobView evidence(@PathVariable String tag, @RequestBody EvidenceBody body, Authentication who) {
        Problems problems = new Problems();
        boolean fact = isRead(tag, body.code());
        if (!fact && Coded.parse(Evidence.class, body.code()).isEmpty()) {
            problems.add("code", Problem.Code.WORD, "code is no piece of evidence this table has");
        }
        if (fact && "add".equals(body.action())) {
            problems.add(
                    "action",
                    Problem.Code.CONTRADICTION,
                    "action is add; what the coil map or an earlier stay says comes from there");
        }
        EventKind kind = EventKind.EVIDENCE_ADDED;
        switch (body.action() == null ? "" : body.action()) {
            case "add" -> kind = EventKind.EVIDENCE_ADDED;
            case "strike" -> {
                kind = EventKind.EVIDENCE_STRUCK;
                problems.name("reason", body.reason());
                boolean guarded = Coded.parse(Evidence.class, body.code() == null ? "" : body.code())
                        .filter(GuardedEdits::guards)
                        .isPresent();
                if (guarded
                        && People.of(who).role() != Role.LEAD
                        && People.of(who).role() != Role.ADMIN) {
                    throw RefusedException.guarded(
                            "That piece holds a gate while it stands. A lead hand may strike it, with a reason");
                }
            }
            case "restore" -> kind = EventKind.EVIDENCE_RESTORED;
            default -> problems.add("action", Problem.Code.WORD, "action must be one of add, strike, restore");
        }
        problems.throwIfAny();
        String words = EvidenceTable.shipped().entry(body.code()).orElseThrow().words();
        return JobViews.of(book.addEvent(
                tag,
                kind,
                Map.of("code", body.code(), "words", words, "reason", body.reason() == null ? "" : body.reason()),
                ChangeContext.of(People.of(who))));
    }

    /** A piece read from this job's coil map or from earlier visits of the motor, which can be struck and not added. */
    private boolean isRead(String tag, String code) {
        if (code == null || Coded.parse(Evidence.class, code).isPresent()) {
            return false;
        }
        JobAssessment job = book.read(tag).reading();
        return job.ranking().facts().stream().anyMatch(f -> f.code().equals(code))
                || job.evidence().stream().anyMatch(p -> p.code().equals(code));
    }

    @PostMapping("/api/jobs/{tag}/conclusion")
    JobView conclude(@PathVariable String tag, @RequestBody Conclusions.Conclusion body, Authentication who) {
        Person person = People.of(who);
        return JobViews.of(book.addEvent(
                tag, EventKind.CONCLUDED, Conclusions.detail(book.read(tag), body, person), ChangeContext.of(person)));
    }

    /** The ranking if some pieces did not count and others were there; nothing is kept. */
    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/api/jobs/{tag}/cause/what-if")
    FailureRanking whatIf(@PathVariable String tag, @RequestBody WhatIf body) {
        Problems problems = new Problems();
        List<Evidence> with = new ArrayList<>();
        for (String code : body.with() == null ? List.<String>of() : body.with()) {
            Coded.parse(Evidence.class, code)
                    .ifPresentOrElse(
                            with::add,
                            () -> problems.add(
                                    "with",
                                    Problem.Code.WORD,
                                    "“" + code + "” is no piece of evidence this table has"));
        }
        List<String> left = body.without() == null ? List.of() : body.without();
        problems.size("without", left, 0, MOST_LEFT_OUT);
        problems.throwIfAny();
        Set<String> without = Set.copyOf(left);
        return JobAssessment.whatIf(book.record(tag), without, with);
    }

    @GetMapping("/api/cause/priors")
    Priors priors() {
        Map<Explanation, Integer> counts = closed.counts();
        EvidenceTable estimated = EvidenceTable.shipped().learnt(Map.of());
        EvidenceTable learnt = EvidenceTable.shipped().learnt(counts);
        return new Priors(
                EvidenceTable.ESTIMATE_COUNTS_FOR,
                Arrays.stream(Explanation.values())
                        .map(e -> new Learnt(
                                e.code(), e.label(), estimated.share(e), counts.getOrDefault(e, 0), learnt.share(e)))
                        .toList(),
                closed.lastReset());
    }

    @PostMapping("/api/cause/priors/reset")
    Priors reset(Authentication who) {
        closed.reset(People.of(who, Role.LEAD, Role.ADMIN).displayName(), JobClock.now());
        return priors();
    }
}
