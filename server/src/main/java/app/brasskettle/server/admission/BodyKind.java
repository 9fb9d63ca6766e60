package app.brasskettle.server.admission;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.regex.Pattern;

/** How large the body of a call may be: the first kind whose path it has. */
enum BodyKind {
    SIGNING_IN("/api/(session|me|people|quotes|off)(/.*)?", 16 * Size.KIB),
    PHOTOGRAPH("/api/jobs/[^/]+/photos", 15 * Size.MIB),
    READINGS("/api/jobs/[^/]+/tests/[^/]+/file", 16 * Size.MIB),
    /** Fifty thousand windings as a list. */
    BANK("/api/bank/import", 40 * Size.MIB),
    /** More than an archive of a job holds unpacked, so that whatever was written can be read: photographs do not shrink. */
    ARCHIVE("/api/jobs/import", 512 * Size.MIB),
    CALL(".*", 4 * Size.MIB);

    /** Bytes of the units. */
    private static final class Size {
        static final long KIB = 1L << 10;
        static final long MIB = 1L << 20;
    }

    private final Pattern path;
    private final long most;

    BodyKind(String path, long most) {
        this.path = Pattern.compile(path);
        this.most = most;
    }

    static BodyKind of(HttpServletRequest request) {
        return Arrays.stream(values())
                .filter(k -> k.path.matcher(request.getRequestURI()).matches())
                .findFirst()
                .orElse(CALL);
    }

    long most() {
        return most;
    }

    String told() {
        return "What is sent here holds at most "
                + (most < Size.MIB ? most / Size.KIB + " KiB" : most / Size.MIB + " MiB");
    }
}
