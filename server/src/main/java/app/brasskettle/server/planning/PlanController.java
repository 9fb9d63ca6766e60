package app.brasskettle.server.planning;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.printing.PdfPrinter;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.settings.SettingsStore;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The plan of the shop. */
@RestController
@RequestMapping("/api/plan")
class PlanController {

    private static final int LONGEST_SEARCH_S = 300;

    private final PlanBook book;
    private final PlanMaking making;
    private final SearchStore searches;
    private final PdfPrinter printer;
    private final SettingsStore settings;
    private final AccountStore accounts;

    PlanController(
            PlanBook book,
            PlanMaking making,
            SearchStore searches,
            PdfPrinter printer,
            SettingsStore settings,
            AccountStore accounts) {
        this.accounts = accounts;
        this.book = book;
        this.making = making;
        this.searches = searches;
        this.printer = printer;
        this.settings = settings;
    }

    /** How long to search. */
    record SearchBody(Integer seconds) {}

    /** A motor as typed, and how long to search for a plan with it. */
    record WhatIfBody(Integer seconds, Map<String, Object> typed) {}

    /** A motor as typed. */
    record PromiseBody(Map<String, Object> typed) {}

    /** A task to be moved in its lane. */
    record MoveBody(String task, Boolean earlier) {}

    /** Why a motor is expected no more. */
    record EndBody(String why) {}

    /** How far the search is. */
    record Progress(Optional<SearchStore.Search> search) {}

    @GetMapping
    PlanView view() {
        return book.view();
    }

    @GetMapping("/search")
    Progress progress() {
        return new Progress(searches.last());
    }

    @GetMapping("/drift")
    PlanBook.Drifted drift() {
        return book.drifted();
    }

    @PostMapping("/search")
    Progress search(@RequestBody SearchBody body, Authentication who) {
        Person person = planner(who);
        seconds(body.seconds());
        making.begin(
                new PlanMaking.Question("week", "Everything in the shop", Optional.empty()),
                body.seconds(),
                person.displayName());
        return progress();
    }

    @PostMapping("/what-if")
    Progress whatIf(@RequestBody WhatIfBody body, Authentication who) {
        Person person = planner(who);
        seconds(body.seconds());
        ExpectedMotor motor = motor(body.typed(), who);
        making.begin(
                new PlanMaking.Question("what-if", motor.words(), Optional.of(motor)),
                body.seconds(),
                person.displayName());
        return progress();
    }

    @PostMapping("/search/stop")
    @Unkeyed("Asked twice it is asked once")
    Progress stop(Authentication who) {
        planner(who);
        searches.askStop();
        return progress();
    }

    @PostMapping("/promise")
    @Unkeyed("Looks ahead and keeps nothing")
    PlanMaking.PromiseView promise(@RequestBody PromiseBody body, Authentication who) {
        return making.promise(motor(body.typed(), who));
    }

    @PostMapping("/moves")
    PlanView move(@RequestBody MoveBody body, Authentication who) {
        Person person = planner(who);
        Problems problems = new Problems();
        problems.name("task", body.task());
        problems.present("earlier", body.earlier());
        problems.throwIfAny();
        making.move(body.task(), body.earlier(), person.displayName());
        return book.view();
    }

    @PostMapping("/proposals/{id}/accept")
    PlanView accept(@PathVariable long id, Authentication who) {
        book.accept(id, planner(who).displayName());
        return book.view();
    }

    @PostMapping("/proposals/{id}/discard")
    PlanView discard(@PathVariable long id, Authentication who) {
        book.discard(id, planner(who).displayName());
        return book.view();
    }

    @PostMapping("/expected/{expected}/end")
    PlanBook.Drifted expectNoMore(@PathVariable String expected, @RequestBody EndBody body, Authentication who) {
        Person person = planner(who);
        Problems problems = new Problems();
        problems.name("why", body.why());
        problems.throwIfAny();
        book.expectNoMore(expected, body.why().strip(), person.displayName());
        return book.drifted();
    }

    @GetMapping(value = "/wall.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] wall() {
        return printer.print(WallSheet.html(book.view(), settings.current()));
    }

    private static Person planner(Authentication who) {
        return People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN);
    }

    private ExpectedMotor motor(Map<String, Object> typed, Authentication who) {
        return TypedInput.read(
                        ExpectedMotor.class,
                        Spelling.of(ExpectedMotor.class, typed == null ? Map.of() : typed, accounts.units(who)))
                .input();
    }

    private static void seconds(Integer seconds) {
        Problems problems = new Problems();
        if (seconds == null || seconds < 1 || seconds > LONGEST_SEARCH_S) {
            problems.add(
                    "seconds",
                    Problem.Code.RANGE,
                    "seconds is " + seconds + "; it must be from 1 to " + LONGEST_SEARCH_S);
        }
        problems.throwIfAny();
    }
}
