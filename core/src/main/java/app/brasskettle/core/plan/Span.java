package app.brasskettle.core.plan;

/**
 * A stretch of time.
 *
 * @param from minute it begins
 * @param to minute it ends; after {@code from}
 */
public record Span(int from, int to) {

    public Span {
        if (to <= from) {
            throw new IllegalArgumentException("A span of " + from + " to " + to + " min has no length");
        }
    }

    /** Tells whether they share a minute. */
    public boolean overlaps(Span other) {
        return from < other.to && other.from < to;
    }

    int minutes() {
        return to - from;
    }
}
