package app.brasskettle.server.pages;

import java.security.SecureRandom;
import java.util.Base64;
import org.apache.commons.codec.digest.DigestUtils;

/** The part of an address that is its key: random, told once, kept as a hash. */
public final class SecretAddress {

    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private SecretAddress() {}

    /** A new one: 256 bits in letters an address can hold. */
    public static String make() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** What is kept of it: SHA-256 in hexadecimal digits. */
    public static String hash(String secret) {
        return DigestUtils.sha256Hex(secret);
    }
}
