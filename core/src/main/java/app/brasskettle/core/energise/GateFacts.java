package app.brasskettle.core.energise;

import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the record of a job says about putting its motor on power.
 *
 * @param shaftFree true when it turns freely, false when it binds, absent when nobody has recorded it
 * @param lockedOut who proved the supply dead, and when; absent when nobody did
 * @param insulation the standing insulation test
 * @param resistance the standing resistance test
 * @param surge the standing surge test
 * @param further other tests of winding and core
 * @param openPair true when a terminal pair reads open
 * @param groundFault true when insulation is so low that copper lies on the frame
 * @param discharge the clock of the last voltage put on the winding
 * @param opened true when the winding was opened or rewound, which then needs surge and withstand tests that hold
 * @param partsOff how many parts that were logged off are neither back nor left out for a reason
 * @param washed when the winding was last washed, dried, dipped or opened, seconds of the epoch
 * @param auxiliaries what hangs on the winding or beside it and a high voltage would harm
 * @param isolated those of them named as removed or shorted
 * @param openings what lead hands wrote against limits
 * @param runRelease true when the run station released it by name: bolted, guarded, key captured, rotation agreed
 */
public record GateFacts(
        Optional<Boolean> shaftFree,
        Optional<String> lockedOut,
        Optional<Taken> insulation,
        Optional<Taken> resistance,
        Optional<Taken> surge,
        List<Further> further,
        boolean openPair,
        boolean groundFault,
        Optional<DischargeClock> discharge,
        boolean opened,
        int partsOff,
        Optional<Double> washed,
        List<String> auxiliaries,
        Set<String> isolated,
        List<Opening> openings,
        boolean runRelease) {

    /**
     * A test as it stands.
     *
     * @param verdict its word
     * @param spot true for an insulation reading under 60 s
     * @param at when it was taken, seconds of the epoch
     * @param headline the verdict in a sentence
     */
    public record Taken(Verdict verdict, boolean spot, double at, String headline) {}

    /**
     * Another test of winding or core, as it stands.
     *
     * @param name the test
     * @param step step of the job where it is taken
     * @param headline its verdict in a sentence
     * @param verdict its word
     * @param effect what its Stop does
     * @param highVoltage true when it put high voltage on the winding
     * @param at when it was taken, seconds of the epoch
     */
    public record Further(
            String name, String step, String headline, Verdict verdict, Effect effect, boolean highVoltage, double at) {

        boolean stops(Effect kind) {
            return verdict == Verdict.STOP && effect == kind;
        }
    }

    /** What the Stop of a test does. */
    public enum Effect {
        /** Nothing. */
        NONE,
        /** Shuts; what it measured is not in doubt, and a lead hand may argue its limit. */
        LIMIT,
        /** Shuts until what it found is mended. */
        SHUTS,
        /** Shuts and nobody may open against it: copper on the frame, or a circuit that is open. */
        NEVER,
        /** Leaves test power only, which is what it takes to try again. */
        TEST_POWER_ONLY
    }

    /** Step at which the withstand test is taken. */
    public static final String WITHSTAND_STEP = "bench/withstand";

    /**
     * A lead hand's written reason against a limit.
     *
     * @param code the gate's reason it is written against
     * @param sentence that reason as it stood
     * @param by who wrote it
     * @param why the reason
     */
    public record Opening(String code, String sentence, String by, String why) {}

    /** Facts of a job on which nothing has been recorded. */
    public static GateFacts none() {
        return new GateFacts(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                false,
                false,
                Optional.empty(),
                false,
                0,
                Optional.empty(),
                List.of(),
                Set.of(),
                List.of(),
                false);
    }
}
