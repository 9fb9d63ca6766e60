package app.brasskettle.core.worksheet;

/**
 * One line of the arithmetic, as it would stand on paper.
 *
 * @param name what is computed
 * @param formula the formula in symbols
 * @param figures the formula with the figures put in
 * @param value the outcome, not rounded
 * @param unit unit of the outcome, empty for a ratio
 * @param source standard and clause, or what else the formula rests on
 */
public record Step(String name, String formula, String figures, double value, String unit, String source) {}
