package app.brasskettle.server.roster;

import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The roster in PostgreSQL, where every server sees it. */
@Component
public class RosterStore {

    /** The roster as stored. */
    record StoredRoster(int version, Roster roster, String by, OffsetDateTime at) {}

    private final JdbcClient db;
    private final StrictJson json;

    RosterStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    /** The roster in force; an empty one where none was written. */
    public Roster current() {
        return stored().map(StoredRoster::roster).orElseGet(Roster::empty);
    }

    Optional<StoredRoster> stored() {
        return db.sql("select * from shop_roster")
                .query((row, n) -> new StoredRoster(
                        row.getInt("version"),
                        RecordReader.read(Roster.class, json.stored(row.getString("roster"))),
                        row.getString("written_by"),
                        row.getObject("written_at", OffsetDateTime.class)))
                .optional();
    }

    /** Writes the roster whose writer saw version {@code seen}, 0 for none; false when somebody wrote since. */
    public boolean write(int seen, Roster roster, String by, OffsetDateTime at) {
        return db.sql(seen == 0 ? """
                        insert into shop_roster (version, roster, written_by, written_at)
                        values (1, :roster::jsonb, :by, :at) on conflict (only_one) do nothing""" : """
                        update shop_roster set version = version + 1, roster = :roster::jsonb, written_by = :by,
                          written_at = :at where version = :seen""")
                        .param("roster", json.text(roster))
                        .param("by", by)
                        .param("at", at)
                        .param("seen", seen)
                        .update()
                == 1;
    }
}
