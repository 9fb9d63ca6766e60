package app.brasskettle.server.problems;

import org.springframework.http.HttpStatus;

/** Refusal of a call for a reason that lies in the record or in the caller's rights, not in a field. */
public final class RefusedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final String title;
    private final int againAfterS;

    private RefusedException(HttpStatus status, String title, String detail) {
        this(status, title, detail, 0);
    }

    private RefusedException(HttpStatus status, String title, String detail, int againAfterS) {
        super(detail);
        this.status = status;
        this.title = title;
        this.againAfterS = againAfterS;
    }

    /** There is too much of this kind of work just now; after so many seconds it is worth another try. */
    public static RefusedException busy(String detail, int againAfterS) {
        return new RefusedException(HttpStatus.SERVICE_UNAVAILABLE, "Busy", detail, againAfterS);
    }

    /** What was sent did not come in time. */
    public static RefusedException tooSlow(String detail) {
        return new RefusedException(HttpStatus.REQUEST_TIMEOUT, "Too slow", detail);
    }

    /** Nothing is known by that name. */
    public static RefusedException unknown(String detail) {
        return new RefusedException(HttpStatus.NOT_FOUND, "Not found", detail);
    }

    /** Somebody else changed it first. */
    public static RefusedException stale(String detail) {
        return new RefusedException(HttpStatus.CONFLICT, "Changed meanwhile", detail);
    }

    /** A gate holds it. */
    public static RefusedException gated(String detail) {
        return new RefusedException(HttpStatus.CONFLICT, "Blocked", detail);
    }

    /** A change that needs a lead hand and a reason. */
    public static RefusedException guarded(String detail) {
        return new RefusedException(HttpStatus.CONFLICT, "Needs a reason", detail);
    }

    /** The caller's role does not allow it. */
    public static RefusedException forbidden(String detail) {
        return new RefusedException(HttpStatus.FORBIDDEN, "Not allowed", detail);
    }

    /** Too many attempts; after so many seconds another is judged. */
    public static RefusedException tooMany(String detail, int againAfterS) {
        return new RefusedException(HttpStatus.TOO_MANY_REQUESTS, "Too many attempts", detail, againAfterS);
    }

    /** Not signed in, or not with these words. */
    public static RefusedException notSignedIn(String detail) {
        return new RefusedException(HttpStatus.UNAUTHORIZED, "Not signed in", detail);
    }

    /** The password was right and a code is needed as well. */
    public static RefusedException codeNeeded(String detail) {
        return new RefusedException(HttpStatus.UNAUTHORIZED, "Code needed", detail);
    }

    /** The body is larger than may be. */
    public static RefusedException tooLarge(String detail) {
        return new RefusedException(HttpStatus.CONTENT_TOO_LARGE, "Too large", detail);
    }

    HttpStatus status() {
        return status;
    }

    /** Seconds after which to try again; 0 where that would change nothing. */
    int againAfterS() {
        return againAfterS;
    }

    String title() {
        return title;
    }
}
