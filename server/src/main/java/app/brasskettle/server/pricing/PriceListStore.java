package app.brasskettle.server.pricing;

import app.brasskettle.core.pricing.PriceList;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.sql.ShopSql;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A shop's price lists and task tables in PostgreSQL; a table once taken never changes, so that it is read once. */
@Component
class PriceListStore {

    private static final int KEPT = 4;

    private final ShopSql shop;
    private final Cache<Long, PriceList> lists =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Cache<Long, TaskTable> tables =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    PriceListStore(ShopSql shop) {
        this.shop = shop;
    }

    /** What a table is about. */
    enum Kind implements Coded {
        PRICES,
        TASKS
    }

    /** A table as it is kept, without its lines. */
    record Kept(long id, Kind kind, LocalDate validFrom, int lines, String by, OffsetDateTime at) {}

    /** The table in force on {@code day}; empty where the shop has none, and the shipped example serves. */
    Optional<Kept> inForce(Kind kind, LocalDate day) {
        return shop.here("""
                select id, kind, valid_from, lines, written_by, written_at from price_list
                where shop_id = :shop and kind = :kind and valid_from <= :day order by valid_from desc, id desc limit 1""")
                .param("kind", kind.code())
                .param("day", day)
                .query(PriceListStore::kept)
                .optional();
    }

    List<Kept> all() {
        return shop.here("""
                select id, kind, valid_from, lines, written_by, written_at from price_list where shop_id = :shop
                order by valid_from desc, id desc limit 50""").query(PriceListStore::kept).list();
    }

    PriceList list(LocalDate day) {
        return inForce(Kind.PRICES, day)
                .map(k -> lists.get(k.id(), id -> PriceList.stored(csv(id))))
                .orElse(PriceList.shipped());
    }

    TaskTable tasks(LocalDate day) {
        return inForce(Kind.TASKS, day)
                .map(k -> tables.get(k.id(), id -> TaskTable.stored(csv(id))))
                .orElse(TaskTable.shipped());
    }

    Optional<String> csvOf(Kind kind, LocalDate day) {
        return inForce(kind, day).map(k -> csv(k.id()));
    }

    private String csv(long id) {
        return shop.here("select csv from price_list where id = :id and shop_id = :shop")
                .param("id", id)
                .query(String.class)
                .single();
    }

    void add(Kind kind, LocalDate from, String csv, int lines, String by, OffsetDateTime at) {
        shop.here("""
                insert into price_list (shop_id, kind, valid_from, csv, lines, written_by, written_at)
                values (:shop, :kind, :from, :csv, :lines, :by, :at)""")
                .param("kind", kind.code())
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
                Coded.parse(Kind.class, row.getString("kind")).orElseThrow(),
                row.getObject("valid_from", LocalDate.class),
                row.getInt("lines"),
                row.getString("written_by"),
                row.getObject("written_at", OffsetDateTime.class));
    }
}
