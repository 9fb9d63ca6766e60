package app.brasskettle.server.retries;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Answers that were given, by key. */
@Component
class AnsweredCallStore {

    /** A page may keep an entry this long before it reaches the shop. */
    private static final int KEPT_DAYS = 30;

    private static final int FORGOTTEN_AT_ONCE = 20;

    /**
     * An answer.
     *
     * @param digest of the call it was given to; empty for a call of an earlier release, which kept none
     * @param type of its body
     */
    record Answered(Optional<byte[]> digest, int status, String type, byte[] body) {

        boolean answers(byte[] other) {
            return digest.filter(d -> Arrays.equals(d, other)).isPresent();
        }
    }

    private final JdbcClient db;

    AnsweredCallStore(JdbcClient db) {
        this.db = db;
    }

    Optional<Answered> find(RequestKey key) {
        return db.sql("select digest, status, type, body from answered_call where scope = :scope and key = :key")
                .param("scope", key.scope())
                .param("key", key.key())
                .query(AnsweredCallStore::answered)
                .optional();
    }

    private static Answered answered(ResultSet row, int n) throws SQLException {
        return new Answered(
                Optional.ofNullable(row.getBytes("digest")),
                row.getInt("status"),
                row.getString("type"),
                unpacked(row.getBytes("body")));
    }

    /** Keeps an answer, in the transaction of what it answers; false when a twin on another server was faster. */
    boolean keep(RequestKey key, byte[] digest, int status, String type, byte[] body) {
        return db.sql("""
                insert into answered_call (scope, key, digest, status, type, body, done_at)
                values (:scope, :key, :digest, :status, :type, :body, now()) on conflict do nothing""")
                        .param("scope", key.scope())
                        .param("key", key.key())
                        .param("digest", digest)
                        .param("status", status)
                        .param("type", type)
                        .param("body", packed(body))
                        .update()
                == 1;
    }

    /** Forgets some of what nobody will ask for any more. */
    void forgetOld() {
        db.sql("""
                delete from answered_call where (scope, key) in (
                    select scope, key from answered_call where done_at < now() - :days * interval '1 day'
                    order by done_at limit :most for update skip locked)""").param("days", KEPT_DAYS).param("most", FORGOTTEN_AT_ONCE).update();
    }

    private static byte[] packed(byte[] body) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(body);
        } catch (IOException neverInMemory) {
            throw new UncheckedIOException(neverInMemory);
        }
        return out.toByteArray();
    }

    private static byte[] unpacked(byte[] body) {
        try (GZIPInputStream gzip = new GZIPInputStream(new ByteArrayInputStream(body))) {
            return gzip.readAllBytes();
        } catch (IOException neverInMemory) {
            throw new UncheckedIOException(neverInMemory);
        }
    }
}
