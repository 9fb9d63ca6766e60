package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;

/**
 * How one thing on a plate was come by; what is given without a mark was read.
 *
 * @param field the thing
 * @param state how it was come by
 */
public record FieldMark(PlateField field, State state) {

    /** How a figure of a plate was come by. */
    public enum State implements Coded {
        READ,
        /** Read with doubt: worn, scratched, painted over. */
        WORN,
        /** Looked for and not there. */
        MISSING,
        ESTIMATED
    }

    public FieldMark {
        Problems problems = new Problems();
        problems.present("field", field);
        problems.present("state", state);
        problems.throwIfAny();
    }
}
