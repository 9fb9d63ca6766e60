package app.brasskettle.server.planning;

import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.signals.Signal;
import app.brasskettle.server.signals.Signals;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Searches for a plan in PostgreSQL: one at a time for the whole house, whichever server runs it. */
@Component
class SearchStore {

    /** A search that its server said nothing of for so long is over. */
    private static final int DEAD_AFTER_S = 10;

    /**
     * A better plan on the way.
     *
     * @param seconds of the search until then
     * @param late motors late by it
     * @param lateness what their lateness costs
     * @param changes tasks of the next hours otherwise than told
     * @param money all of it
     */
    record Step(double seconds, int late, double lateness, int changes, double money) {}

    /** A search as everybody sees it. */
    record Search(
            long id,
            String kind,
            String question,
            String by,
            OffsetDateTime begunAt,
            int limitSeconds,
            double seconds,
            List<Step> improved,
            boolean stopAsked,
            Optional<OffsetDateTime> endedAt,
            Optional<String> how,
            Optional<Long> planId) {}

    private final JdbcClient db;
    private final ShopSql shop;
    private final StrictJson json;
    private final JsonMapper mapper;
    private final Signals signals;

    SearchStore(JdbcClient db, ShopSql shop, StrictJson json, JsonMapper mapper, Signals signals) {
        this.db = db;
        this.shop = shop;
        this.json = json;
        this.mapper = mapper;
        this.signals = signals;
    }

    long claim(String kind, String question, String server, String by, int limitSeconds) {
        sweep();
        try {
            return shop.here("""
                    insert into plan_search (shop_id, kind, question, server, begun_by, limit_seconds)
                    values (:shop, :kind, :question, :server, :by, :limit) returning id""")
                    .param("kind", kind)
                    .param("question", question)
                    .param("server", server)
                    .param("by", by)
                    .param("limit", limitSeconds)
                    .query(Long.class)
                    .single();
        } catch (DuplicateKeyException underWay) {
            throw RefusedException.gated(
                    "A search is under way, here or in another shop of the house: wait for it, or break off your own");
        }
    }

    /** Ends what a server that is gone had begun. */
    private void sweep() {
        db.sql("""
                update plan_search set ended_at = clock_timestamp(), how = 'its server is gone'
                where ended_at is null and alive_at < clock_timestamp() - make_interval(secs => :dead)""").param("dead", DEAD_AFTER_S).update();
    }

    /** Says that it still runs; whether somebody asked to break it off. */
    boolean stillOn(long id) {
        return db.sql("""
                update plan_search set alive_at = clock_timestamp() where id = :id and ended_at is null
                returning stop_asked""").param("id", id).query(Boolean.class).optional().orElse(true);
    }

    void improved(long id, Step step) {
        db.sql("update plan_search set improved = improved || :step::jsonb where id = :id")
                .param("step", json.text(step))
                .param("id", id)
                .update();
    }

    boolean askStop() {
        int asked = shop.here("update plan_search set stop_asked = true where shop_id = :shop and ended_at is null")
                .update();
        signals.send(Signal.SEARCHES);
        return asked > 0;
    }

    void ended(long id, String how, Optional<Long> planId) {
        db.sql("""
                update plan_search set ended_at = clock_timestamp(), how = :how, plan_id = :plan
                where id = :id and ended_at is null""")
                .param("how", how)
                .param("plan", planId.orElse(null))
                .param("id", id)
                .update();
    }

    /** The search that runs, or the one that ran last. */
    Optional<Search> last() {
        return shop.here("""
                select s.*, over_at, extract(epoch from coalesce(over_at, clock_timestamp()) - begun_at) as seconds,
                  case when ended_at is null and over_at is not null then 'its server is gone' else how end as ending
                from plan_search s cross join lateral (select coalesce(ended_at,
                  case when alive_at < clock_timestamp() - make_interval(secs => :dead) then alive_at end) as over_at) o
                where s.shop_id = :shop order by id desc limit 1""").param("dead", DEAD_AFTER_S).query(this::search).optional();
    }

    private Search search(ResultSet row, int n) throws SQLException {
        long plan = row.getLong("plan_id");
        Optional<Long> planId = row.wasNull() ? Optional.empty() : Optional.of(plan);
        return new Search(
                row.getLong("id"),
                row.getString("kind"),
                row.getString("question"),
                row.getString("begun_by"),
                row.getObject("begun_at", OffsetDateTime.class),
                row.getInt("limit_seconds"),
                row.getDouble("seconds"),
                Arrays.asList(mapper.readValue(row.getString("improved"), Step[].class)),
                row.getBoolean("stop_asked"),
                Optional.ofNullable(row.getObject("over_at", OffsetDateTime.class)),
                Optional.ofNullable(row.getString("ending")),
                planId);
    }
}
