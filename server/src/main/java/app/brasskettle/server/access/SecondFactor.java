package app.brasskettle.server.access;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.springframework.stereotype.Component;

/** Codes by time (RFC 6238: six figures, thirty seconds, SHA-1) as a second factor. */
@Component
class SecondFactor {

    private static final int SECRET_BYTES = 20;
    private static final String ALGORITHM = "HmacSHA1";
    /** Clocks of telephones: one step early or late. */
    private static final int STEPS_OFF = 1;

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final SecureRandom random = new SecureRandom();
    private final FactorStore store;

    SecondFactor(FactorStore store) {
        this.store = store;
    }

    byte[] secret() {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        return secret;
    }

    static String base32(byte[] secret) {
        return new Base32().encodeToString(secret);
    }

    /** What an authenticator scans. */
    static String uri(String username, byte[] secret) {
        return "otpauth://totp/"
                + URLEncoder.encode("Brass Kettle:" + username, StandardCharsets.UTF_8)
                        .replace("+", "%20") + "?secret=" + base32(secret) + "&issuer=Brass%20Kettle";
    }

    /** Whether {@code code} is right now; a right one is used up. */
    boolean passes(String username, byte[] secret, String code) {
        return step(secret, code, Instant.now())
                .filter(step -> store.use(username, step))
                .isPresent();
    }

    private Optional<Long> step(byte[] secret, String code, Instant now) {
        if (code == null || !code.strip().matches("\\d{6}")) {
            return Optional.empty();
        }
        Duration stepLength = codes.getTimeStep();
        for (int off = -STEPS_OFF; off <= STEPS_OFF; off++) {
            Instant at = now.plus(stepLength.multipliedBy(off));
            if (code(secret, at).equals(code.strip())) {
                return Optional.of(at.getEpochSecond() / stepLength.toSeconds());
            }
        }
        return Optional.empty();
    }

    private String code(byte[] secret, Instant at) {
        try {
            return codes.generateOneTimePasswordString(new SecretKeySpec(secret, ALGORITHM), at);
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException("The key is one of ours", impossible);
        }
    }
}
