package app.brasskettle.server.throttle;

import app.brasskettle.server.problems.RefusedException;
import org.springframework.stereotype.Component;

/** Counts attempts before they are judged: of a hundred at once as many are judged as of a hundred in a row. */
@Component
public class Throttle {

    private static final int LONGEST_SUBJECT = 120;
    private static final int TRY_AGAIN_S = 60;

    private final AttemptStore store;

    Throttle(AttemptStore store) {
        this.store = store;
    }

    /**
     * Counts an attempt.
     *
     * @param subject who or what is tried; nobody need exist by that name
     * @throws RefusedException when there were too many
     */
    public void count(Attempt kind, String subject) {
        if (store.counted(kind, cut(subject)) > kind.free()) {
            throw RefusedException.tooMany("Too many attempts. Wait a minute, then try again", TRY_AGAIN_S);
        }
    }

    /** Refuses whoever has too many attempts behind them, without counting another. */
    public void check(Attempt kind, String subject) {
        if (store.count(kind, cut(subject)) >= kind.free()) {
            throw RefusedException.tooMany("Too many attempts. Wait a minute, then try again", TRY_AGAIN_S);
        }
    }

    /** Whether the attempt that was just refused is the first that was: it is told once, not a hundred times. */
    public boolean first(Attempt kind, String subject) {
        return store.count(kind, cut(subject)) == kind.free() + 1;
    }

    /** Takes an attempt back that was right. */
    public void right(Attempt kind, String subject) {
        store.takenBack(kind, cut(subject));
    }

    /** Forgets every attempt at {@code subject}. */
    public void clear(Attempt kind, String subject) {
        store.cleared(kind, cut(subject));
    }

    private static String cut(String subject) {
        return subject.substring(0, Math.min(LONGEST_SUBJECT, subject.length()));
    }
}
