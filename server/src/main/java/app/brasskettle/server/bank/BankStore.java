package app.brasskettle.server.bank;

import app.brasskettle.core.bank.BankField;
import app.brasskettle.core.bank.BankIndex;
import app.brasskettle.core.bank.BankRecord;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Windings of the bank in PostgreSQL. */
@Component
class BankStore {

    private static final String COLUMNS =
            "shop_id, key, job_id, mark, record, words, rated_power_w, poles, slots, bore_diameter_m, core_length_m, span_slots,"
                    + " rated_voltage_v, frequency_hz, written_by, written_at";
    private static final String VALUES =
            "(:shop, :key, :job, :mark, :record::jsonb, :words, :power, :poles, :slots, :bore, :length, :span, :volts, :hertz, :by, :at)";
    private static final int FETCH = 2000;

    private final JdbcClient db;
    private final ShopSql shop;
    private final CurrentShop current;
    private final NamedParameterJdbcTemplate batches;
    private final StrictJson json;

    BankStore(JdbcClient db, ShopSql shop, CurrentShop current, NamedParameterJdbcTemplate batches, StrictJson json) {
        this.db = db;
        this.shop = shop;
        this.current = current;
        this.batches = batches;
        this.json = json;
    }

    /** How often a winding was wound here, and how many of those ran after it. */
    record Times(int rewound, int proved) {

        static final Times NONE = new Times(0, 0);
    }

    /** Writes a job's winding, in place of what was settled of it before. */
    void settle(long job, String mark, BankRecord record, String by, OffsetDateTime at) {
        batches.update(
                "insert into bank_winding (" + COLUMNS + ") values " + VALUES + """
                 on conflict (job_id) do update set record = excluded.record, mark = excluded.mark, words = excluded.words,
                  rated_power_w = excluded.rated_power_w, poles = excluded.poles, slots = excluded.slots,
                  bore_diameter_m = excluded.bore_diameter_m, core_length_m = excluded.core_length_m,
                  span_slots = excluded.span_slots, rated_voltage_v = excluded.rated_voltage_v,
                  frequency_hz = excluded.frequency_hz, written_by = excluded.written_by, written_at = excluded.written_at""",
                row(OptionalLong.of(job), mark, record.under(freeKey(job, record.key())), by, at));
        changed();
    }

    /** Another shop may have sent a winding under the tag of a job here: the job's own is then kept beside it. */
    private String freeKey(long job, String tag) {
        return shop.here("""
                select k from (select :tag as k, 1 as n union all select :tag || ' (' || i || ')', i from generate_series(2, 99) i) keys
                where not exists (select from bank_winding b where b.shop_id = :shop and b.key = k and b.job_id is distinct from :job) order by n limit 1""")
                .param("tag", tag)
                .param("job", job)
                .query(String.class)
                .single();
    }

    /** Writers of the bank queue here until they commit, so that whoever reads a version has read all before it. */
    private void changed() {
        db.sql("update bank_version set version = version + 1").update();
    }

    /** Adds windings from elsewhere; none of their keys may be there yet. */
    void add(List<BankRecord> records, String by, OffsetDateTime at) {
        SqlParameterSource[] rows = records.stream()
                .map(r -> row(OptionalLong.empty(), "", r, by, at))
                .toArray(SqlParameterSource[]::new);
        batches.batchUpdate("insert into bank_winding (" + COLUMNS + ") values " + VALUES, rows);
        changed();
    }

    private MapSqlParameterSource row(OptionalLong job, String mark, BankRecord record, String by, OffsetDateTime at) {
        return new MapSqlParameterSource()
                .addValue("shop", current.id())
                .addValue("key", record.key())
                .addValue("job", job.isPresent() ? job.getAsLong() : null)
                .addValue("mark", mark)
                .addValue("record", json.text(record))
                .addValue("words", record.words())
                .addValue("power", record.ratedPowerW().orElse(null))
                .addValue("poles", record.winding().poles())
                .addValue("slots", record.winding().slots())
                .addValue("bore", record.winding().boreDiameterM())
                .addValue("length", record.winding().coreLengthM())
                .addValue("span", record.winding().spanSlots())
                .addValue("volts", record.winding().ratedVoltageV())
                .addValue("hertz", record.winding().frequencyHz())
                .addValue("by", by)
                .addValue("at", at);
    }

    /** Returns the version of the bank: another one after every change. */
    long version() {
        return db.sql("select version from bank_version").query(Long.class).single();
    }

    /** Returns the number of what the bank has of a job. */
    Optional<Long> ofJob(String tag) {
        return shop.here("""
                select b.id from bank_winding b join job j on j.id = b.job_id
                where j.tag = :tag and j.shop_id = :shop""").param("tag", tag).query(Long.class).optional();
    }

