package app.brasskettle.server.access;

import app.brasskettle.server.testing.Visitor;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Another shop of the house, opened by its administrator, and people who are hired for it. */
final class SecondShop implements AutoCloseable {

    static final String PASSWORD = "basalt lantern quay";
    private static int count;

    private final Visitor admin;
    private final JdbcClient db;
    private final int number;
    private final long id;

    SecondShop(Visitor visitor, JdbcClient db) {
        this.admin = visitor.stranger().as("admin");
        this.db = db;
        this.number = ++count;
        JsonNode shops = admin.post("/api/shops", Map.of("name", name(), "tagPrefix", letters()))
                .with(200)
                .json();
        this.id = shops.get(shops.size() - 1).get("id").asLong();
    }

    Visitor admin() {
        return admin;
    }

    long id() {
        return id;
    }

    String name() {
        return "Skerry Yard " + number;
    }

    String letters() {
        return "S" + (char) ('A' + number);
    }

    String username(Role role, int shops) {
        return "yard-" + role.code().charAt(0) + "-" + number + "-" + shops;
    }

    /** Somebody new in some shops, signed in. */
    Visitor hired(Role role, Long... shops) {
        String username = username(role, shops.length);
        admin.hire(username, "Somebody of the yard", role.code(), PASSWORD, shops);
        return signedIn(username);
    }

    Visitor signedIn(String username) {
        return admin.stranger().as(username, PASSWORD);
    }

    /** The administrator is left in one shop, as other tests find them. */
    @Override
    public void close() {
        db.sql(
                        "delete from shop_member where shop_id <> 1 and user_id = (select id from shop_user where username = 'admin')")
                .update();
    }
}
