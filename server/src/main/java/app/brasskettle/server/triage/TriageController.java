package app.brasskettle.server.triage;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.triage.TriageInspection;
import app.brasskettle.core.triage.TriageResult;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobIntake;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The pile: look, keep, and make a job of one of them. */
@RestController
@RequestMapping("/api/triage")
class TriageController {

    private static final int MAX_SHOWN = 200;

    /** What a look being entered says so far. */
    record Answered(Optional<TriageResult> result, Map<String, String> shown, List<Problem> problems) {}

    private final TriageStore store;
    private final JobBook book;
    private final AccountStore accounts;

    TriageController(TriageStore store, JobBook book, AccountStore accounts) {
        this.store = store;
        this.book = book;
        this.accounts = accounts;
    }

    @GetMapping
    List<TriageRow> newest() {
        return store.newest(MAX_SHOWN);
    }

    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/preview")
    Answered look(@RequestBody Map<String, Object> typed, Authentication who) {
        TypedInput.Attempt<TriageInspection> attempt = TypedInput.attempt(
                TriageInspection.class, Spelling.of(TriageInspection.class, typed, accounts.units(who)));
        return new Answered(attempt.input().map(WorksheetCatalogue.TRIAGE.work()), attempt.shown(), attempt.problems());
    }

    @PostMapping
    List<TriageRow> keep(@RequestBody Map<String, Object> typed, Authentication who) {
        Person person = People.of(who);
        Map<String, Object> spelt = Spelling.of(TriageInspection.class, typed, accounts.units(who));
        TriageInspection look = TypedInput.read(TriageInspection.class, spelt).input();
        store.add(
                look.mark().strip(),
                spelt,
                WorksheetCatalogue.TRIAGE.work().apply(look),
                person.displayName(),
                ChangeContext.of(person).at());
        return newest();
    }

    /** A job made of a motor from the pile, with what was seen as its complaint; its tag stands on the row then. */
    @PostMapping("/{id}/job")
    @Transactional
    List<TriageRow> job(@PathVariable long id, Authentication who) {
        Person person = People.of(who);
        TriageRow row = store.find(id).orElseThrow(() -> RefusedException.unknown("Nobody looked at a motor " + id));
        row.job().ifPresent(tag -> {
            throw RefusedException.stale("It is job " + tag + " already");
        });
        String tag = book.receive(
                        new JobIntake(
                                "The shop's own pile",
                                "motor " + row.mark(),
                                "From triage. " + row.judgement().headline() + ".",
                                "not known",
                                "can-wait",
                                "0",
                                row.mark(),
                                "",
                                Optional.empty(),
                                Optional.empty()),
                        ChangeContext.of(person))
                .job()
                .row()
                .tag();
        if (!store.became(id, tag)) {
            throw RefusedException.stale("Somebody else made it a job just now. Look at the list again");
        }
        return newest();
    }
}
