package app.brasskettle.core.quote;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * A price and its tax. Money is decimal with two places; tax is rounded half up once, on the sum.
 *
 * @param net without tax
 * @param tax the tax
 * @param gross with it
 */
public record TaxedPrice(BigDecimal net, BigDecimal tax, BigDecimal gross) {

    private static final int PLACES = 2;

    /**
     * Adds tax to a price.
     *
     * @param net price without tax
     * @param taxPercent rate; none where it is absent
     */
    public static TaxedPrice of(BigDecimal net, Optional<Double> taxPercent) {
        BigDecimal tax = net.multiply(BigDecimal.valueOf(taxPercent.orElse(0.0)))
                .movePointLeft(2)
                .setScale(PLACES, RoundingMode.HALF_UP);
        return new TaxedPrice(
                net.setScale(PLACES, RoundingMode.HALF_UP), tax, net.add(tax).setScale(PLACES, RoundingMode.HALF_UP));
    }
}
