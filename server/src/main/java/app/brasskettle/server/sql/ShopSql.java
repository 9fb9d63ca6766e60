package app.brasskettle.server.sql;

import app.brasskettle.server.shops.CurrentShop;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Component;

/** Statements about the rows of a shop. Every statement on a table whose rows belong to a shop goes through here. */
@Component
public class ShopSql {

    private final JdbcClient db;
    private final CurrentShop current;

    ShopSql(JdbcClient db, CurrentShop current) {
        this.db = db;
        this.current = current;
    }

    /** A statement with {@code :shop}, the current shop's number, in it. */
    public StatementSpec here(String sql) {
        return db.sql(naming(":shop", sql)).param("shop", current.id());
    }

    /** A statement with {@code :shops}, the numbers of the shops that are read together, in it. */
    public StatementSpec together(String sql) {
        return db.sql(naming(":shops", sql)).param("shops", current.seen().toArray(Long[]::new));
    }

    private static String naming(String parameter, String sql) {
        if (!sql.contains(parameter)) {
            throw new IllegalArgumentException("A statement about a shop's rows says " + parameter + ": " + sql);
        }
        return sql;
    }
}
