package app.brasskettle.server.passwords;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;

/** What a password must be. */
public final class Passwords {

    private static final int SHORTEST = 8;
    /** The hash looks at no more than this. */
    private static final int MAX_BYTES = 72;

    private static final int RANDOM_BYTES = 12;

    private Passwords() {}

    /** A password that nobody guesses, to be printed once. */
    public static String random() {
        byte[] bytes = new byte[RANDOM_BYTES];
        new SecureRandom().nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Adds a problem at {@code field} where somebody's password may not be {@code password}. */
    public static void check(String field, String password, Problems problems) {
        if (!problems.name(field, password)) {
            return;
        }
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (password.length() < SHORTEST || bytes > MAX_BYTES) {
            problems.add(
                    field,
                    Problem.Code.RANGE,
                    field + " must have " + SHORTEST + " characters or more, and " + MAX_BYTES + " bytes at most");
        } else if (CommonSecrets.password(password)) {
            problems.add(
                    field,
                    Problem.Code.RANGE,
                    field
                            + " is one that is guessed first. Three or four words that do not belong together are better");
        }
    }
}
