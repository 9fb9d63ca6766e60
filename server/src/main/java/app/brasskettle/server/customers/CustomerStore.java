package app.brasskettle.server.customers;

import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Customers in PostgreSQL. */
@Component
public class CustomerStore {

    private static final int MAX_ROWS = 200;
    private static final String CUSTOMERS =
            "select c.*, (select count(*) from job j where j.customer_id = c.id) as jobs from customer c ";

    private final JdbcClient db;
    private final ShopSql shop;

    CustomerStore(JdbcClient db, ShopSql shop) {
        this.db = db;
        this.shop = shop;
    }

    /** Number of the customer called {@code name}, whatever its case; it is added when nobody is called so yet. */
    public long findOrAdd(String name) {
        // The harmless update makes the statement answer with the row whether it stood there or not.
        return shop.here("""
                insert into customer (shop_id, name) values (:shop, :name)
                on conflict (shop_id, lower(name)) do update set name = customer.name returning id""").param("name", name.strip()).query(Long.class).single();
    }

    List<Customer> named(String find) {
        return withContacts(shop.here(CUSTOMERS + """
                where c.shop_id = :shop and strpos(lower(c.name), lower(:find)) > 0 order by lower(c.name) limit :most""")
                .param("find", find.strip())
                .param("most", MAX_ROWS)
                .query(CustomerStore::customer)
                .list());
    }

    /** The customer with this number. */
    public Optional<Customer> byId(long id) {
        return withContacts(shop.here(CUSTOMERS + "where c.id = :id and c.shop_id = :shop")
                        .param("id", id)
                        .query(CustomerStore::customer)
                        .list())
                .stream()
                .findFirst();
    }

    private static Customer customer(ResultSet row, int n) throws SQLException {
        return new Customer(
                row.getLong("id"),
                row.getString("name"),
                row.getString("note"),
                row.getInt("version"),
                row.getInt("jobs"),
                List.of());
    }

    /** All their contacts by one statement: a statement inside a row of another would wait for a second connection. */
    private List<Customer> withContacts(List<Customer> customers) {
        if (customers.isEmpty()) {
            return customers;
        }
        Map<Long, List<Customer.Contact>> contacts = new HashMap<>();
        db.sql("select * from customer_contact where customer_id in (:ids) order by customer_id, place")
                .param("ids", customers.stream().map(Customer::id).toList())
                .query((r, n) -> contacts.computeIfAbsent(r.getLong("customer_id"), id -> new ArrayList<>())
                        .add(contact(r)))
                .list();
        return customers.stream()
                .map(c -> c.with(contacts.getOrDefault(c.id(), List.of())))
                .toList();
    }

    private static Customer.Contact contact(ResultSet row) throws SQLException {
        return new Customer.Contact(
                row.getString("name"), row.getString("part"), row.getString("phone"), row.getString("email"));
    }

    /** True when another customer than {@code id} is called so. */
    boolean taken(String name, long id) {
        return shop.here("""
                select exists (select from customer where shop_id = :shop and lower(name) = lower(:name) and id <> :id)""")
                .param("name", name.strip())
                .param("id", id)
                .query(Boolean.class)
                .single();
    }

    /** Writes a customer whose writer saw {@code seen}; false when somebody else wrote it since. */
    boolean write(long id, int seen, Customer.Writing writing) {
        int changed = shop.here("""
                update customer set name = :name, note = :note, version = version + 1
                where id = :id and shop_id = :shop and version = :seen""")
                .param("name", writing.name().strip())
                .param("note", writing.note())
                .param("id", id)
                .param("seen", seen)
                .update();
        if (changed == 0) {
            return false;
        }
        db.sql("delete from customer_contact where customer_id = :id")
                .param("id", id)
                .update();
        for (int i = 0; i < writing.contacts().size(); i++) {
            add(id, i, writing.contacts().get(i));
        }
        return true;
    }

    /** Adds somebody to reach, unless the same name stands there already. */
    public void addContact(long id, Customer.Contact contact) {
        List<Customer.Contact> there = byId(id).map(Customer::contacts).orElse(List.of());
        boolean known = there.stream()
                .anyMatch(c -> c.name().equalsIgnoreCase(contact.name().strip()));
        if (!known) {
            add(id, there.size(), contact);
        }
    }

    private void add(long id, int place, Customer.Contact contact) {
        db.sql("""
                insert into customer_contact (customer_id, place, name, part, phone, email)
                values (:id, :place, :name, :part, :phone, :email)""")
                .param("id", id)
                .param("place", place)
                .param("name", contact.name().strip())
                .param("part", Customer.text(contact.part()))
                .param("phone", Customer.text(contact.phone()))
                .param("email", Customer.text(contact.email()))
                .update();
    }
}
