package app.brasskettle.core.decision;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;

/**
 * Options and the conditions they are compared under.
 *
 * @param discountRate interest per year, 0.07 for 7 %
 * @param energyPricePerKwh price of energy
 * @param loadFraction share of rated power the machine takes
 * @param runHoursPerYear hours on load in a year
 * @param ratedPowerW shaft power
 * @param outageCostPerHour what a calendar hour of outage costs
 * @param options one to twenty options, each with its own name
 */
public record Decision(
        double discountRate,
        double energyPricePerKwh,
        double loadFraction,
        double runHoursPerYear,
        double ratedPowerW,
        double outageCostPerHour,
        List<Option> options) {

    /** Most hours a machine can run in a year. */
    public static final int HOURS_OF_A_YEAR = 8760;
    /** Most options of one comparison. */
    public static final int MOST_OPTIONS = 20;

    /**
     * One way forward.
     *
     * @param name what it is called
     * @param price what it costs now
     * @param leadTimeHours calendar hours until the machine runs again
     * @param efficiencyPercent efficiency afterwards
     * @param expectedLifeYears years until the next such decision
     */
    public record Option(
            String name, double price, double leadTimeHours, double efficiencyPercent, double expectedLifeYears) {

        public Option {
            Problems problems = new Problems();
            problems.name("name", name);
            problems.notNegative("price", price, "");
            problems.notNegative("leadTimeHours", leadTimeHours, "h");
            problems.aboveTo("efficiencyPercent", efficiencyPercent, 0, 100, "%");
            problems.positive("expectedLifeYears", expectedLifeYears, "years");
            problems.throwIfAny();
        }
    }

    public Decision {
        options = Problems.copy(options);
        Problems problems = new Problems();
        if (problems.notNegative("discountRate", discountRate, "") && discountRate >= 1) {
            problems.add("discountRate", Problem.Code.RANGE, rateTooHigh(discountRate));
        }
        problems.notNegative("energyPricePerKwh", energyPricePerKwh, "");
        problems.aboveTo("loadFraction", loadFraction, 0, 1.5, "");
        problems.aboveTo("runHoursPerYear", runHoursPerYear, 0, HOURS_OF_A_YEAR, "h");
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.notNegative("outageCostPerHour", outageCostPerHour, "");
        problems.size("options", options, 1, MOST_OPTIONS);
        if (options != null) {
            problems.distinct(names(options), i -> "options[" + i + "].name");
        }
        problems.throwIfAny();
    }

    static String rateTooHigh(double rate) {
        return "discountRate is " + rate + "; it must be under 1 (0.07 for 7 %)";
    }

    private static List<String> names(List<Option> options) {
        List<String> names = new ArrayList<>();
        options.forEach(o -> names.add(o == null ? null : o.name()));
        return names;
    }
}
