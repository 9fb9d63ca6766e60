package app.brasskettle.server.retries;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A key by which a repeated call is known.
 *
 * @param scope whose key it is: a username, or the path of a call that needs nobody signed in
 * @param key as sent
 */
record RequestKey(String scope, String key) {

    /** Header that carries it. */
    static final String HEADER = "Idempotency-Key";

    private static final Pattern SHAPE = Pattern.compile("[\\x21-\\x7E]{8,80}");

    /** What is wrong with {@code key}; nothing where it can be remembered as it stands. */
    static Optional<String> fault(String key) {
        return SHAPE.matcher(key).matches()
                ? Optional.empty()
                : Optional.of(HEADER + " must have 8 to 80 letters, figures and signs of ASCII, without blanks");
    }
}
