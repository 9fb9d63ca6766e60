package app.brasskettle.core.decision;

import java.util.List;

/**
 * How often each option is the cheapest.
 *
 * @param options in the order given
 */
public record OptionOdds(List<Odds> options) {

    /**
     * One option.
     *
     * @param name its name
     * @param winsPercent share of the draws in which it cost least, the first of equals
     * @param p10 its equivalent annual cost is not over this in a tenth of the draws
     * @param p50 in half of them
     * @param p90 in nine tenths
     */
    public record Odds(String name, double winsPercent, double p10, double p50, double p90) {}

    public OptionOdds {
        options = List.copyOf(options);
    }

    /** The odds of the option called {@code name}. */
    public Odds of(String name) {
        return options.stream().filter(o -> o.name().equals(name)).findFirst().orElseThrow();
    }
}
