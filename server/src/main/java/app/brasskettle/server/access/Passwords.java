package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.nio.charset.StandardCharsets;

/** What a password must be. */
final class Passwords {

    private static final int SHORTEST = 8;
    /** The hash looks at no more than this. */
    private static final int MAX_BYTES = 72;

    private Passwords() {}

    static void check(String field, String password, Problems problems) {
        if (!problems.name(field, password)) {
            return;
        }
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (password.length() < SHORTEST || bytes > MAX_BYTES) {
            problems.add(
                    field,
                    Problem.Code.RANGE,
                    field + " must have " + SHORTEST + " characters or more, and " + MAX_BYTES + " bytes at most");
        }
    }
}
