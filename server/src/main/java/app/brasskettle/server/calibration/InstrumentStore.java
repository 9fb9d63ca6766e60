package app.brasskettle.server.calibration;

import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Instruments of the shop in PostgreSQL. */
@Component
public class InstrumentStore {

    private final ShopSql shop;

    InstrumentStore(ShopSql shop) {
        this.shop = shop;
    }

    List<ShopInstrument> all() {
        return shop.here("select * from shop_instrument where shop_id = :shop order by retired, lower(name), id")
                .query(InstrumentStore::row)
                .list();
    }

    /** The instrument numbered {@code id}. */
    public Optional<ShopInstrument> find(long id) {
        return shop.here("select * from shop_instrument where id = :id and shop_id = :shop")
                .param("id", id)
                .query(InstrumentStore::row)
                .optional();
    }

    /** Adds an instrument; its number. */
    public long add(String name, String serial, InstrumentKind kind, LocalDate due) {
        return shop.here("""
                insert into shop_instrument (shop_id, name, serial, kind, calibration_due)
                values (:shop, :name, :serial, :kind, :due) returning id""")
                .param("name", name)
                .param("serial", serial)
                .param("kind", kind.code())
                .param("due", due)
                .query(Long.class)
                .single();
    }

    /** Writes what changed, its kind where that is given; false when there is no such instrument. */
    boolean write(long id, String name, String serial, Optional<InstrumentKind> kind, LocalDate due, boolean retired) {
        return shop.here("""
                        update shop_instrument set name = :name, serial = :serial, kind = coalesce(:kind, kind), calibration_due = :due, retired = :retired
                        where id = :id and shop_id = :shop""")
                        .param("name", name)
                        .param("serial", serial)
                        .param("kind", kind.map(InstrumentKind::code).orElse(null))
                        .param("due", due)
                        .param("retired", retired)
                        .param("id", id)
                        .update()
                == 1;
    }

    private static ShopInstrument row(ResultSet row, int n) throws SQLException {
        LocalDate due = row.getObject("calibration_due", LocalDate.class);
        return new ShopInstrument(
                row.getLong("id"),
                row.getString("name"),
                row.getString("serial"),
                Optional.ofNullable(row.getString("kind")).flatMap(k -> Coded.parse(InstrumentKind.class, k)),
                due,
                row.getBoolean("retired"),
                due.isBefore(JobClock.now().toLocalDate()));
    }
}
