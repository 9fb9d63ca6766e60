package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * One option priced line by line. Money is decimal; each line is rounded half up to two places and the price is their sum.
 *
 * @param kind which way forward
 * @param source where it comes from; this shop, or a new motor, where nobody said
 * @param name what it is called where several of a kind are offered; its kind else
 * @param lines what the price is made of
 * @param leadTimeHours calendar hours until the machine runs again
 * @param efficiencyPercent efficiency afterwards
 * @param expectedLifeYears years until the next such decision
 * @param warrantyMonths how long it is warranted
 * @param included what the price includes
 * @param notIncluded what it does not
 */
public record Offer(
        OptionKind kind,
        Optional<OptionSource> source,
        Optional<String> name,
        List<PriceLine> lines,
        Triangular leadTimeHours,
        Triangular efficiencyPercent,
        Triangular expectedLifeYears,
        Optional<Double> warrantyMonths,
        Optional<String> included,
        Optional<String> notIncluded) {

    private static final int MAX_LINES = 40;
    private static final int MAX_NAME = 60;
    private static final int MAX_WARRANTY_MONTHS = 240;

    public Offer {
        source = Problems.orEmpty(source);
        name = text(name);
        included = text(included);
        notIncluded = text(notIncluded);
        warrantyMonths = Problems.orEmpty(warrantyMonths);
        lines = Problems.copy(lines);
        Problems problems = new Problems();
        if (problems.present("kind", kind) && source.filter(s -> !s.fits(kind)).isPresent()) {
            problems.add(
                    "source",
                    Problem.Code.CONTRADICTION,
                    "source is " + source.get().code() + ", which is not how one can " + kind.code());
        }
        name.filter(n -> n.length() > MAX_NAME)
                .ifPresent(n -> problems.add(
                        "name", Problem.Code.RANGE, "name has " + n.length() + " characters; at most " + MAX_NAME));
        problems.size("lines", lines, 0, MAX_LINES);
        problems.each("leadTimeHours", leadTimeHours, (f, v) -> problems.notNegative(f, v, "h"));
        problems.each("efficiencyPercent", efficiencyPercent, (f, v) -> problems.aboveTo(f, v, 0, 100, "%"));
        problems.each("expectedLifeYears", expectedLifeYears, (f, v) -> problems.positive(f, v, "years"));
        warrantyMonths.ifPresent(m -> problems.aboveTo("warrantyMonths", m, 0, MAX_WARRANTY_MONTHS, ""));
        if (problems.clear("lines") && price(lines).signum() < 0) {
            problems.add("lines", Problem.Code.RANGE, "lines come to " + price(lines) + "; a price is not below zero");
        }
        problems.throwIfAny();
    }

    private static Optional<String> text(Optional<String> typed) {
        return Problems.orEmpty(typed).map(String::strip).filter(t -> !t.isEmpty());
    }

    /** An offer with nothing uncertain about it and nothing said beside it. */
    public static Offer plain(
            OptionKind kind, List<PriceLine> lines, double leadHours, double efficiencyPercent, double lifeYears) {
        return new Offer(
                kind,
                Optional.empty(),
                Optional.empty(),
                lines,
                Triangular.exactly(leadHours),
                Triangular.exactly(efficiencyPercent),
                Triangular.exactly(lifeYears),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** What it is called. */
    public String title() {
        return name.orElse(kind.label());
    }

    /** Where it comes from. */
    public OptionSource from() {
        return source.orElse(OptionSource.usual(kind));
    }

    /** Sum of the lines, without tax. */
    public BigDecimal price() {
        return price(lines);
    }

    private static BigDecimal price(List<PriceLine> lines) {
        return lines.stream().map(PriceLine::amount).reduce(BigDecimal.ZERO.setScale(2), BigDecimal::add);
    }

    /** Whether some line is uncertain. */
    boolean uncertainPrice() {
        return lines.stream().anyMatch(l -> !l.quantity().exact() || !l.rate().exact());
    }

    /**
     * What the price may come to: the sums of the lines at their lowest, likeliest and highest, as if all were low or high
     * together. The price itself where every line is certain.
     */
    Triangular priceRange() {
        if (!uncertainPrice()) {
            return Triangular.exactly(price().doubleValue());
        }
        double low = 0;
        double high = 0;
        for (PriceLine line : lines) {
            low += line.range().low();
            high += line.range().high();
        }
        double likely = price().doubleValue();
        return new Triangular(Math.max(0, Math.min(low, likely)), likely, Math.max(high, likely));
    }
}
