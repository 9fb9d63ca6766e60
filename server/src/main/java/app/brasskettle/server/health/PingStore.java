package app.brasskettle.server.health;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** A question that any database answers. */
@Component
class PingStore {

    private final JdbcClient db;

    PingStore(JdbcClient db) {
        this.db = db;
    }

    void ping() {
        db.sql("select 1").query(Integer.class).single();
    }
}
