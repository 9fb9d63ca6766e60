package app.brasskettle.server.access;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Secrets of second factors, each confirmed by a code before it counts. */
@Component
class FactorStore {

    private final JdbcClient db;

    FactorStore(JdbcClient db) {
        this.db = db;
    }

    /** The secret that waits for its first code; nothing where none does. */
    Optional<byte[]> unconfirmed(String username) {
        return db.sql("""
                select factor_secret from shop_user
                where username = :username and factor_secret is not null and not factor_confirmed""").param("username", username).query(byte[].class).optional();
    }

    void begin(String username, byte[] secret) {
        db.sql("""
                update shop_user set factor_secret = :secret, factor_confirmed = false, factor_step = 0
                where username = :username""").param("secret", secret).param("username", username).update();
    }

    void confirm(String username) {
        db.sql("update shop_user set factor_confirmed = true where username = :username and factor_secret is not null")
                .param("username", username)
                .update();
    }

    void takeOff(String username) {
        db.sql("""
                update shop_user set factor_secret = null, factor_confirmed = false, factor_step = 0
                where username = :username""").param("username", username).update();
    }

    /** Uses a time step up: false when it, or a later one, was used before. */
    boolean use(String username, long step) {
        return db.sql("update shop_user set factor_step = :step where username = :username and factor_step < :step")
                        .param("step", step)
                        .param("username", username)
                        .update()
                == 1;
    }
}
