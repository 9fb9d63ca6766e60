package app.brasskettle.server.jobview;

import app.brasskettle.server.sql.ShopSql;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Tells whether a job still reads as somebody saw it, without reading it: everything that changes a job writes its journal or
 * belongs to a run of an instrument, and what time alone changes has a moment that is known.
 */
@Component
public class JobVersionStore {

    /** What no row tells, such as the end of a certificate's day, is looked at anew after so long. */
    private static final double AT_MOST_S = 300;

    private final ShopSql shop;

    JobVersionStore(ShopSql shop) {
        this.shop = shop;
    }

    /**
     * Names what a job is read from: its journal, its runs, other stays of its motor that ended, what closed jobs taught, the
     * shop's settings, its customer's name. Index look-ups, and a dozen rows of counts.
     *
     * @return the version; empty where there is no such job
     */
    @Transactional(readOnly = true)
    public Optional<String> of(String tag) {
        return shop.here("""
                select concat_ws('.',
                  (select max(id) from journal where job_id = j.id),
                  (select concat_ws('-', max(id), count(ended_at), count(used_by_test)) from instrument_run where job_id = j.id),
                  (select concat_ws('-', count(*), max(extract(epoch from o.left_at))) from job o
                    where o.mark = j.mark and o.mark <> '' and o.shop_id = j.shop_id and o.left_at is not null),
                  (select md5(string_agg(explanation || jobs, ',' order by explanation)) from closed_cause_count x
                    where x.shop_id = j.shop_id),
                  (select version from shop_settings s where s.shop_id = j.shop_id), md5(c.name))
                from job j join customer c on c.id = j.customer_id where j.tag = :tag and j.shop_id = :shop""").param("tag", tag).query(String.class).optional();
    }

    /**
     * Puts version and end together as a page sends them back.
     *
     * @param version as {@link #of} named it before the job was read
     * @param view what was read
     * @param now seconds of the epoch
     */
    static String tag(String version, JobView view, double now) {
        double until = Math.min(now + AT_MOST_S, view.gate().validUntil().orElse(Double.POSITIVE_INFINITY));
        return version + "~" + Math.round(1000 * until);
    }

    /**
     * Tells whether a page that saw {@code tag} would see nothing new.
     *
     * @param seen what the page was given; with or without quotation marks
     * @param version as {@link #of} names it now
     * @param now seconds of the epoch
     */
    static boolean stands(String seen, String version, double now) {
        String plain = seen.replace("W/", "").replace("\"", "");
        int at = plain.lastIndexOf('~');
        if (at < 0 || !plain.substring(0, at).equals(version)) {
            return false;
        }
        String until = plain.substring(at + 1);
        return until.matches("[0-9]{1,15}") && 1000 * now < Long.parseLong(until);
    }
}
