package app.brasskettle.server.calendars;

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

    FeedStore(JdbcClient db) {
        this.db = db;
    }

    void add(FeedKind kind, String name, String hash, String by, OffsetDateTime at) {
        db.sql("""
                insert into calendar_feed (kind, name, hash, made_by, made_at)
                values (:kind, :name, :hash, :by, :at)""")
                .param("kind", kind.code())
                .param("name", name)
                .param("hash", hash)
                .param("by", by)
                .param("at", at)
                .update();
    }

    List<Feed> standing() {
        return db.sql("select * from calendar_feed where revoked_at is null order by kind, name, id")
                .query(FeedStore::feed)
                .list();
    }

    Optional<Feed> byHash(String hash) {
        return db.sql("select * from calendar_feed where hash = :hash and revoked_at is null")
                .param("hash", hash)
                .query(FeedStore::feed)
                .optional();
    }

    /** Takes an address back; false where there is none. */
    boolean revoke(long id, String by, OffsetDateTime at) {
        return db.sql("""
                update calendar_feed set revoked_by = :by, revoked_at = :at where id = :id and revoked_at is null""").param("by", by).param("at", at).param("id", id).update() == 1;
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
