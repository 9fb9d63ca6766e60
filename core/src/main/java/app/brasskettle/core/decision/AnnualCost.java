package app.brasskettle.core.decision;

/**
 * Equivalent annual cost: (price + outage) × r/(1−(1+r)^−n) + energy.
 *
 * @param discountRate interest per year, from 0 to 1
 * @param energyPricePerKwh price of energy
 * @param loadFraction share of rated power the machine takes
 * @param runHoursPerYear hours on load in a year
 * @param ratedPowerW shaft power
 * @param outageCostPerHour what a calendar hour of outage costs
 */
public record AnnualCost(
        double discountRate,
        double energyPricePerKwh,
        double loadFraction,
        double runHoursPerYear,
        double ratedPowerW,
        double outageCostPerHour) {

    /** The conditions of {@code d}. */
    public static AnnualCost of(Decision d) {
        return new AnnualCost(
                d.discountRate(),
                d.energyPricePerKwh(),
                d.loadFraction(),
                d.runHoursPerYear(),
                d.ratedPowerW(),
                d.outageCostPerHour());
    }

    /** Share of a capital sum that falls on each of {@code years} at interest {@code rate}. */
    static double annuity(double rate, double years) {
        return rate == 0 ? 1 / years : rate / -Math.expm1(-years * Math.log1p(rate));
    }

    /** What an option's lead time costs. */
    public double outage(double leadTimeHours) {
        return leadTimeHours * outageCostPerHour;
    }

    /** Energy drawn in a year, kWh. */
    double energyKwh(double efficiencyPercent) {
        return ratedPowerW / 1000 * loadFraction / (efficiencyPercent / 100) * runHoursPerYear;
    }

    /** Price of the energy drawn in a year. */
    public double energy(double efficiencyPercent) {
        return energyKwh(efficiencyPercent) * energyPricePerKwh;
    }

    /** What falls on a year of price and outage. */
    double capital(double price, double leadTimeHours, double expectedLifeYears) {
        return (price + outage(leadTimeHours)) * annuity(discountRate, expectedLifeYears);
    }

    /** All of it, per year. */
    public double total(double price, double leadTimeHours, double efficiencyPercent, double expectedLifeYears) {
        return capital(price, leadTimeHours, expectedLifeYears) + energy(efficiencyPercent);
    }

    /** The price at which an option costs {@code target} a year; below zero when not even free. */
    public double priceFor(double target, double leadTimeHours, double efficiencyPercent, double expectedLifeYears) {
        return (target - energy(efficiencyPercent)) / annuity(discountRate, expectedLifeYears) - outage(leadTimeHours);
    }
}
