package app.brasskettle.server.floor;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobs.JobStore;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.sql.ShopSql;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The floor's list and the search in it. */
@Component
class FloorStore {

    /** Which jobs are wanted. */
    enum Show implements Coded {
        /** In the shop, in the order in which they need hands. */
        LIVE,
        /** In the shop and waiting for parts or for the customer. */
        WAITING,
        RUSH,
        /** Left, the latest first. */
        GONE
    }

    static final int PAGE = 100;
    private static final int MAX_WORDS = 6;
    private static final String LIVE_ORDER =
            "(urgency <> 'rush'), (waits_for is not null), (set_down_by is not null), received_at, id";

    private final JdbcClient db;
    private final ShopSql shop;
    private final CurrentShop current;

    FloorStore(JdbcClient db, ShopSql shop, CurrentShop current) {
        this.db = db;
        this.shop = shop;
        this.current = current;
    }

    /** A page of jobs that hold every word of {@code find}, those after the job {@code after} where one is named. */
    List<FloorRow> rows(Show show, String find, Optional<String> after) {
        List<String> words = words(find);
        if (!words.isEmpty()) {
            // A plan that is made for any word walks the whole index for a short one.
            db.sql("select set_config('plan_cache_mode', 'force_custom_plan', true)")
                    .query(String.class)
                    .single();
        }
        boolean together = current.seen().size() > 1;
        String sql = query(show, words.size(), after.isPresent(), together);
        JdbcClient.StatementSpec query = together ? shop.together(sql) : shop.here(sql);
        query = query.param("now", JobClock.now());
        for (int i = 0; i < words.size(); i++) {
            query = query.param("word" + i, pattern(words.get(i)));
        }
        if (after.isPresent()) {
            query = query.param("after", after.get());
        }
        return query.query((r, n) -> {
                    double hours = Math.max(0, r.getDouble("hours"));
                    long photo = r.getLong("photo");
                    return new FloorRow(
                            r.getString("tag"),
                            r.getLong("shop_id"),
                            r.getString("customer"),
                            r.getString("machine"),
                            r.getString("motor"),
                            r.getString("station"),
                            r.getString("next_action"),
                            r.getString("next_step"),
                            r.getString("worst"),
                            r.getString("gate_now"),
                            r.getString("urgency"),
                            Optional.ofNullable(r.getObject("promised_at", OffsetDateTime.class)),
                            hours,
                            hours * r.getDouble("outage_cost_per_hour"),
                            r.getString("asked_by"),
                            JobStore.setDown(r),
                            JobStore.waiting(r),
                            JobStore.left(r),
                            photo == 0 ? Optional.empty() : Optional.of(photo));
                })
                .list();
    }

    static List<String> words(String find) {
        return Arrays.stream((find == null ? "" : find)
                        .strip()
                        .toLowerCase(Locale.ROOT)
                        .split("\\s+"))
                .filter(w -> !w.isEmpty())
                .limit(MAX_WORDS)
                .toList();
    }

    /** A word anywhere in the text; the store's own wildcards in it mean themselves. */
    static String pattern(String word) {
        return "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    static String query(Show show, int words, boolean paged, boolean together) {
        boolean gone = show == Show.GONE;
        // One shop's list is read in the order of its index; of several that order is made anew.
        StringBuilder where = new StringBuilder(together ? "shop_id = any(:shops)" : "shop_id = :shop")
                .append(gone ? " and left_at is not null" : " and left_at is null");
        if (show == Show.WAITING) {
            where.append(" and waits_for is not null");
        } else if (show == Show.RUSH) {
            where.append(" and urgency = 'rush'");
        }
        for (int i = 0; i < words; i++) {
            where.append(" and find_by like :word").append(i);
        }
        String order = gone ? "left_at, id" : LIVE_ORDER;
        if (paged) {
            where.append(
                    " and (%s) %s (select %s from job where tag = :after)".formatted(order, gone ? "<" : ">", order));
        }
        return """
                select job.*, case when gate_until <= :now then 'blocked' else gate end as gate_now,
                  extract(epoch from coalesce(left_at, :now) - received_at) / 3600 as hours,
                  (select min(p.id) from photo p where p.job_id = job.id and p.removed_because is null) as photo
                from job where %s order by %s limit %d""".formatted(where, gone ? "left_at desc, id desc" : order, PAGE);
    }
}