    /** Lists what a search reads of all windings. */
    List<BankIndex.Entry> entries() {
        return shop.together("""
                select id, words, rated_power_w, poles, slots, bore_diameter_m, core_length_m, span_slots, rated_voltage_v,
                  frequency_hz from bank_winding where shop_id = any(:shops) order by id""").query(BankStore::entry).list();
    }

    private static BankIndex.Entry entry(ResultSet row, int n) throws SQLException {
        double[] figures = new double[BankField.values().length];
        figures[BankField.POWER.ordinal()] =
                Optional.ofNullable((Double) row.getObject("rated_power_w")).orElse(Double.NaN);
        figures[BankField.POLES.ordinal()] = row.getInt("poles");
        figures[BankField.SLOTS.ordinal()] = row.getInt("slots");
        figures[BankField.BORE.ordinal()] = row.getDouble("bore_diameter_m");
        figures[BankField.LENGTH.ordinal()] = row.getDouble("core_length_m");
        figures[BankField.SPAN.ordinal()] = row.getInt("span_slots");
        figures[BankField.VOLTAGE.ordinal()] = row.getDouble("rated_voltage_v");
        figures[BankField.FREQUENCY.ordinal()] = row.getDouble("frequency_hz");
        return new BankIndex.Entry(row.getLong("id"), row.getString("words"), figures);
    }

    /** Returns the records numbered {@code ids}. */
    Map<Long, BankRecord> records(Collection<Long> ids) {
        Map<Long, BankRecord> found = new HashMap<>();
        if (!ids.isEmpty()) {
            shop.together("select id, record from bank_winding where shop_id = any(:shops) and id in (:ids)")
                    .param("ids", ids)
                    .query(row -> {
                        found.put(row.getLong("id"), read(row.getString("record")));
                    });
        }
        return found;
    }

    /** Returns the records with these keys. */
    Map<String, BankRecord> byKey(Collection<String> keys) {
        Map<String, BankRecord> found = new HashMap<>();
        shop.here("select key, record from bank_winding where shop_id = :shop and key = any (:keys)")
                .param("keys", keys.toArray(String[]::new))
                .query(row -> {
                    found.put(row.getString("key"), read(row.getString("record")));
                });
        return found;
    }

    /** Hands on every record in the order it came in, a few thousand in memory at a time. */
    void each(Consumer<BankRecord> to) {
        long after = 0;
        while (true) {
            long from = after;
            List<Long> ids = shop.together(
                            "select id from bank_winding where shop_id = any(:shops) and id > :after order by id limit :most")
                    .param("after", from)
                    .param("most", FETCH)
                    .query(Long.class)
                    .list();
            if (ids.isEmpty()) {
                return;
            }
            Map<Long, BankRecord> records = records(ids);
            ids.forEach(id -> to.accept(records.get(id)));
            after = ids.get(ids.size() - 1);
        }
    }

    /** Counts, for the motors of these windings, the jobs that were rewound here, and those that were released to run after. */
    Map<Long, Times> times(Collection<Long> ids) {
        Map<Long, Times> times = new HashMap<>();
        if (!ids.isEmpty()) {
            shop.together("""
                    select b.id, count(*) as rewound, count(*) filter (where exists (select from job_event r
                        where r.job_id = j.id and r.kind = 'run-released' and r.done_at > w.at and not r.imported)) as proved
                    from bank_winding b
                    join lateral (select b.job_id as id where b.job_id is not null
                      union select m.id from job m where m.shop_id = b.shop_id and m.mark = b.mark and m.mark <> '') j on true
                    join lateral (select max(e.done_at) as at from job_event e where e.job_id = j.id and e.kind = 'worked'
                      and not e.imported and e.detail ->> 'work' = 'rewound') w on w.at is not null
                    where b.shop_id = any(:shops) and b.id in (:ids) group by b.id""").param("ids", ids).query(row -> {
                times.put(row.getLong("id"), new Times(row.getInt("rewound"), row.getInt("proved")));
            });
        }
        return times;
    }

    /** Returns the new windings that were kept for the motors of these, as they were typed. */
    Map<Long, Map<String, Object>> redesigns(Collection<Long> ids) {
        Map<Long, Map<String, Object>> found = new HashMap<>();
        if (!ids.isEmpty()) {
            shop.together("""
                    select b.id, s.typed from bank_winding b join job_sheet s on s.job_id = b.job_id and s.kind = 'redesign'
                    where b.shop_id = any(:shops) and b.id in (:ids)""").param("ids", ids).query(row -> {
                found.put(row.getLong("id"), json.stored(row.getString("typed")));
            });
        }
        return found;
    }

    private BankRecord read(String record) {
        return RecordReader.read(BankRecord.class, json.stored(record));
    }
}
