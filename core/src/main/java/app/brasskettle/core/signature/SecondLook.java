package app.brasskettle.core.signature;

/**
 * Who may look a second time at a count, a take or a motor: another person; in a shop of one the same person at a later moment, who
 * counts anew (shop rule).
 *
 * @param onePerson true in a shop of one person, as its administrator settled it
 */
public record SecondLook(boolean onePerson) {

    /** Ten minutes: whoever looks again has done something else meanwhile. */
    public static final double LATER_S = 600;

    /** The rule of a shop of several people. */
    public static SecondLook byAnother() {
        return new SecondLook(false);
    }

    /**
     * Tells whether the second of two looks is one of its own.
     *
     * @param first who looked first
     * @param firstAt when, seconds of the epoch
     * @param second who looked again
     * @param secondAt when, seconds of the epoch
     */
    public boolean counts(String first, double firstAt, String second, double secondAt) {
        return !first.equals(second) || onePerson && Math.abs(secondAt - firstAt) >= LATER_S;
    }

    /** Who is asked for, opening a sentence. */
    public String who() {
        return onePerson ? "Another person, or you ten minutes later," : "Another person";
    }
}
