package app.brasskettle.server.hours;

import app.brasskettle.server.sql.ShopSql;
import java.util.List;
import org.springframework.stereotype.Component;

/** Which jobs have hours, by PostgreSQL. */
@Component
class HoursStore {

    private final ShopSql shop;

    HoursStore(ShopSql shop) {
        this.shop = shop;
    }

    /** Jobs that left with hours tapped on them, the latest first. */
    List<String> doneWithHours(int most) {
        return shop.here("""
                select j.tag from job j where j.shop_id = :shop and j.left_at is not null and exists (select from job_event e
                  where e.job_id = j.id and e.kind = 'task-started' and not e.imported)
                order by j.left_at desc limit :most""").param("most", most).query(String.class).list();
    }
}
