package app.brasskettle.server.audit;

import app.brasskettle.core.worksheet.Coded;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Security events in PostgreSQL; a trigger refuses to change them. */
@Component
class SecurityEventStore implements SecurityEvents {

    private final JdbcClient db;

    SecurityEventStore(JdbcClient db) {
        this.db = db;
    }

    void add(SecurityEventKind kind, String username, String address, String detail, OffsetDateTime at) {
        db.sql("""
                insert into security_event (at, kind, username, address, detail)
                values (:at, :kind, left(:username, 60), left(:address, 60), left(:detail, 300))""")
                .param("at", at)
                .param("kind", kind.code())
                .param("username", username)
                .param("address", address)
                .param("detail", detail)
                .update();
    }

    @Override
    public List<Event> before(long before, int most) {
        return db.sql("select * from security_event where id < :before order by id desc limit :most")
                .param("before", before)
                .param("most", most)
                .query((row, n) -> new Event(
                        row.getLong("id"),
                        row.getObject("at", OffsetDateTime.class),
                        Coded.parse(SecurityEventKind.class, row.getString("kind"))
                                .orElseThrow(),
                        row.getString("username"),
                        row.getString("address"),
                        row.getString("detail")))
                .list();
    }
}
