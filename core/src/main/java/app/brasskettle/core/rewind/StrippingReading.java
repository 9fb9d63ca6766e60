package app.brasskettle.core.rewind;

import app.brasskettle.core.oven.OvenResult;
import app.brasskettle.core.oven.OvenWorksheet;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What taking a winding out came to.
 *
 * @param limitC limit of the part, where it was burnt out
 * @param oven the oven's curve judged
 * @param lines everything said of it
 * @param judgement the worst of them
 */
public record StrippingReading(
        Optional<Double> limitC, Optional<OvenResult> oven, List<Judgement> lines, Judgement judgement) {

    private static final String CORE = "IEEE Std 1068; limits as the shop set them";
    private static final String SHOP = "Shop rule";

    /**
     * Reads a stripping.
     *
     * @param copper the copper weighed against the copper computed, where both are there
     */
    public static StrippingReading of(Stripping sheet, Optional<Judgement> copper, ShopRules rules) {
        List<Judgement> lines = new ArrayList<>();
        Optional<OvenResult> oven =
                sheet.curve(rules).map(c -> OvenWorksheet.create().work().apply(c));
        boolean burnt = sheet.method() == Stripping.Method.BURN_OUT;
        if (burnt) {
            lines.add(oven.map(OvenResult::judgement).orElseGet(() -> unread(sheet, rules)));
            sheet.oven().said("Burnout").ifPresent(lines::add);
            watched(sheet).ifPresent(lines::add);
        } else if (sheet.method() == Stripping.Method.MECHANICAL) {
            lines.add(new Judgement(
                    Verdict.WATCH,
                    "Pulled cold: teeth and slot edges may be bent",
                    "No heat, and all the force goes into the teeth",
                    SHOP,
                    "Look at every tooth, and test the core."));
        }
        copper.ifPresent(lines::add);
        lines.add(
                sheet.bare()
                        ? new Judgement(Verdict.HOLDS, "The copper is out", "", SHOP, "")
                        : new Judgement(
                                Verdict.UNPROVEN,
                                "The copper is not out yet",
                                "",
                                SHOP,
                                burnt ? "Read the part until it has been held long enough." : "Pull it."));
        return new StrippingReading(
                burnt ? Optional.of(sheet.limitC(rules)) : Optional.empty(),
                oven,
                List.copyOf(lines),
                Judgement.worst(lines).orElseThrow());
    }

    /** Tells whether the core was heated over its limit, so that nobody knows what it is worth until it is measured. */
    public boolean overheated() {
        return oven.filter(o -> o.verdict() == Verdict.STOP).isPresent();
    }

    private static Judgement unread(Stripping sheet, ShopRules rules) {
        return new Judgement(
                Verdict.UNPROVEN,
                "Nobody has read the part in the oven yet; its limit is " + Figures.plain(sheet.limitC(rules)) + " °C",
                "The oven’s air says nothing of the core",
                CORE,
                "Put the sensor on the core, and read it from a file, by hand or from the simulated oven.");
    }

    private static Optional<Judgement> watched(Stripping sheet) {
        List<String> missing = new ArrayList<>();
        if (!sheet.overheatAlarm().orElse(false)) {
            missing.add("an alarm");
        }
        if (!sheet.waterSpray().orElse(false)) {
            missing.add("water spray");
        }
        if (sheet.watchedBy().isEmpty()) {
            missing.add("somebody named who watches");
        }
        return missing.isEmpty()
                ? Optional.empty()
                : Optional.of(new Judgement(
                        Verdict.WATCH,
                        "The oven ran without " + String.join(", ", missing),
                        "Old insulation catches fire and takes the part over its limit in minutes",
                        CORE,
                        "Set alarm and spray, and name who watches, before the door is shut."));
    }
}
