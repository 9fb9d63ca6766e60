package app.brasskettle.server.hours;

import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.worklist.HoursLearnt;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.pricing.PricesOfToday;
import app.brasskettle.server.shops.CurrentShop;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What tasks took here against the task table, by the motors that left last. */
@Component
public class LearntHours {

    private static final int LEARNT_FROM = 60;

    private final JobBook book;
    private final HoursStore store;
    private final PricesOfToday prices;
    private final CurrentShop current;

    /** Motors that left change it, a few a day: it need not be counted for every plan. */
    private final Cache<Long, HoursLearnt> learnt =
            Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(10)).build();

    LearntHours(JobBook book, HoursStore store, PricesOfToday prices, CurrentShop current) {
        this.book = book;
        this.store = store;
        this.prices = prices;
        this.current = current;
    }

    /** What tasks really took on motors that left. */
    public HoursLearnt now() {
        return learnt.get(current.id(), shop -> {
            List<HoursLearnt.Took> took = new ArrayList<>();
            ShopPrices today = prices.read();
            double now = JobClock.seconds(JobClock.now());
            for (String tag : store.doneWithHours(LEARNT_FROM)) {
                RecordedJob job = book.recorded(tag);
                Map<String, Double> hours = JobHours.clock(job).hoursByTask(now);
                for (TaskTable.Planned p : JobHours.planned(job, today).orElse(List.of())) {
                    took.add(new HoursLearnt.Took(p.code(), p.hours(), hours.getOrDefault(p.code(), 0.0)));
                }
            }
            return HoursLearnt.of(took);
        });
    }
}
