package app.brasskettle.core.testrecord;

import app.brasskettle.core.worksheet.Coded;

/**
 * Something that became of a test, or that it came with.
 *
 * @param kind what
 * @param sentence the same with names, figures and times
 * @param next what to do about it
 */
public record Caveat(Kind kind, String sentence, String next) {

    /** What can become of a test, and what that does to it. */
    public enum Kind implements Coded {
        /** A later test stands in its place; its own word is history. */
        SUPERSEDED(Effect.NOTE),
        /** It was made on a winding that is no longer there. */
        OTHER_WINDING(Effect.NOTE),
        /** It was taken elsewhere or before, and proves nothing to a gate here. */
        ELSEWHERE(Effect.NOTE),
        /** It was read by a simulated instrument. */
        SIMULATED(Effect.NOTE),
        /** A lead hand wrote another word over it. */
        OVERRULED(Effect.NOTE),
        /** Work done since may have changed what it measured. */
        STALE(Effect.AGED),
        /** It does not fit the motor that the plate describes now. */
        NOT_THIS_MOTOR(Effect.IN_DOUBT),
        /** The plate that stands now and the readings cannot both be right. */
        CONTRADICTS_PLATE(Effect.IN_DOUBT),
        /** An instrument of another kind read it. */
        INSTRUMENT_KIND(Effect.IN_DOUBT),
        /** The instrument's calibration had run out. */
        CALIBRATION(Effect.IN_DOUBT),
        /** Nobody had proved the tester that day. */
        TESTER_NOT_CHECKED(Effect.IN_DOUBT),
        /** The voltage was not the one this motor asks for, or nobody noted it. */
        TEST_VOLTAGE(Effect.IN_DOUBT_UNLESS_STOP),
        /** The resistance fell while the voltage stood. */
        RESISTANCE_FALLS(Effect.IN_DOUBT_UNLESS_STOP),
        /** Something else on record says otherwise: a temperature, the kind of motor, a stall, another test's very figures. */
        CONTRADICTS_RECORD(Effect.IN_DOUBT_UNLESS_STOP),
        /** No such motor can read so. */
        IMPLAUSIBLE(Effect.IN_DOUBT);

        private final Effect effect;

        Kind(Effect effect) {
            this.effect = effect;
        }

        Effect effect() {
            return effect;
        }
    }

    /** What a caveat does to the word of a test and to the evidence it gives. */
    enum Effect {
        /** The word stays. */
        NOTE,
        /** Unproven from now on; what it found then stays evidence of how the motor came in. */
        AGED,
        /** Unproven, and no evidence. */
        IN_DOUBT,
        /** The same, except that a Stop stays a Stop. */
        IN_DOUBT_UNLESS_STOP
    }
}
