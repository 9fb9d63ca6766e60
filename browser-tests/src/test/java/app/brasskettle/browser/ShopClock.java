package app.brasskettle.browser;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;

/**
 * The clock of the product's database, which a test can put forward: a function of its name in a schema that the product finds
 * before the system's own. The product itself has no way to move it. It would notice a clock that is put forward and believe
 * none of it; here time is meant to pass, so what it notes is not kept.
 */
final class ShopClock {

    private static final String OWN = """
            create schema if not exists moved_clock;
            create table if not exists moved_clock.ahead (seconds bigint not null);
            insert into moved_clock.ahead select 0 where not exists (select 1 from moved_clock.ahead);
            create or replace function moved_clock.clock_timestamp() returns timestamptz language sql volatile as
              $$ select pg_catalog.clock_timestamp() + (select max(seconds) * interval '1 second' from moved_clock.ahead) $$;
            create or replace function moved_clock.passed() returns trigger language plpgsql as
              $$ begin return null; end $$;
            do $$ begin execute format(
              'alter database %I set search_path = public, moved_clock, pg_catalog', current_database()); end $$;""";

    private final String url;
    private final String user;
    private final String password;

    ShopClock(String url, String user, String password) {
        this.url = url;
        this.user = user;
        this.password = password;
        run(OWN);
    }

    /** Puts it forward. */
    void passes(Duration time) {
        run("create or replace trigger passed before insert on public.clock_jump"
                + " for each row execute function moved_clock.passed()");
        run("update moved_clock.ahead set seconds = seconds + " + time.toSeconds());
    }

    private void run(String sql) {
        try (Connection db = DriverManager.getConnection(url, user, password);
                Statement statement = db.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException("The clock of the database cannot be set", e);
        }
    }
}
