package app.brasskettle.server.triage;

import app.brasskettle.core.triage.TriageResult;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Looks at the pile in PostgreSQL. */
@Component
public class TriageStore {

    private final ShopSql shop;
    private final StrictJson json;

    TriageStore(ShopSql shop, StrictJson json) {
        this.shop = shop;
        this.json = json;
    }

    /** The newest looks, at most {@code most} of them. */
    List<TriageRow> newest(int most) {
        return shop.here("select * from triage_look where shop_id = :shop order by id desc limit :most")
                .param("most", most)
                .query(this::row)
                .list();
    }

    /** The look numbered {@code id}. */
    public Optional<TriageRow> find(long id) {
        return shop.here("select * from triage_look where id = :id and shop_id = :shop")
                .param("id", id)
                .query(this::row)
                .optional();
    }

    /** Keeps a look. */
    public void add(String mark, Map<String, Object> typed, TriageResult result, String by, OffsetDateTime at) {
        shop.here("""
                insert into triage_look (shop_id, mark, typed, answer, judgement, looked_by, looked_at)
                values (:shop, :mark, :typed::jsonb, :answer, :judgement::jsonb, :by, :at)""")
                .param("mark", mark)
                .param("typed", json.text(typed))
                .param("answer", result.answer().code())
                .param("judgement", json.text(result.judgement()))
                .param("by", by)
                .param("at", at)
                .update();
    }

    /** Notes the job a motor became; false when it had become one already. */
    boolean became(long id, String tag) {
        return shop.here("update triage_look set job_tag = :tag where id = :id and shop_id = :shop and job_tag is null")
                        .param("tag", tag)
                        .param("id", id)
                        .update()
                == 1;
    }

    private TriageRow row(ResultSet row, int n) throws SQLException {
        return new TriageRow(
                row.getLong("id"),
                row.getString("mark"),
                json.stored(row.getString("typed")),
                row.getString("answer"),
                RecordReader.read(Judgement.class, json.stored(row.getString("judgement"))),
                row.getString("looked_by"),
                row.getObject("looked_at", OffsetDateTime.class),
                Optional.ofNullable(row.getString("job_tag")));
    }
}
