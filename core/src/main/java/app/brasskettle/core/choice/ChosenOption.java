package app.brasskettle.core.choice;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * What the customer chose.
 *
 * @param kind which way forward
 * @param name the option as it was called
 * @param price what it was told to cost, without tax; empty for choices kept before prices were
 */
public record ChosenOption(OptionKind kind, String name, Optional<BigDecimal> price) {}
