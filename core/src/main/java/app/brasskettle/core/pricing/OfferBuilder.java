package app.brasskettle.core.pricing;

import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.Offer;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.choice.OptionSource;
import app.brasskettle.core.choice.PriceLine;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Options of a job, each line of their prices built from the shop's tables and the record, to be changed by whoever knows better.
 *
 * <p>Shares and lives are the shop's rules of thumb, no standard: they stand here by their names.
 */
public final class OfferBuilder {

    private static final double HOURS_OF_A_DAY = 24;
    private static final double USUAL_RUN_HOURS = 4000;
    private static final double USUAL_LOAD_PERCENT = 75;
    private static final double RECONDITIONED_YEARS = 6;
    private static final double REWOUND_YEARS = 12;
    private static final double NEW_YEARS = 15;
    private static final double WARRANTY_MONTHS = 12;
    private static final double NEW_WARRANTY_MONTHS = 24;
    private static final double INSULATION_SHARE = 0.12;
    private static final double VARNISH_SHARE = 0.15;
    private static final double INSULATION_PER_KG = 34;
    private static final double VARNISH_PER_KG = 12;
    private static final double SEALS_EACH = 6;
    /** What a motor of unknown efficiency loses more than the least efficient new one, a class apart (IEC 60034-30-1). */
    private static final double OLDER_LOSS_SHARE = 1.2;

    private static final double BIG_W = 160_000;
    private static final double MIDDLE_W = 45_000;
    private static final double BIG_FRAME_MM = 315;
    private static final double MIDDLE_FRAME_MM = 200;
    private static final double SAME_HEIGHT_MM = 1;

    private final PricingFacts facts;
    private final ShopPrices shop;
    private final double heightMm;
    private final List<PriceList.Motor> motors;

    private OfferBuilder(PricingFacts facts, ShopPrices shop) {
        this.facts = facts;
        this.shop = shop;
        this.motors = shop.list().replacing(facts.ratedPowerW(), facts.poles());
        this.heightMm = facts.shaftHeightMm()
                .orElseGet(() -> motors.stream()
                        .findFirst()
                        .map(PriceList.Motor::shaftHeightMm)
                        .orElse(BIG_FRAME_MM));
    }

    /**
     * Hours of the tasks of a way forward for one motor; of those every repair has, while nobody chose.
     *
     * @param chosen the way that was chosen
     */
    public static List<TaskTable.Planned> tasks(PricingFacts facts, ShopPrices shop, Optional<OptionKind> chosen) {
        OfferBuilder builder = new OfferBuilder(facts, shop);
        List<TaskTable.Planned> rewind = builder.planned(OptionKind.REWIND.code());
        return chosen.map(k -> builder.planned(k.code()))
                .orElseGet(() -> builder.planned(OptionKind.RECONDITION.code()).stream()
                        .filter(rewind::contains)
                        .toList());
    }

    /** Shaft height of a motor: as read, else of the motors on the price list with its rating. */
    public static double shaftHeightMm(PricingFacts facts, ShopPrices shop) {
        return new OfferBuilder(facts, shop).heightMm;
    }

    private List<TaskTable.Planned> planned(String path) {
        return shop.tasks().planned(path, heightMm, facts.poles());
    }

    /** The options of a motor of which {@code facts} are known, at a shop's prices. */
    public static ChoiceSheet build(PricingFacts facts, ShopPrices shop) {
        return new OfferBuilder(facts, shop).sheet();
    }

    private ChoiceSheet sheet() {
        List<Offer> offers = new ArrayList<>(List.of(recondition(), rewind()));
        motors.forEach(m -> offers.add(replace(m)));
        if (motors.isEmpty()) {
            offers.add(offer(
                    OptionKind.REPLACE,
                    "New motor",
                    List.of(),
                    Triangular.exactly(70 * HOURS_OF_A_DAY),
                    efficiency(),
                    NEW_YEARS,
                    NEW_WARRANTY_MONTHS,
                    "Not on the price list: ask for it."));
        }
        return new ChoiceSheet(
                shop.rates().discountRatePercent(),
                Triangular.exactly(shop.rates().energyPricePerKwh()),
                Triangular.exactly(USUAL_LOAD_PERCENT),
                Triangular.exactly(USUAL_RUN_HOURS),
                Optional.empty(),
                offers);
    }

