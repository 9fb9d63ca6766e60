package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * One line of a price. What was built from the shop's tables may be changed, with the reason.
 *
 * @param task what is done, bought or given back
 * @param quantity how much of it, in {@code unit}
 * @param unit h, kg or piece
 * @param rate price of one; below zero where something is given back
 * @param basis what it was built from, in words
 * @param builtQuantity the quantity it was built with
 * @param builtRate the rate it was built with
 * @param reason why it differs from what was built
 */
public record PriceLine(
        String task,
        Triangular quantity,
        String unit,
        Triangular rate,
        Optional<String> basis,
        Optional<Double> builtQuantity,
        Optional<Double> builtRate,
        Optional<String> reason) {

    private static final double MAX_MONEY = 1e9;

    public PriceLine {
        basis = Problems.orEmpty(basis);
        builtQuantity = Problems.orEmpty(builtQuantity);
        builtRate = Problems.orEmpty(builtRate);
        reason = Problems.orEmpty(reason).map(String::strip).filter(r -> !r.isEmpty());
        Problems problems = new Problems();
        problems.name("task", task);
        problems.each("quantity", quantity, (f, v) -> problems.notNegative(f, v, unit == null ? "" : unit));
        problems.present("unit", unit);
        boolean back = builtRate.filter(r -> r < 0).isPresent();
        problems.each("rate", rate, (f, v) -> money(problems, f, v, back));
        if (problems.all().isEmpty() && reason.isEmpty()) {
            differs("quantity", quantity, builtQuantity, problems);
            differs("rate", rate, builtRate, problems);
        }
        problems.throwIfAny();
    }

    /** Only what was built as given back may be given back: a minus is else a slip. */
    private static void money(Problems problems, String field, double rate, boolean back) {
        boolean sane = back ? problems.number(field, rate, "") : problems.notNegative(field, rate, "");
        if (sane && Math.abs(rate) > MAX_MONEY) {
            problems.add(field, Problem.Code.RANGE, field + " is " + rate + "; at most 1,000,000,000");
        } else if (sane && back && rate > 0) {
            problems.add(field, Problem.Code.RANGE, field + " is " + rate + "; this is given back, it is below zero");
        }
    }

    private void differs(String what, Triangular now, Optional<Double> built, Problems problems) {
        built.filter(b -> now.likely() != b)
                .filter(b -> problems.clear("reason"))
                .ifPresent(b -> problems.add(
                        "reason",
                        Problem.Code.MISSING,
                        "reason is missing: " + what + " of " + task + " is " + now.likely() + ", the table says "
                                + b));
    }

    /** A line nobody built. */
    public static PriceLine typed(String task, double quantity, String unit, double rate) {
        return new PriceLine(
                task,
                Triangular.exactly(quantity),
                unit,
                Triangular.exactly(rate),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** A line built from a table. */
    public static PriceLine built(String task, double quantity, String unit, double rate, String basis) {
        return new PriceLine(
                task,
                Triangular.exactly(quantity),
                unit,
                Triangular.exactly(rate),
                Optional.of(basis),
                Optional.of(quantity),
                Optional.of(rate),
                Optional.empty());
    }

    /** Likeliest quantity × likeliest rate, half up to two places. */
    public BigDecimal amount() {
        return amount(quantity.likely(), rate.likely());
    }

    /** What the line may come to, unrounded. */
    Triangular range() {
        double a = quantity.low() * rate.low();
        double b = quantity.high() * rate.high();
        double likely = quantity.likely() * rate.likely();
        // Given back at most: the larger quantity is then the lower price.
        double c = quantity.low() * rate.high();
        double d = quantity.high() * rate.low();
        return new Triangular(
                Math.min(Math.min(a, b), Math.min(c, d)), likely, Math.max(Math.max(a, b), Math.max(c, d)));
    }

    private static BigDecimal amount(double quantity, double rate) {
        return BigDecimal.valueOf(quantity).multiply(BigDecimal.valueOf(rate)).setScale(2, RoundingMode.HALF_UP);
    }
}
