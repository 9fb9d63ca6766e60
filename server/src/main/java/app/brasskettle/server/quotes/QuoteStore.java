package app.brasskettle.server.quotes;

import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.json.StrictJson;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Quotes, their addresses and answers in PostgreSQL. A quote is only ever added. */
@Component
class QuoteStore {

    private static final String COLUMNS = """
            q.id, q.job_id, q.version, q.content, q.pdf_sha256, q.valid_until, q.issued_by, q.issued_at,
            (select max(version) from quote n where n.job_id = q.job_id) newest,
            (select shop_id from job j where j.id = q.job_id) shop""";

    private final JdbcClient db;
    private final JsonMapper json;
    private final StrictJson text;

    QuoteStore(JdbcClient db, JsonMapper json, StrictJson text) {
        this.db = db;
        this.json = json;
        this.text = text;
    }

    /** A quote as stored, without its pages. */
    record Stored(
            long id,
            long jobId,
            long shop,
            int version,
            int newest,
            QuoteContent content,
            String pdfSha256,
            OffsetDateTime validUntil,
            String issuedBy,
            OffsetDateTime issuedAt) {}

    /** An answer as stored. */
    record Answered(
            QuoteAnswer answer,
            String option,
            String who,
            String how,
            String words,
            OffsetDateTime at,
            String takenBy) {}

    /** An address as its makers see it later; the address itself is never shown again. */
    record Link(
            long id,
            OffsetDateTime expiresAt,
            String madeBy,
            OffsetDateTime madeAt,
            Optional<OffsetDateTime> revokedAt) {}

    int nextVersion(long jobId) {
        return db.sql("select coalesce(max(version), 0) + 1 from quote where job_id = :job")
                .param("job", jobId)
                .query(Integer.class)
                .single();
    }

    void add(long jobId, QuoteContent content, byte[] pdf, String sha256) {
        db.sql("""
                insert into quote (job_id, version, content, pdf, pdf_sha256, valid_until, issued_by, issued_at)
                values (:job, :version, :content::jsonb, :pdf, :sha, :until, :by, :at)""")
                .param("job", jobId)
                .param("version", content.version())
                .param("content", text.text(content))
                .param("pdf", pdf)
                .param("sha", sha256)
                .param("until", content.validUntil())
                .param("by", content.issuedBy())
                .param("at", content.issuedAt())
                .update();
    }

    List<Stored> of(long jobId) {
        return db.sql("select " + COLUMNS + " from quote q where job_id = :job order by version desc")
                .param("job", jobId)
                .query(this::stored)
                .list();
    }

    Optional<Stored> find(long jobId, int version) {
        return db.sql("select " + COLUMNS + " from quote q where job_id = :job and version = :version")
                .param("job", jobId)
                .param("version", version)
                .query(this::stored)
                .optional();
    }

    byte[] pdf(long id) {
        return db.sql("select pdf from quote where id = :id")
                .param("id", id)
                .query(byte[].class)
                .single();
    }

    /** The quote behind an address that is neither over nor taken back. */
    Optional<Stored> byLink(String hash, OffsetDateTime now) {
        return db.sql("select " + COLUMNS + """
                 from quote q join quote_link l on l.quote_id = q.id
                where l.hash = :hash and l.revoked_at is null and l.expires_at > :now""")
                .param("hash", hash)
                .param("now", now)
                .query(this::stored)
                .optional();
    }

    void addLink(long quoteId, String hash, OffsetDateTime expires, String by, OffsetDateTime at) {
        db.sql("""
                insert into quote_link (quote_id, hash, expires_at, made_by, made_at)
                values (:quote, :hash, :expires, :by, :at)""")
                .param("quote", quoteId)
                .param("hash", hash)
                .param("expires", expires)
                .param("by", by)
                .param("at", at)
                .update();
    }

    List<Link> links(long quoteId) {
        return db.sql("select * from quote_link where quote_id = :quote order by id")
                .param("quote", quoteId)
                .query((r, n) -> new Link(
                        r.getLong("id"),
                        r.getObject("expires_at", OffsetDateTime.class),
                        r.getString("made_by"),
                        r.getObject("made_at", OffsetDateTime.class),
                        Optional.ofNullable(r.getObject("revoked_at", OffsetDateTime.class))))
                .list();
    }

    /** True when there was such an address of that quote to take back. */
    boolean revoke(long quoteId, long link, String by, OffsetDateTime at) {
        return db.sql("""
                update quote_link set revoked_by = :by, revoked_at = :at
                where id = :id and quote_id = :quote and revoked_at is null""")
                        .param("by", by)
                        .param("at", at)
                        .param("id", link)
                        .param("quote", quoteId)
                        .update()
                == 1;
    }

    /** Holds a quote until the transaction ends, so that two answers come one after the other. */
    void hold(long quoteId) {
        db.sql("select id from quote where id = :id for update")
                .param("id", quoteId)
                .query(Long.class)
                .single();
    }

    List<Answered> answers(long quoteId) {
        return db.sql("select * from quote_answer where quote_id = :quote order by id")
                .param("quote", quoteId)
                .query((r, n) -> new Answered(
                        Coded.parse(QuoteAnswer.class, r.getString("answer")).orElseThrow(),
                        r.getString("option"),
                        r.getString("who"),
                        r.getString("how"),
                        r.getString("words"),
                        r.getObject("at", OffsetDateTime.class),
                        r.getString("taken_by")))
                .list();
    }

    void addAnswer(long quoteId, Answered answer) {
        db.sql("""
                insert into quote_answer (quote_id, answer, option, who, how, words, at, taken_by)
                values (:quote, :answer, :option, :who, :how, :words, :at, :by)""")
                .param("quote", quoteId)
                .param("answer", answer.answer().code())
                .param("option", answer.option())
                .param("who", answer.who())
                .param("how", answer.how())
                .param("words", answer.words())
                .param("at", answer.at())
                .param("by", answer.takenBy())
                .update();
    }

    private Stored stored(ResultSet r, int n) throws SQLException {
        return new Stored(
                r.getLong("id"),
                r.getLong("job_id"),
                r.getLong("shop"),
                r.getInt("version"),
                r.getInt("newest"),
                json.readValue(r.getString("content"), QuoteContent.class),
                r.getString("pdf_sha256"),
                r.getObject("valid_until", OffsetDateTime.class),
                r.getString("issued_by"),
                r.getObject("issued_at", OffsetDateTime.class));
    }
}
