package app.brasskettle.server.throttle;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** From where each account signed in before. */
@Component
public class KnownAddressStore {

    private final JdbcClient db;

    KnownAddressStore(JdbcClient db) {
        this.db = db;
    }

    /** Whether {@code username} signed in from {@code address} in the last ninety days. */
    public boolean knows(String username, String address) {
        return db.sql("""
                select exists (select from known_address
                  where username = :username and address = left(:address, 60) and last_at > now() - interval '90 days')""")
                .param("username", username)
                .param("address", address)
                .query(Boolean.class)
                .single();
    }

    /** Remembers it. */
    public void remember(String username, String address) {
        db.sql("""
                insert into known_address (username, address, last_at) values (:username, left(:address, 60), now())
                on conflict (username, address) do update set last_at = now()
                where known_address.last_at < now() - interval '1 day'""").param("username", username).param("address", address).update();
    }
}
