package app.brasskettle.server.pricing;

import app.brasskettle.core.pricing.PriceList;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.pricing.PriceListStore.Kind;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's price list and task table: what is in force, and the next one. */
@RestController
@RequestMapping("/api/prices")
class PriceListController {

    private final PriceListStore store;
    private final SettingsStore settings;

    PriceListController(PriceListStore store, SettingsStore settings) {
        this.store = store;
        this.settings = settings;
    }

    /**
     * What prices are built from.
     *
     * @param prices the shop's price list today; empty while the shipped example serves
     * @param motors new motors on the one that serves
     * @param bearings bearings on it
     * @param tasks the shop's task table today; empty while the shipped example serves
     * @param tasksListed tasks of the one that serves
     * @param tables all tables, the newest first
     */
    record View(
            Optional<PriceListStore.Kept> prices,
            int motors,
            int bearings,
            Optional<PriceListStore.Kept> tasks,
            int tasksListed,
            List<PriceListStore.Kept> tables) {}

    /**
     * A table as it is taken in.
     *
     * @param kind prices or tasks
     * @param validFrom its first day (ISO 8601)
     * @param csv its rows
     */
    record Body(String kind, String validFrom, String csv) {}

    @GetMapping
    View view() {
        LocalDate today = today();
        PriceList list = store.list(today);
        return new View(
                store.inForce(Kind.PRICES, today),
                list.motors().size(),
                list.bearings().size(),
                store.inForce(Kind.TASKS, today),
                store.tasks(today).tasks().size(),
                store.all());
    }

    private LocalDate today() {
        return JobClock.now().atZoneSameInstant(settings.current().zone()).toLocalDate();
    }

    /** The table in force, the shipped one where the shop has none. */
    @GetMapping(value = "/{kind}.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable String kind) {
        Kind asked = kind(kind).orElseThrow(() -> RefusedException.unknown("There is no table called " + kind));
        String shipped = asked == Kind.PRICES
                ? PriceList.shipped().csv()
                : TaskTable.shipped().csv();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + asked.code() + ".csv\"")
                .body(store.csvOf(asked, today()).orElse(shipped));
    }

    private static Optional<Kind> kind(String word) {
        return Coded.parse(Kind.class, word == null ? "" : word);
    }

    @PostMapping
    View add(@RequestBody Body body, Authentication who) {
        Person person = People.of(who, Role.OFFICE, Role.LEAD, Role.ADMIN);
        ShopSettings shop = settings.current();
        LocalDate from;
        try {
            from = LocalDate.parse(body.validFrom() == null ? "" : body.validFrom());
        } catch (DateTimeParseException wrong) {
            throw new InvalidInputException(
                    List.of(new Problem("validFrom", Problem.Code.SYNTAX, "validFrom is no date such as 2027-03-31")));
        }
        String csv = body.csv() == null ? "" : body.csv();
        Kind kind = kind(body.kind())
                .orElseThrow(() -> refused("kind", "kind must be one of " + Coded.choices(Kind.class)));
        store.add(kind, from, csv, lines(kind, csv, shop), person.displayName(), JobClock.now());
        return view();
    }

    private static int lines(Kind kind, String csv, ShopSettings shop) {
        if (kind == Kind.TASKS) {
            return TaskTable.read(csv).tasks().size();
        }
        PriceList list = PriceList.read(csv, shop.currency());
        return list.motors().size() + list.bearings().size();
    }

    private static InvalidInputException refused(String field, String message) {
        return new InvalidInputException(List.of(new Problem(field, Problem.Code.WORD, message)));
    }
}
