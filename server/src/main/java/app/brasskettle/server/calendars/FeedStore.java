package app.brasskettle.server.calendars;

import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Addresses of calendars in PostgreSQL, by their hash. */
@Component
class FeedStore {

    /** A feed as it is listed; its address is shown once and never again. */
    record Feed(
            long id,
            FeedKind kind,
            String name,
            String madeBy,
            OffsetDateTime madeAt,
            Optional<String> revokedBy,
            Optional<OffsetDateTime> revokedAt) {}

    private final JdbcClient db;
    private final ShopSql shop;

    FeedStore(JdbcClient db, ShopSql shop) {
        this.db = db;
        this.shop = shop;
    }

    void add(FeedKind kind, String name, String hash, String by, OffsetDateTime at) {
        shop.here("""
                insert into calendar_feed (shop_id, kind, name, hash, made_by, made_at)
                values (:shop, :kind, :name, :hash, :by, :at)""")
                .param("kind", kind.code())
                .param("name", name)
                .param("hash", hash)
                .param("by", by)
                .param("at", at)
                .update();
    }

    List<Feed> standing() {
        return shop.here(
                        "select * from calendar_feed where shop_id = :shop and revoked_at is null order by kind, name, id")
                .query(FeedStore::feed)
                .list();
    }

    /** What an address opens, and in which shop. */
    record Opened(long shop, Feed feed) {}

    Optional<Opened> byHash(String hash) {
        return db.sql("select * from calendar_feed where hash = :hash and revoked_at is null")
                .param("hash", hash)
                .query((row, n) -> new Opened(row.getLong("shop_id"), feed(row, n)))
                .optional();
    }

    /** Takes an address back; false where there is none. */
    boolean revoke(long id, String by, OffsetDateTime at) {
        return shop.here("""
                update calendar_feed set revoked_by = :by, revoked_at = :at where id = :id and shop_id = :shop and revoked_at is null""").param("by", by).param("at", at).param("id", id).update() == 1;
    }

    private static Feed feed(ResultSet row, int n) throws SQLException {
        return new Feed(
                row.getLong("id"),
                FeedKind.valueOf(row.getString("kind").toUpperCase(Locale.ROOT)),
                row.getString("name"),
                row.getString("made_by"),
                row.getObject("made_at", OffsetDateTime.class),
                Optional.ofNullable(row.getString("revoked_by")),
                Optional.ofNullable(row.getObject("revoked_at", OffsetDateTime.class)));
    }
}
