package app.brasskettle.server.problems;

import org.springframework.http.HttpStatus;

/** Refusal of a call for a reason that lies in the record or in the caller's rights, not in a field. */
public final class RefusedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final String title;

    private RefusedException(HttpStatus status, String title, String detail) {
        super(detail);
        this.status = status;
        this.title = title;
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

    /** Too many attempts. */
    public static RefusedException tooMany(String detail) {
        return new RefusedException(HttpStatus.TOO_MANY_REQUESTS, "Too many attempts", detail);
    }

    /** Not signed in, or not with these words. */
    public static RefusedException notSignedIn(String detail) {
        return new RefusedException(HttpStatus.UNAUTHORIZED, "Not signed in", detail);
    }

    /** The body is larger than may be. */
    public static RefusedException tooLarge(String detail) {
        return new RefusedException(HttpStatus.CONTENT_TOO_LARGE, "Too large", detail);
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }
}
