package app.brasskettle.core.testkind;

/** When a test is made again on a motor that was worked on. */
public enum RepairProof {
    /** Where somebody wants to know. */
    NONE,
    /** On the new winding before varnish, while a coil can still be changed. */
    BARE,
    /** On the finished motor. */
    FINISHED,
    /** On both. */
    BARE_AND_FINISHED;

    /** Tells whether it belongs to the proof of the bare winding. */
    public boolean bare() {
        return this == BARE || this == BARE_AND_FINISHED;
    }

    /** Tells whether it belongs to the proof of the finished motor. */
    public boolean finished() {
        return this == FINISHED || this == BARE_AND_FINISHED;
    }
}
