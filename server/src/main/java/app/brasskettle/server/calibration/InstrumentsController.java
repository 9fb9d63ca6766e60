package app.brasskettle.server.calibration;

import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.problems.RefusedException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The list of the shop's instruments: everybody reads it, lead hands keep it. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentsController {

    /** An instrument as typed; the day as 2027-03-31. */
    record InstrumentBody(String name, String serial, String kind, String calibrationDue, Boolean retired) {}

    /** A kind of instrument that a shop can have. */
    record KindWord(String word, String label) {}

    private static final int LONGEST = 80;

    private final InstrumentStore store;

    InstrumentsController(InstrumentStore store) {
        this.store = store;
    }

    @GetMapping
    List<ShopInstrument> list() {
        return store.all();
    }

    @GetMapping("/kinds")
    List<KindWord> kinds() {
        return Arrays.stream(InstrumentKind.values())
                .map(k -> new KindWord(k.code(), k.label()))
                .toList();
    }

    @PostMapping
    List<ShopInstrument> add(@RequestBody InstrumentBody body, Authentication who) {
        People.of(who, Role.LEAD, Role.ADMIN);
        LocalDate due = check(body, false);
        try {
            store.add(body.name().strip(), body.serial().strip(), kind(body).orElseThrow(), due);
        } catch (DuplicateKeyException twice) {
            throw taken(body);
        }
        return store.all();
    }

    @PutMapping("/{id}")
    List<ShopInstrument> write(@PathVariable long id, @RequestBody InstrumentBody body, Authentication who) {
        People.of(who, Role.LEAD, Role.ADMIN);
        LocalDate due = check(body, Boolean.TRUE.equals(body.retired()));
        try {
            if (!store.write(
                    id,
                    body.name().strip(),
                    body.serial().strip(),
                    kind(body),
                    due,
                    Boolean.TRUE.equals(body.retired()))) {
                throw RefusedException.unknown("The shop has no instrument " + id);
            }
        } catch (DuplicateKeyException twice) {
            throw taken(body);
        }
        return store.all();
    }

    /** One that was written down before kinds were asked for may go out of use as what it was. */
    private static LocalDate check(InstrumentBody body, boolean goesOut) {
        Problems problems = new Problems();
        shortName("name", body.name(), problems);
        shortName("serial", body.serial(), problems);
        if (kind(body).isEmpty() && !(goesOut && body.kind() == null)) {
            problems.add("kind", Problem.Code.WORD, "kind must be one of " + Coded.choices(InstrumentKind.class));
        }
        LocalDate due = null;
        if (problems.name("calibrationDue", body.calibrationDue())) {
            try {
                due = LocalDate.parse(body.calibrationDue().strip());
            } catch (DateTimeParseException noDay) {
                problems.add(
                        "calibrationDue",
                        Problem.Code.SYNTAX,
                        "calibrationDue is “" + body.calibrationDue() + "”; write the day as 2027-03-31");
            }
        }
        problems.throwIfAny();
        return due;
    }

    private static Optional<InstrumentKind> kind(InstrumentBody body) {
        return Coded.parse(InstrumentKind.class, body.kind() == null ? "" : body.kind());
    }

    private static void shortName(String field, String text, Problems problems) {
        if (problems.name(field, text) && text.strip().length() > LONGEST) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + LONGEST + " characters");
        }
    }

    private static RefusedException taken(InstrumentBody body) {
        return RefusedException.stale(
                "There is an instrument called " + body.name().strip() + " already");
    }
}
