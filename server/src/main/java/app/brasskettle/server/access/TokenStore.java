package app.brasskettle.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Access tokens of people: random, shown once, kept as a hash. */
@Component
class TokenStore {

    private static final String PREFIX = "bk_";
    private static final int BYTES = 32;

    /** A token as its owner sees it later; the token itself is never shown again. */
    record Token(
            long id, String name, OffsetDateTime madeAt, OffsetDateTime expiresAt, Optional<OffsetDateTime> usedAt) {}

    private final JdbcClient db;
    private final SecureRandom random = new SecureRandom();

    TokenStore(JdbcClient db) {
        this.db = db;
    }

    String make(String username, String name, int days) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String token = PREFIX + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        db.sql("""
                insert into access_token (user_id, name, hash, expires_at)
                select id, :name, :hash, now() + :days * interval '1 day' from shop_user where username = :username""")
                .param("days", days)
                .param("name", name)
                .param("hash", hash(token))
                .param("username", username)
                .update();
        return token;
    }

    List<Token> of(String username) {
        return db.sql("""
                select t.* from access_token t join shop_user u on u.id = t.user_id
                where u.username = :username and t.revoked_at is null and t.expires_at > now() order by t.id""")
                .param("username", username)
                .query((row, n) -> new Token(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getObject("made_at", OffsetDateTime.class),
                        row.getObject("expires_at", OffsetDateTime.class),
                        Optional.ofNullable(row.getObject("used_at", OffsetDateTime.class))))
                .list();
    }

    /** True when {@code username} had such a token. */
    boolean revoke(String username, long id) {
        return db.sql("""
                update access_token t set revoked_at = now() from shop_user u
                where u.id = t.user_id and u.username = :username and t.id = :id and t.revoked_at is null""").param("username", username).param("id", id).update() == 1;
    }

    /** Takes back every token of {@code username}. */
    void revokeAll(String username) {
        db.sql("""
                update access_token t set revoked_at = now() from shop_user u
                where u.id = t.user_id and u.username = :username and t.revoked_at is null""").param("username", username).update();
    }

    /** The person a token speaks for; nobody when it was taken back, has run out, or the account is closed. */
    Optional<Person> person(String token) {
        Optional<Person> person = db.sql("""
                select u.* from access_token t join shop_user u on u.id = t.user_id
                where t.hash = :hash and t.revoked_at is null and t.expires_at > now() and not u.closed""")
                .param("hash", hash(token))
                .query((row, n) -> AccountStore.person(row))
                .optional();
        // Once a minute is fine enough to see which tokens are in use, and spares a write for each call.
        person.ifPresent(p -> db.sql("""
                update access_token set used_at = now()
                where hash = :hash and (used_at is null or used_at < now() - interval '1 minute')""").param("hash", hash(token)).update());
        return person;
    }

    private static byte[] hash(String token) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }
}
