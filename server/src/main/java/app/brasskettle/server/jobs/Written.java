package app.brasskettle.server.jobs;

import java.util.function.Function;

/**
 * What a change of a job leaves in its journal.
 *
 * @param what in a word or two
 * @param before what stood there, null where nothing did
 * @param after what stands there now, told from the job as it reads after the change
 */
public record Written(String what, Object before, Function<ReadJob, Object> after) {

    /** What is written stands there already. */
    static final Written NOTHING = new Written("", null, read -> null);

    /** Something that took the place of nothing. */
    public static Written of(String what, Object after) {
        return change(what, null, after);
    }

    /** Something that took the place of what stood before, each null where there is nothing. */
    public static Written change(String what, Object before, Object after) {
        return new Written(what, before, read -> after);
    }
}
