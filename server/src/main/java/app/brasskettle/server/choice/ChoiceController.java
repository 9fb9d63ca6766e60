package app.brasskettle.server.choice;

import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.Offer;
import app.brasskettle.core.choice.PriceBook;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.settings.SettingsStore;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Options of a job: a first estimate, and the customer's answer. */
@RestController
@RequestMapping("/api/jobs/{tag}")
class ChoiceController {

    private final JobBook book;
    private final SettingsStore settings;

    ChoiceController(JobBook book, SettingsStore settings) {
        this.book = book;
        this.settings = settings;
    }

    /** The price book's estimate as an estimator would type it. */
    @GetMapping("/offers/estimate")
    Map<String, Object> estimate(@PathVariable String tag) {
        double power = book.plate(tag)
                .flatMap(Plate::ratedPowerW)
                .orElseThrow(() -> RefusedException.gated("Read or estimate the power first: the estimate goes by it"));
        ChoiceSheet sheet = PriceBook.estimate(power, settings.current().rates());
        return Map.of(
                "discountRatePercent", text(sheet.discountRatePercent()),
                "energyPricePerKwh", text(sheet.energyPricePerKwh()),
                "loadPercent", text(sheet.loadPercent()),
                "runHoursPerYear", text(sheet.runHoursPerYear()),
                "offers", sheet.offers().stream().map(ChoiceController::typed).toList());
    }

    private static Map<String, Object> typed(Offer o) {
        return Map.of(
                "kind", o.kind().code(),
                "lines",
                        o.lines().stream()
                                .map(l -> Map.of(
                                        "task", l.task(),
                                        "quantity", text(l.quantity()),
                                        "unit", l.unit(),
                                        "rate", text(l.rate())))
                                .toList(),
                "leadTimeHours", Figures.significant(o.leadTimeHours() / 24, 4) + " d",
                "efficiencyPercent", text(o.efficiencyPercent()),
                "expectedLifeYears", text(o.expectedLifeYears()));
    }

    private static String text(double value) {
        return java.math.BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    @PostMapping("/choice")
    JobView choose(@PathVariable String tag, @RequestBody CustomerDecision.Answer body, Authentication who) {
        Person person = People.of(who, Role.OFFICE, Role.LEAD, Role.ADMIN);
        return JobViews.of(book.addEvent(
                tag,
                EventKind.CHOSEN,
                CustomerDecision.detail(book.read(tag).reading().choice(), body),
                ChangeContext.of(person, null)));
    }
}
