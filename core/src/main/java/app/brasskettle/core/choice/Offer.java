package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * One option priced line by line. Money is decimal; each line is rounded half up to two places and the price is their sum.
 *
 * @param kind which way forward
 * @param lines what the price is made of
 * @param leadTimeHours calendar hours until the machine runs again
 * @param efficiencyPercent efficiency afterwards
 * @param expectedLifeYears years until the next such decision
 */
public record Offer(
        OptionKind kind, List<Line> lines, double leadTimeHours, double efficiencyPercent, double expectedLifeYears) {

    private static final int MAX_LINES = 40;
    private static final double MAX_MONEY = 1e9;

    /**
     * One line of a price.
     *
     * @param task what is done or bought
     * @param quantity how much of it, in {@code unit}
     * @param unit h, kg or piece
     * @param rate price of one
     */
    public record Line(String task, double quantity, String unit, double rate) {

        public Line {
            Problems problems = new Problems();
            problems.name("task", task);
            problems.notNegative("quantity", quantity, unit == null ? "" : unit);
            problems.present("unit", unit);
            if (problems.notNegative("rate", rate, "") && rate > MAX_MONEY) {
                problems.add("rate", Problem.Code.RANGE, "rate is " + rate + "; at most 1,000,000,000");
            }
            problems.throwIfAny();
        }

        /** Quantity × rate, half up to two places. */
        public BigDecimal amount() {
            return BigDecimal.valueOf(quantity)
                    .multiply(BigDecimal.valueOf(rate))
                    .setScale(2, RoundingMode.HALF_UP);
        }
    }

    public Offer {
        lines = Problems.copy(lines);
        Problems problems = new Problems();
        problems.present("kind", kind);
        problems.size("lines", lines, 0, MAX_LINES);
        problems.notNegative("leadTimeHours", leadTimeHours, "h");
        problems.aboveTo("efficiencyPercent", efficiencyPercent, 0, 100, "%");
        problems.positive("expectedLifeYears", expectedLifeYears, "years");
        problems.throwIfAny();
    }

    public BigDecimal price() {
        return lines.stream().map(Line::amount).reduce(BigDecimal.ZERO.setScale(2), BigDecimal::add);
    }
}
