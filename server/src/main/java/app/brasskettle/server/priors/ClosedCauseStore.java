package app.brasskettle.server.priors;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.ShopSql;
import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What started the failures of this shop's closed jobs: counted once for each, and by the motor. */
@Repository
public class ClosedCauseStore {

    /** What a job counts for that was taken in from a file: it was closed in another shop, or counted here already. */
    private static final String ELSEWHERE = "elsewhere";

    private final JdbcClient db;
    private final ShopSql shop;
    private final StrictJson json;

    public ClosedCauseStore(JdbcClient db, ShopSql shop, StrictJson json) {
        this.db = db;
        this.shop = shop;
        this.json = json;
    }

    /** The last time somebody set the counts to nothing. */
    public record Reset(OffsetDateTime at, String by, int jobs) {}

    /** Closed jobs by what started them. */
    @Transactional(readOnly = true)
    public Map<Explanation, Integer> counts() {
        Map<Explanation, Integer> counts = new EnumMap<>(Explanation.class);
        shop.here("select explanation, jobs from closed_cause_count where shop_id = :shop and jobs > 0")
                .query((row, n) -> Map.entry(row.getString("explanation"), row.getInt("jobs")))
                .list()
                .forEach(e -> Coded.parse(Explanation.class, e.getKey()).ifPresent(x -> counts.put(x, e.getValue())));
        return counts;
    }

    /** What the motor so marked failed of on stays that ended before this job came, newest first. */
    public List<EarlierFailure> earlier(String mark, long jobId, OffsetDateTime receivedAt) {
        return shop
                .here("""
                select distinct on (j.received_at, j.id) j.tag, e.detail
                from job j join job_event e on e.job_id = j.id and e.kind = 'concluded'
                where j.mark = :mark and j.shop_id = :shop and j.id <> :id and j.left_at is not null and j.received_at < :received
                order by j.received_at desc, j.id desc, e.id desc
                limit 20""")
                .param("mark", mark)
                .param("id", jobId)
                .param("received", receivedAt)
                .query((row, n) -> failure(row.getString("tag"), json.stored(row.getString("detail"))))
                .list()
                .stream()
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<EarlierFailure> failure(String tag, Map<String, Object> concluded) {
        return Coded.parse(Explanation.class, String.valueOf(concluded.get("explanation")))
                .map(e -> new EarlierFailure(
                        tag,
                        e,
                        Objects.toString(concluded.get("root"), ""),
                        concluded.get("recommendations") instanceof List<?> list
                                ? list.stream().map(String::valueOf).toList()
                                : List.of()));
    }

    /** Sets what a job counts for; nothing while it is in the shop or nobody concluded. */
    public void settle(long jobId, Optional<String> cause) {
        Optional<String> before = db.sql("select closed_cause from job where id = :id")
                .param("id", jobId)
                .query((row, n) -> Optional.ofNullable(row.getString("closed_cause")))
                .single();
        if (before.equals(cause) || before.filter(ELSEWHERE::equals).isPresent()) {
            return;
        }
        db.sql("update job set closed_cause = :cause where id = :id")
                .param("cause", cause.orElse(null), Types.VARCHAR)
                .param("id", jobId)
                .update();
        before.ifPresent(b -> shop.here("""
                update closed_cause_count set jobs = greatest(0, jobs - 1)
                where shop_id = :shop and explanation = :cause""").param("cause", b).update());
        cause.ifPresent(c -> shop.here("""
                insert into closed_cause_count (shop_id, explanation, jobs) values (:shop, :cause, 1)
                on conflict (shop_id, explanation) do update set jobs = closed_cause_count.jobs + 1""").param("cause", c).update());
    }

    /** Keeps a job out of the counts for good. */
    public void elsewhere(long jobId) {
        db.sql("update job set closed_cause = :elsewhere where id = :id")
                .param("elsewhere", ELSEWHERE)
                .param("id", jobId)
                .update();
    }

    /** Forgets what closed jobs taught, from now on counting anew. */
    @Transactional
    public void reset(String by, OffsetDateTime at) {
        shop.here("""
                insert into closed_cause_reset (shop_id, at, by_whom, jobs)
                select :shop, :at, :by, coalesce(sum(jobs), 0) from closed_cause_count where shop_id = :shop""").param("at", at).param("by", by).update();
        shop.here("delete from closed_cause_count where shop_id = :shop").update();
    }

    /** Who last reset the counts, and how many jobs they held. */
    @Transactional(readOnly = true)
    public Optional<Reset> lastReset() {
        return shop.here(
                        "select at, by_whom, jobs from closed_cause_reset where shop_id = :shop order by at desc limit 1")
                .query((row, n) -> new Reset(
                        row.getObject("at", OffsetDateTime.class), row.getString("by_whom"), row.getInt("jobs")))
                .optional();
    }
}
