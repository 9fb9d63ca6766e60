package app.brasskettle.core.choice;

import java.util.List;

/**
 * A first estimate of each option from the rating, to be corrected by hand: what an estimator would pencil in before the
 * telephone rings.
 *
 * <p>Hours grow with power as P^0.55, material as P^0.8 (shop's own rule of thumb; no standard). Efficiencies follow the
 * rating of an ordinary four-pole motor.
 */
public final class PriceBook {

    private PriceBook() {}

    /** An estimate for a motor of {@code ratedPowerW} at a shop's rates. */
    public static ChoiceSheet estimate(double ratedPowerW, Rates rates) {
        double kw = Math.max(0.1, ratedPowerW / 1000);
        double hours = Math.pow(kw, 0.55);
        double material = Math.pow(kw, 0.8);
        double efficiency = Math.min(96, 82 + 5.2 * Math.log10(Math.max(1, kw)) * 1.3);
        Offer recondition = new Offer(
                OptionKind.RECONDITION,
                List.of(
                        new Offer.Line("Strip, wash, dry, dip", half(1.5 + hours), "h", rates.hour()),
                        new Offer.Line("Bearings and seals", 1, "set", whole(40 + 22 * material)),
                        new Offer.Line("Balance and tests", half(1 + 0.3 * hours), "h", rates.hour())),
                24 * 4,
                tenth(efficiency - 0.3),
                6);
        Offer rewind = new Offer(
                OptionKind.REWIND,
                List.of(
                        new Offer.Line("Strip, wind, insert, connect", half(4 + 3.4 * hours), "h", rates.hour()),
                        new Offer.Line("Copper", tenth(1.2 * material), "kg", rates.copperPerKg()),
                        new Offer.Line("Insulation and varnish", 1, "set", whole(30 + 16 * material)),
                        new Offer.Line("Bearings and seals", 1, "set", whole(40 + 22 * material)),
                        new Offer.Line("Balance and tests", half(1.5 + 0.4 * hours), "h", rates.hour())),
                24 * 8,
                tenth(efficiency),
                10);
        Offer replace = new Offer(
                OptionKind.REPLACE,
                List.of(
                        new Offer.Line("New motor", 1, "piece", whole(180 + 95 * material)),
                        new Offer.Line("Freight", 1, "piece", whole(40 + 6 * material)),
                        new Offer.Line("Base and coupling work", half(1.5 + 0.4 * hours), "h", rates.hour())),
                kw > 100 ? 24 * 42 : 24 * 14,
                tenth(Math.min(97, efficiency + 1.2)),
                15);
        return new ChoiceSheet(
                rates.discountRatePercent(),
                rates.energyPricePerKwh(),
                75,
                4000,
                List.of(recondition, rewind, replace));
    }

    private static double half(double value) {
        return Math.rint(2 * value) / 2;
    }

    private static double tenth(double value) {
        return Math.rint(10 * value) / 10;
    }

    private static double whole(double value) {
        return Math.rint(value);
    }
}
