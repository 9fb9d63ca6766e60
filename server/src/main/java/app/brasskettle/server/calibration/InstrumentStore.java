package app.brasskettle.server.calibration;

import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.worksheet.Coded;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Instruments of the shop in PostgreSQL. */
@Component
public class InstrumentStore {

    private final JdbcClient db;

    InstrumentStore(JdbcClient db) {
        this.db = db;
    }

    List<ShopInstrument> all() {
        return db.sql("select * from shop_instrument order by retired, lower(name), id")
                .query(InstrumentStore::row)
                .list();
    }

    /** The instrument numbered {@code id}. */
    public Optional<ShopInstrument> find(long id) {
        return db.sql("select * from shop_instrument where id = :id")
                .param("id", id)
                .query(InstrumentStore::row)
                .optional();
    }

    /** Adds an instrument; its number. */
    public long add(String name, String serial, InstrumentKind kind, LocalDate due) {
        return db.sql("""
                insert into shop_instrument (name, serial, kind, calibration_due) values (:name, :serial, :kind, :due) returning id""")
                .param("name", name)
                .param("serial", serial)
                .param("kind", kind.code())
                .param("due", due)
                .query(Long.class)
                .single();
    }

    /** Writes what changed; false when there is no such instrument. */
    boolean write(long id, String name, String serial, InstrumentKind kind, LocalDate due, boolean retired) {
        return db.sql("""
                        update shop_instrument set name = :name, serial = :serial, kind = :kind, calibration_due = :due, retired = :retired
                        where id = :id""")
                        .param("name", name)
                        .param("serial", serial)
                        .param("kind", kind.code())
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
                due.isBefore(LocalDate.now(ZoneOffset.UTC)));
    }
}
