package app.brasskettle.server.shops;

import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Shops of the house and who belongs to them, in PostgreSQL. */
@Component
public class ShopStore {

    private static final String SHOPS = """
            select s.id, coalesce(x.settings ->> 'shopName', 'Shop ' || s.id) as name
            from shop s left join shop_settings x on x.shop_id = s.id
            """;

    private final JdbcClient db;
    private final TransactionTemplate alone;

    ShopStore(JdbcClient db, PlatformTransactionManager transactions) {
        this.db = db;
        this.alone = new TransactionTemplate(transactions);
        this.alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_NOT_SUPPORTED);
    }

    /** All shops of the house, in their order. */
    public List<Shop> all() {
        return db.sql(SHOPS + "order by s.id").query(Shop.class).list();
    }

    /**
     * A shop as it is listed.
     *
     * @param id its number
     * @param name its name
     * @param tagPrefix the letters before its jobs' numbers; empty where it has no settings yet
     * @param people how many open accounts belong to it
     * @param motors how many motors are in it
     */
    public record Line(long id, String name, String tagPrefix, int people, int motors) {}

    /** All shops of the house with what is in them, in their order. */
    public List<Line> lines() {
        return db.sql("""
                select s.id, coalesce(x.settings ->> 'shopName', 'Shop ' || s.id) as name,
                  coalesce(x.settings ->> 'tagPrefix', '') as tag_prefix,
                  (select count(*) from shop_member m join shop_user u on u.id = m.user_id
                    where m.shop_id = s.id and not u.closed) as people,
                  (select count(*) from job j where j.shop_id = s.id and j.left_at is null) as motors
                from shop s left join shop_settings x on x.shop_id = s.id order by s.id""").query(Line.class).list();
    }

    /** The shops a person belongs to, in their order. */
    public List<Shop> of(String username) {
        return db.sql(SHOPS + """
                join shop_member m on m.shop_id = s.id join shop_user u on u.id = m.user_id
                where u.username = :username order by s.id""").param("username", username).query(Shop.class).list();
    }

    /** Numbers of the shops that everybody belongs to, by the name they sign in with. */
    public Map<String, List<Long>> members() {
        return db
                .sql("""
                select u.username, m.shop_id from shop_member m join shop_user u on u.id = m.user_id order by m.shop_id""")
                .query((row, n) -> Map.entry(row.getString("username"), row.getLong("shop_id")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    /** Adds a shop, which has no settings yet; its number. */
    public long add(String by, OffsetDateTime at) {
        return db.sql("insert into shop (made_by, made_at) values (:by, :at) returning id")
                .param("by", by)
                .param("at", at)
                .query(Long.class)
                .single();
    }

    /** Sets which shops a person belongs to. */
    public void belongs(String username, Collection<Long> shops) {
        db.sql("""
                delete from shop_member m using shop_user u
                where u.id = m.user_id and u.username = :username and not m.shop_id = any(:shops)""")
                .param("username", username)
                .param("shops", shops.toArray(Long[]::new))
                .update();
        db.sql("""
                insert into shop_member (user_id, shop_id)
                select u.id, s.id from shop_user u, shop s where u.username = :username and s.id = any(:shops)
                on conflict do nothing""")
                .param("username", username)
                .param("shops", shops.toArray(Long[]::new))
                .update();
    }

    /**
     * Where a job is.
     *
     * @param shop its shop
     * @param belongs whether the person asked about belongs to it
     */
    record JobsShop(long shop, boolean belongs) {}

    /**
     * The shop of a job, and whether a person belongs to it. Asked on a connection that is given back at once: a call that has not
     * read its body yet holds none.
     */
    Optional<JobsShop> ofJob(String tag, String username) {
        return alone.execute(t -> db.sql("""
                        select j.shop_id as shop, exists (select from shop_member m join shop_user u on u.id = m.user_id
                          where m.shop_id = j.shop_id and u.username = :username) as belongs
                        from job j where j.tag = :tag""")
                .param("tag", tag)
                .param("username", username)
                .query(JobsShop.class)
                .optional());
    }

    /** Whether a job of that tag is anywhere in the house. */
    public boolean hasJob(String tag) {
        return db.sql("select exists (select from job where tag = :tag)")
                .param("tag", tag)
                .query(Boolean.class)
                .single();
    }
}
