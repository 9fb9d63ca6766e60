package app.brasskettle.server.roster;

import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.ShopSql;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The roster in PostgreSQL, where every server sees it. */
@Component
public class RosterStore {

    /** The roster as stored. */
    record StoredRoster(int version, Roster roster, String by, OffsetDateTime at) {}

    private final ShopSql shop;
    private final StrictJson json;

    RosterStore(ShopSql shop, StrictJson json) {
        this.shop = shop;
        this.json = json;
    }

    /** The roster in force; an empty one where none was written. */
    public Roster current() {
        return stored().map(StoredRoster::roster).orElseGet(Roster::empty);
    }

    Optional<StoredRoster> stored() {
        return shop.here("select * from shop_roster where shop_id = :shop")
                .query((row, n) -> new StoredRoster(
                        row.getInt("version"),
                        RecordReader.read(Roster.class, json.stored(row.getString("roster"))),
                        row.getString("written_by"),
                        row.getObject("written_at", OffsetDateTime.class)))
                .optional();
    }

    /** Writes the roster whose writer saw version {@code seen}, 0 for none; false when somebody wrote since. */
    public boolean write(int seen, Roster roster, String by, OffsetDateTime at) {
        return shop.here(seen == 0 ? """
                        insert into shop_roster (shop_id, version, roster, written_by, written_at)
                        values (:shop, 1, :roster::jsonb, :by, :at) on conflict (shop_id) do nothing""" : """
                        update shop_roster set version = version + 1, roster = :roster::jsonb, written_by = :by,
                          written_at = :at where shop_id = :shop and version = :seen""")
                        .param("roster", json.text(roster))
                        .param("by", by)
                        .param("at", at)
                        .param("seen", seen)
                        .update()
                == 1;
    }
}
