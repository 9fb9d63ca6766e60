package app.brasskettle.core.pricing;

import app.brasskettle.core.choice.Rates;

/**
 * What a shop's prices are built from.
 *
 * @param rates its hour, its copper, its energy and interest
 * @param terms what it settled for quotes
 * @param wirePerKg mean price of the wire on its rack, by kilograms; the rate for copper where the rack is empty
 * @param tasks hours by task
 * @param list new motors and bearings
 */
public record ShopPrices(Rates rates, QuoteTerms terms, double wirePerKg, TaskTable tasks, PriceList list) {

    /** What the product ships with. */
    public static ShopPrices shipped() {
        return new ShopPrices(
                Rates.usual(),
                QuoteTerms.usual(),
                Rates.usual().copperPerKg(),
                TaskTable.shipped(),
                PriceList.shipped());
    }
}
