package app.brasskettle.server.choice;

import app.brasskettle.core.pricing.PriceList;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** A shop's price lists in PostgreSQL; a list once taken never changes, so that it is read once. */
@Component
class PriceListStore {

    private static final int KEPT = 4;

    private final JdbcClient db;
    private final Cache<Long, PriceList> read =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    PriceListStore(JdbcClient db) {
        this.db = db;
    }

    /** A list as it is kept, without its lines. */
    record Kept(long id, LocalDate validFrom, int lines, String by, OffsetDateTime at) {}

    /** The list in force on {@code day}; empty where the shop has none, and the shipped example serves. */
    Optional<Kept> inForce(LocalDate day) {
        return db.sql("""
                select id, valid_from, lines, written_by, written_at from price_list
                where valid_from <= :day order by valid_from desc, id desc limit 1""").param("day", day).query(PriceListStore::kept).optional();
    }

    List<Kept> all() {
        return db.sql("""
                select id, valid_from, lines, written_by, written_at from price_list
                order by valid_from desc, id desc limit 50""").query(PriceListStore::kept).list();
    }

    PriceList list(LocalDate day) {
        return inForce(day)
                .map(k -> read.get(k.id(), id -> PriceList.stored(csv(id))))
                .orElse(PriceList.shipped());
    }

    Optional<String> csvOf(LocalDate day) {
        return inForce(day).map(k -> csv(k.id()));
    }

    private String csv(long id) {
        return db.sql("select csv from price_list where id = :id")
                .param("id", id)
                .query(String.class)
                .single();
    }

    void add(LocalDate from, String csv, int lines, String by, OffsetDateTime at) {
        db.sql("""
                insert into price_list (valid_from, csv, lines, written_by, written_at)
                values (:from, :csv, :lines, :by, :at)""")
                .param("from", from)
                .param("csv", csv)
                .param("lines", lines)
                .param("by", by)
                .param("at", at)
                .update();
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        return new Kept(
                row.getLong("id"),
                row.getObject("valid_from", LocalDate.class),
                row.getInt("lines"),
                row.getString("written_by"),
                row.getObject("written_at", OffsetDateTime.class));
    }
}
