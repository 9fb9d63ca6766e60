package app.brasskettle.core.work;

import java.util.Optional;
import java.util.Set;

/**
 * Work that was done.
 *
 * @param work what
 * @param remedy the part that was put right, where one was named
 * @param place where: slot, joint, lead, link; empty where nobody said
 * @param at when, seconds of the epoch
 * @param by who recorded it
 */
public record WorkDone(Work work, Optional<Remedy> remedy, String place, double at, String by) {

    /** Work that names no part. */
    public WorkDone(Work work, double at, String by) {
        this(work, Optional.empty(), "", at, by);
    }

    /** Names what was done, as it follows "since it was". */
    public String label() {
        return remedy.map(Remedy::label).orElse(work.label()) + (place.isEmpty() ? "" : " (" + place + ")");
    }

    /** Lists the groups of tests that are Unproven after it. */
    public Set<TestGroup> harms() {
        return remedy.map(Remedy::harms).orElse(work.harms());
    }

    /** Says why tests grow old by it. */
    public String why() {
        return remedy.isPresent() ? "The motor is no longer the one measured" : work.why();
    }

    /** Tells whether coils, joints, leads or impregnation were touched: two people then sign. */
    public boolean touchesWinding() {
        return remedy.map(Remedy::touchesWinding).orElse(work.touchesWinding());
    }

    /** Tells whether it is more than taking apart, putting together or coming back. */
    public boolean changesMotor() {
        return remedy.isPresent() || work.changesMotor();
    }

    /** Tells whether the shaft has to be turned by hand once more before power. */
    public boolean movesShaft() {
        return remedy.map(Remedy::movesShaft).orElse(work == Work.MACHINED);
    }
}
