package app.brasskettle.server.pricing;

import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.Offer;
import app.brasskettle.core.choice.PriceLine;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.worksheet.Triangular;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.problems.RefusedException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Options of a job, built from the shop's tables. */
@RestController
@RequestMapping("/api/jobs/{tag}")
class EstimateController {

    private static final double HOURS_OF_A_DAY = 24;
    /** More would be the noise of dividing by 24. */
    private static final int PLACES = 6;

    private final JobBook book;
    private final PricesOfToday prices;

    EstimateController(JobBook book, PricesOfToday prices) {
        this.book = book;
        this.prices = prices;
    }

    /** Options as the shop's tables and this job's record build them, as an estimator would type them. */
    @GetMapping("/offers/estimate")
    Map<String, Object> estimate(@PathVariable String tag) {
        RecordedJob job = book.recorded(tag);
        PricingFacts facts = JobAssessment.pricing(
                        job.record(), job.row().urgency().equals("rush"))
                .orElseThrow(() -> RefusedException.gated("Read or estimate the power first: the estimate goes by it"));
        ChoiceSheet sheet = OfferBuilder.build(facts, prices.read());
        return Map.of(
                "discountRatePercent", text(sheet.discountRatePercent()),
                "energyPricePerKwh", text(sheet.energyPricePerKwh()),
                "loadPercent", text(sheet.loadPercent()),
                "runHoursPerYear", text(sheet.runHoursPerYear()),
                "outageCostPerHour", "",
                "offers", sheet.offers().stream().map(EstimateController::typed).toList());
    }

    private static Map<String, Object> typed(Offer o) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("kind", o.kind().code());
        typed.put("source", o.from().code());
        typed.put("name", o.name().orElse(""));
        typed.put("lines", o.lines().stream().map(EstimateController::typed).toList());
        typed.put("leadTimeHours", text(o.leadTimeHours().times(1 / HOURS_OF_A_DAY)) + " d");
        typed.put("efficiencyPercent", text(o.efficiencyPercent()));
        typed.put("expectedLifeYears", text(o.expectedLifeYears()));
        typed.put(
                "warrantyMonths",
                o.warrantyMonths().map(EstimateController::text).orElse(""));
        typed.put("included", o.included().orElse(""));
        typed.put("notIncluded", o.notIncluded().orElse(""));
        return typed;
    }

    private static Map<String, Object> typed(PriceLine l) {
        return Map.of(
                "task", l.task(),
                "quantity", text(l.quantity()),
                "unit", l.unit(),
                "rate", text(l.rate()),
                "basis", l.basis().orElse(""),
                "builtQuantity", l.builtQuantity().map(EstimateController::text).orElse(""),
                "builtRate", l.builtRate().map(EstimateController::text).orElse(""),
                "reason", "");
    }

    private static String text(Triangular figure) {
        return figure.exact()
                ? text(figure.likely())
                : text(figure.low()) + " / " + text(figure.likely()) + " / " + text(figure.high());
    }

    private static String text(double value) {
        return BigDecimal.valueOf(value)
                .setScale(PLACES, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
