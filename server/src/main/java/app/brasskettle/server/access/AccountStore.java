package app.brasskettle.server.access;

import app.brasskettle.core.quantity.UnitSystem;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.shops.ShopStore;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/** Accounts of the people who sign in. */
@Component
public class AccountStore {

    /** An account with what signing in needs. */
    record Account(
            Person person, String passwordHash, boolean closed, Optional<String> pinHash, Optional<byte[]> factor) {}

    private final JdbcClient db;
    private final ShopSql shop;
    private final ShopStore shops;

    AccountStore(JdbcClient db, ShopSql shop, ShopStore shops) {
        this.db = db;
        this.shop = shop;
        this.shops = shops;
    }

    Optional<Account> byUsername(String username) {
        return db.sql("select * from shop_user where username = :username")
                .param("username", username)
                .query(AccountStore::account)
                .optional();
    }

    List<Account> all() {
        return db.sql("select * from shop_user order by closed, display_name")
                .query(AccountStore::account)
                .list();
    }

    /** Accounts of those who belong to this shop. */
    List<Account> here() {
        return shop.here("""
                select u.* from shop_user u join shop_member m on m.user_id = u.id and m.shop_id = :shop
                order by closed, display_name""").query(AccountStore::account).list();
    }

    private static Account account(ResultSet row, int n) throws SQLException {
        return new Account(
                person(row),
                row.getString("password_hash"),
                row.getBoolean("closed"),
                Optional.ofNullable(row.getString("pin_hash")),
                Optional.ofNullable(row.getBytes("factor_secret")).filter(s -> confirmed(row)));
    }

    private static boolean confirmed(ResultSet row) {
        try {
            return row.getBoolean("factor_confirmed");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    static Person person(ResultSet row) throws SQLException {
        return new Person(
                row.getString("username"),
                row.getString("display_name"),
                Coded.parse(Role.class, row.getString("role")).orElseThrow());
    }

    /** True while nobody can sign in. */
    public boolean isEmpty() {
        return db.sql("select not exists (select from shop_user)")
                .query(Boolean.class)
                .single();
    }

    /** Adds an account, which belongs to some shops, and whose password is given as a hash. */
    public void add(Person person, String passwordHash, Collection<Long> belongs) {
        db.sql("""
                insert into shop_user (username, display_name, role, password_hash)
                values (:username, :name, :role, :hash)""")
                .param("username", person.username())
                .param("name", person.displayName())
                .param("role", person.role().code())
                .param("hash", passwordHash)
                .update();
        shops.belongs(person.username(), belongs);
    }

    void change(Person person, boolean closed) {
        db.sql("""
                update shop_user set display_name = :name, role = :role, closed = :closed
                where username = :username""")
                .param("username", person.username())
                .param("name", person.displayName())
                .param("role", person.role().code())
                .param("closed", closed)
                .update();
    }

    void setPassword(String username, String passwordHash) {
        db.sql("update shop_user set password_hash = :hash where username = :username")
                .param("hash", passwordHash)
                .param("username", username)
                .update();
    }

    /** How {@code username} wants to write and see. */
    Preferences preferences(String username) {
        return db.sql("select units, setting from shop_user where username = :username")
                .param("username", username)
                .query((row, n) -> new Preferences(
                        Coded.parse(UnitSystem.class, row.getString("units")).orElseThrow(),
                        Coded.parse(Preferences.Setting.class, row.getString("setting"))
                                .orElseThrow()))
                .single();
    }

    /** What a figure without a unit means to whoever is signed in. */
    public UnitSystem units(Authentication who) {
        return preferences(People.of(who).username()).units();
    }

    void prefer(String username, Preferences preferences) {
        db.sql("update shop_user set units = :units, setting = :setting where username = :username")
                .param("units", preferences.units().code())
                .param("setting", preferences.setting().code())
                .param("username", username)
                .update();
    }

    /** Sets the number for taking turns at a tablet, or takes it away with nothing given. */
    public void setPin(String username, Optional<String> pinHash) {
        db.sql("update shop_user set pin_hash = :hash, pin_failures = 0 where username = :username")
                .param("hash", pinHash.orElse(null), java.sql.Types.VARCHAR)
                .param("username", username)
                .update();
    }

    /** An attempt at somebody's number, counted before it is judged; nobody where there is no number to try. */
    Optional<Account> tryPin(String username, int most) {
        return db.sql("""
                update shop_user set pin_failures = pin_failures + 1
                where username = :username and pin_hash is not null and not closed and pin_failures < :most
                  and role in ('technician', 'lead')
                returning *""")
                .param("username", username)
                .param("most", most)
                .query(AccountStore::account)
                .optional();
    }

    /** After {@code most} wrong ones in a row a number is taken away, and the password is needed again. */
    void takeAwayTriedPin(String username, int most) {
        db.sql("update shop_user set pin_hash = null where username = :username and pin_failures >= :most")
                .param("username", username)
                .param("most", most)
                .update();
    }

    void clearWrongPins(String username) {
        db.sql("update shop_user set pin_failures = 0 where username = :username")
                .param("username", username)
                .update();
    }

    /** People who can take their turn at a tablet of this shop by number. */
    List<Person> withPin() {
        return shop.here("""
                select * from shop_user u where pin_hash is not null and not closed and role in ('technician', 'lead')
                  and exists (select from shop_member m where m.user_id = u.id and m.shop_id = :shop)
                order by display_name""").query((row, n) -> person(row)).list();
    }

    /** Ends every session of an account, but for the one called {@code kept}. */
    void endSessions(String username, String kept) {
        db.sql("delete from spring_session where principal_name = :username and session_id <> :kept")
                .param("username", username)
                .param("kept", kept)
                .update();
    }

    /**
     * True when somebody other than {@code username} can still administer. Every administrator's row is held until the transaction
     * ends, so that of two who close each other at once one waits, and is told.
     */
    boolean anotherAdministrator(String username) {
        return db
                .sql("select username from shop_user where role = 'admin' and not closed order by id for update")
                .query(String.class)
                .list()
                .stream()
                .anyMatch(other -> !other.equals(username));
    }
}
