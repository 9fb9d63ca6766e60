package app.brasskettle.server.settings;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.ShopSql;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The shop's settings and their past, in PostgreSQL. */
@Component
public class SettingsStore {

    /** Settings as stored. */
    record Stored(int version, ShopSettings settings, String by, OffsetDateTime at) {}

    /** One change of the settings. */
    record Entry(
            OffsetDateTime at,
            String by,
            String what,
            Optional<Map<String, Object>> before,
            Optional<Map<String, Object>> after) {}

    private static final String UNNAMED = "Motor works";

    private final ShopSql shop;
    private final StrictJson json;

    SettingsStore(ShopSql shop, StrictJson json) {
        this.shop = shop;
        this.json = json;
    }

    /** The settings in force. */
    public ShopSettings current() {
        return stored().map(Stored::settings).orElseGet(() -> ShopSettings.initial(UNNAMED));
    }

    Optional<Stored> stored() {
        return shop.here("select * from shop_settings where shop_id = :shop")
                .query((r, n) -> new Stored(
                        r.getInt("version"),
                        RecordReader.read(ShopSettings.class, json.stored(r.getString("settings"))),
                        r.getString("written_by"),
                        r.getObject("written_at", OffsetDateTime.class)))
                .optional();
    }

    /**
     * Writes the settings whose writer saw version {@code seen}, 0 for none; false when somebody wrote since.
     *
     * @throws InvalidInputException at {@code tagPrefix} where another shop of the house has those letters
     */
    public boolean write(int seen, ShopSettings settings, String by, OffsetDateTime at) {
        boolean taken = shop.here("""
                select exists (select from shop_settings where shop_id <> :shop and settings ->> 'tagPrefix' = :prefix)""")
                .param("prefix", settings.tagPrefix())
                .query(Boolean.class)
                .single();
        if (taken) {
            throw new InvalidInputException(List.of(new Problem(
                    "tagPrefix",
                    Problem.Code.DUPLICATE,
                    "tagPrefix is " + settings.tagPrefix()
                            + ", which another shop of the house has: a tag tells the shop")));
        }
        Object before = stored().map(Stored::settings).orElse(null);
        int changed = shop.here("""
                insert into shop_settings (shop_id, version, settings, written_by, written_at)
                select :shop, 1, :settings::jsonb, :by, :at where :seen = 0
                on conflict (shop_id) do nothing""")
                        .param("settings", json.text(settings))
                        .param("by", by)
                        .param("at", at)
                        .param("seen", seen)
                        .update()
                + shop.here("""
                        update shop_settings set version = version + 1, settings = :settings::jsonb, written_by = :by,
                          written_at = :at where shop_id = :shop and version = :seen""")
                        .param("settings", json.text(settings))
                        .param("by", by)
                        .param("at", at)
                        .param("seen", seen)
                        .update();
        if (changed == 0) {
            return false;
        }
        shop.here("""
                insert into shop_journal (shop_id, at, by_whom, what, before, after)
                values (:shop, :at, :by, 'settings', :before::jsonb, :after::jsonb)""")
                .param("at", at)
                .param("by", by)
                .param("before", before == null ? null : json.text(before))
                .param("after", json.text(settings))
                .update();
        return true;
    }

    List<Entry> journal() {
        return shop.here("select * from shop_journal where shop_id = :shop order by id desc limit 200")
                .query((r, n) -> new Entry(
                        r.getObject("at", OffsetDateTime.class),
                        r.getString("by_whom"),
                        r.getString("what"),
                        Optional.ofNullable(r.getString("before")).map(json::stored),
                        Optional.ofNullable(r.getString("after")).map(json::stored)))
                .list();
    }
}