    private Offer recondition() {
        List<PriceLine> lines = labour("recondition");
        lines.addAll(bearings());
        lines.addAll(machining());
        lines.addAll(rush(lines));
        lines.add(freight());
        return offer(
                OptionKind.RECONDITION,
                "Recondition",
                lines,
                days(3, 4, 7),
                efficiency(),
                RECONDITIONED_YEARS,
                WARRANTY_MONTHS,
                "No new winding, should washing and drying not bring it up.");
    }

    private Offer rewind() {
        List<PriceLine> lines = labour("rewind");
        lines.addAll(material());
        lines.addAll(bearings());
        lines.addAll(machining());
        lines.addAll(rush(lines));
        lines.add(freight());
        Triangular lead = heightMm >= BIG_FRAME_MM
                ? days(9, 12, 20)
                : heightMm >= MIDDLE_FRAME_MM ? days(6, 8, 13) : days(4, 5, 8);
        return offer(
                OptionKind.REWIND,
                "Rewind",
                lines,
                lead,
                efficiency(),
                REWOUND_YEARS,
                WARRANTY_MONTHS,
                "Mending the core, should it fail its test after burnout.");
    }

    private Offer replace(PriceList.Motor motor) {
        List<PriceLine> lines = new ArrayList<>();
        lines.add(PriceLine.built(
                "New motor, " + motor.efficiencyClass() + ", " + Figures.plain(motor.powerW() / 1000) + " kW, "
                        + motor.poles() + " poles",
                1,
                "piece",
                motor.price(),
                "price list"));
        lines.addAll(labour("replace"));
        boolean otherFrame = facts.shaftHeightMm()
                .filter(h -> Math.abs(h - motor.shaftHeightMm()) > SAME_HEIGHT_MM)
                .isPresent();
        if (otherFrame) {
            lines.addAll(labour("replace-other-frame"));
        }
        lines.addAll(rush(lines));
        lines.add(freight());
        scrap().ifPresent(lines::add);
        double w = motor.powerW();
        Triangular lead = w > BIG_W ? days(42, 70, 120) : w > MIDDLE_W ? days(5, 10, 25) : days(2, 3, 7);
        return offer(
                OptionKind.REPLACE,
                "New motor, " + motor.efficiencyClass(),
                lines,
                lead,
                motor.efficiencyPercent(),
                NEW_YEARS,
                NEW_WARRANTY_MONTHS,
                otherFrame ? "Work on the driven machine." : "Work on base, coupling and driven machine.");
    }

    private Offer offer(
            OptionKind kind,
            String name,
            List<PriceLine> lines,
            Triangular lead,
            double efficiency,
            double years,
            double warranty,
            String notIncluded) {
        return new Offer(
                kind,
                Optional.of(kind == OptionKind.REPLACE ? OptionSource.NEW : OptionSource.HERE),
                Optional.of(name),
                lines,
                lead,
                Triangular.exactly(efficiency),
                Triangular.exactly(years),
                Optional.of(warranty),
                Optional.empty(),
                Optional.of(notIncluded));
    }

    private List<PriceLine> labour(String path) {
        List<PriceLine> lines = new ArrayList<>();
        for (TaskTable.Planned task : planned(path)) {
            lines.add(PriceLine.built(
                    task.task(),
                    twoPlaces(task.hours()),
                    "h",
                    shop.rates().hour(),
                    "task table, shaft height " + Figures.plain(heightMm) + " mm"
                            + (facts.shaftHeightMm().isEmpty() ? " (by its power; no frame read)" : "")
                            + (task.byPoles() ? ", " + facts.poles() + " poles" : "")));
        }
        return lines;
    }

    /** Copper of the winding; by its power where the winding is not taken down (shop's rule of thumb). */
    private double copperKg() {
        return facts.copperKg().orElse(1.2 * Math.pow(facts.ratedPowerW() / 1000, 0.75));
    }

