package app.brasskettle.server.choice;

import app.brasskettle.core.pricing.PriceList;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's price list: what is in force, and the next one. */
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
     * @param inForce the shop's list today; empty while the shipped example serves
     * @param motors new motors on it
     * @param bearings bearings on it
     * @param lists all lists, the newest first
     */
    record View(Optional<PriceListStore.Kept> inForce, int motors, int bearings, List<PriceListStore.Kept> lists) {}

    /**
     * A list as it is taken in.
     *
     * @param validFrom its first day (ISO 8601)
     * @param csv its table
     */
    record Body(String validFrom, String csv) {}

    @GetMapping
    View view() {
        LocalDate today = today();
        PriceList list = store.list(today);
        return new View(
                store.inForce(today), list.motors().size(), list.bearings().size(), store.all());
    }

    private LocalDate today() {
        return JobClock.now().atZoneSameInstant(settings.current().zone()).toLocalDate();
    }

    /** The list in force as a table, the shipped one where the shop has none. */
    @GetMapping(value = "/list.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"prices.csv\"")
                .body(store.csvOf(today()).orElseGet(() -> PriceList.shipped().csv()));
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
        PriceList list = PriceList.read(csv, shop.currency());
        store.add(from, csv, list.motors().size() + list.bearings().size(), person.displayName(), JobClock.now());
        return view();
    }
}
