package app.brasskettle.core.handwork;

import app.brasskettle.core.worksheet.Coded;

/** What is done with one tap. */
public enum HandAct implements Coded {
    /** A coil laid in; the place is the slot of its first side. */
    COIL_IN,
    /** A coil taken out again. */
    COIL_OUT,
    /** A joint brazed; the place names its terminals. */
    JOINT_BRAZED,
    /** A joint opened again. */
    JOINT_OPENED,
    /** The first coil of a size counted by a second person; the place is the turns counted. */
    COIL_COUNTED,
    /** Something of the dispatch looked at; the place names it. */
    CHECKED,
    /** The same found not done after all. */
    UNCHECKED,
    /** The motor released, by one of two people. */
    SIGNED;

    /** The act that this one takes back; itself where it takes back nothing. */
    HandAct undoes() {
        return switch (this) {
            case COIL_OUT -> COIL_IN;
            case JOINT_OPENED -> JOINT_BRAZED;
            case UNCHECKED -> CHECKED;
            default -> this;
        };
    }
}