    private List<PriceLine> material() {
        String from = facts.copperKg().isPresent() ? "winding data" : "by its power; take the winding down";
        return List.of(
                PriceLine.built(
                        "Winding wire",
                        twoPlaces(copperKg() / shop.terms().yield()),
                        "kg",
                        twoPlaces(shop.wirePerKg()),
                        Figures.significant(copperKg(), 3) + " kg of copper ÷ "
                                + Figures.significant(shop.terms().yield(), 2) + ", " + from),
                PriceLine.built(
                        "Slot and phase insulation, sleeves",
                        twoPlaces(INSULATION_SHARE * copperKg()),
                        "kg",
                        INSULATION_PER_KG,
                        "12 % of the copper’s weight"),
                PriceLine.built(
                        "Varnish",
                        twoPlaces(VARNISH_SHARE * copperKg()),
                        "kg",
                        VARNISH_PER_KG,
                        "15 % of the copper’s weight"));
    }

    private List<PriceLine> bearings() {
        List<PriceLine> lines = new ArrayList<>();
        String why = facts.bearingsAtFault() ? "findings speak against them" : "always new when it was open";
        for (String designation : facts.bearings()) {
            Optional<Double> price = shop.list().bearing(designation);
            lines.add(PriceLine.built(
                    "Bearing " + designation,
                    1,
                    "piece",
                    price.orElse(bearingBySize()),
                    (price.isPresent() ? "price list" : "not on the list, by its size") + "; " + why));
        }
        if (facts.bearings().isEmpty()) {
            lines.add(PriceLine.built(
                    "Bearing, designation not read",
                    2,
                    "piece",
                    twoPlaces(bearingBySize()),
                    "by shaft height; " + why));
        }
        lines.add(PriceLine.built("Shaft seals", 2, "piece", SEALS_EACH, "a pair"));
        return lines;
    }

    /** What a bearing of that frame usually costs (fitted to the shipped list: a bearing's bore is about 0.26 of the shaft height). */
    private double bearingBySize() {
        return twoPlaces(1.35 * (3.2 + 0.0165 * Math.pow(0.26 * heightMm, 2.05)));
    }

    private List<PriceLine> machining() {
        if (facts.wornSeats() == 0) {
            return List.of();
        }
        return List.of(PriceLine.built(
                "Machining of worn seats",
                twoPlaces(facts.wornSeats() * (1.5 + heightMm / 100)),
                "h",
                shop.rates().hour(),
                facts.wornSeats() + " outside their limits"));
    }

    private List<PriceLine> rush(List<PriceLine> lines) {
        if (!facts.rush()) {
            return List.of();
        }
        BigDecimal labour = lines.stream()
                .filter(l -> l.unit().equals("h"))
                .map(PriceLine::amount)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return List.of(PriceLine.built(
                "Rush",
                1,
                "piece",
                twoPlaces(labour.doubleValue() * shop.terms().rush()),
                Figures.significant(100 * shop.terms().rush(), 2) + " % of labour"));
    }

    private PriceLine freight() {
        return PriceLine.built(
                "Freight", 1, "piece", Math.rint(20 + 4 * Math.pow(facts.ratedPowerW() / 1000, 0.7)), "by its power");
    }

    private Optional<PriceLine> scrap() {
        double worth = twoPlaces(shop.terms().scrap());
        return worth == 0
                ? Optional.empty()
                : Optional.of(PriceLine.built(
                        "Scrap value of the old motor’s copper, given back",
                        twoPlaces(copperKg()),
                        "kg",
                        -worth,
                        facts.copperKg().isPresent() ? "winding data" : "by its power"));
    }

    private double efficiency() {
        return facts.efficiencyPercent()
                .orElseGet(() -> motors.stream()
                        .mapToDouble(m -> 100 / (1 + (100 / m.efficiencyPercent() - 1) * OLDER_LOSS_SHARE))
                        .map(e -> Math.rint(10 * e) / 10)
                        .findFirst()
                        .orElse(95.0));
    }

    private static Triangular days(double low, double likely, double high) {
        return new Triangular(low, likely, high).times(HOURS_OF_A_DAY);
    }

    private static double twoPlaces(double value) {
        return Math.rint(100 * value) / 100;
    }
}
