package app.brasskettle.core.verdict;

import app.brasskettle.core.worksheet.Coded;
import java.util.Collection;
import java.util.Comparator;

/** The four words of judgement. */
public enum Verdict implements Coded {
    /** Meets the limit. */
    HOLDS,
    /** Inside the limit but not comfortable. */
    WATCH,
    /** Outside the limit: do not go on to what depends on it. */
    STOP,
    /** Not measured, or measured in a way that proves nothing. */
    UNPROVEN;

    /** Ranks from sound to worst; what proves nothing weighs more than Watch, since power must not rest on it. */
    private int weight() {
        return switch (this) {
            case HOLDS -> 0;
            case WATCH -> 1;
            case UNPROVEN -> 2;
            case STOP -> 3;
        };
    }

    /** Tells whether more may rest on this word than on {@code other}. */
    public boolean betterThan(Verdict other) {
        return weight() < other.weight();
    }

    /** The worst of several verdicts, which judges the whole; {@link #UNPROVEN} for none at all. */
    public static Verdict worst(Collection<Verdict> verdicts) {
        return verdicts.stream().max(Comparator.comparingInt(Verdict::weight)).orElse(UNPROVEN);
    }

    /** The verdict with a capital, as it opens a sentence. */
    public String label() {
        return name().charAt(0) + code().substring(1);
    }
}
