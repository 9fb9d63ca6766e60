package app.brasskettle.server.pricing;

import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.wire.Rack;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.rack.RackStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import java.time.LocalDate;
import org.springframework.stereotype.Component;

/** What the shop's tables say today: rates, task table, price list, wire. */
@Component
public class PricesOfToday {

    private final SettingsStore settings;
    private final PriceListStore lists;
    private final RackStore rack;

    PricesOfToday(SettingsStore settings, PriceListStore lists, RackStore rack) {
        this.settings = settings;
        this.lists = lists;
        this.rack = rack;
    }

    /** Reads them, by the day of the shop's own zone. */
    public ShopPrices read() {
        ShopSettings shop = settings.current();
        Rack wires = rack.rack();
        LocalDate today = JobClock.now().atZoneSameInstant(shop.zone()).toLocalDate();
        return new ShopPrices(
                shop.rates(),
                shop.quoteTerms(),
                wires.meanPricePerKg().orElse(shop.rates().copperPerKg()),
                lists.tasks(today),
                lists.list(today));
    }
}
