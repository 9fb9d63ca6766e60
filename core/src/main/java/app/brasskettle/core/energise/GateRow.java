package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.testkind.StopEffect.Hold;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Coded;

/** What holds energising: the table. A row holds while it is so, whatever order things were recorded in. */
public enum GateRow implements Coded {
    RUN_UNDER_WAY("An instrument has its voltage on", "Shop rule", "Wait for its end, or take it off", JobStep.DEAD),
    LEFT_SHOP("A motor that is not here is not put on power here", "Shop rule", "Take it back in", "gate"),
    NO_LOCK_OUT(
            "Leads are joined under a lock-out by name, not older than sixteen hours and not before the last power",
            "EN 50110-1, 6.2; OSHA 1910.147",
            "Lock out, prove dead by two means, by name",
            JobStep.DEAD),
    NO_PLATE(
            "Without voltage and phases nothing can be judged",
            "Shop rule",
            "Read or estimate the nameplate",
            JobStep.PLATE),
    SHAFT_UNKNOWN(
            "A rotor that does not turn stalls at once", "Shop rule", "Turn it by hand and record it", JobStep.ARRIVAL),
    SHAFT_BINDS(
            "A bound rotor burns its winding in seconds",
            "Shop rule",
            "Teardown: free it; a lead hand records it with the reason",
            JobStep.ARRIVAL),
    CONTRADICTION("Two records cannot both be true", "Shop rule", "A lead hand settles it, in writing", "gate"),
    PARTS_OFF(
            "A motor in parts does not turn safely",
            "Shop rule",
            "Refit by the list, or say why a part stays out",
            JobStep.REASSEMBLY),
    APART(
            "A motor whose covers or rotor are off does not turn safely",
            "Shop rule",
            "Put it together, and record that",
            JobStep.REASSEMBLY),
    PLATE_STOP(
            "A plate that cannot be right judges no test",
            "IEC 60034-1, cl. 10",
            "Correct the plate; or a lead hand confirms that it is stamped so, with a photograph",
            JobStep.PLATE),
    READINGS_DISAGREE(
            "A Stop is ended by work that fits it, never by a bare repeat",
            "Shop rule",
            "Another person or another instrument reads it again; or the work that fits, then the test",
            ""),
    JOINTS_OPEN(
            "A winding joined wrongly, or not joined, burns when it runs",
            "The diagram of the new winding",
            "Braze what is open, and put right what is wrong",
            JobStep.BRAZING),
    COILS_OUT("A winding with coils out is none", "Shop rule", "Lay in the coils that are missing", JobStep.INSERTION),
    CORE_UNSOUND(
            "A core that is burnt, or that somebody saw damaged, burns its new winding",
            "IEEE Std 1068",
            "Repair the core, look at it again, and test it by loop",
            JobStep.CORE_AFTER),
    BAKE_OPEN(
            Hold.TEST_POWER_ONLY,
            false,
            "Resin that is not cured, or was overheated, holds nothing",
            "The resin’s data as set in the shop",
            "Bake it as its curve asks",
            JobStep.VARNISH),
    NO_WINDING("There is no winding in it", "Shop rule", "Rewind it, and record that", JobStep.WINDING_DATA),
    DISCHARGING(
            "The winding holds a charge that kills",
            "IEEE Std 43-2013, cl. 5; IEEE Std 95",
            "Time, or proof under 25 V after a minute",
            WindingTests.INSULATION_RESISTANCE),
    GROUND(
            "At 0.05 MΩ or less, as read or at 40 °C, copper lies on the frame or nearly",
            "Shop rule",
            "Find the ground, repair it, test again",
            WindingTests.INSULATION_RESISTANCE),
    INSULATION_MISSING(
            "Insulation to frame is what stands between the winding and a hand",
            "IEEE Std 43-2013, 12",
            "A fresh insulation test",
            WindingTests.INSULATION_RESISTANCE),
    INSULATION_LIMIT(
            Hold.BLOCKED,
            true,
            "Insulation is under its limit",
            "IEEE Std 43-2013, 12.3; field rule",
            "A fresh test that holds",
            WindingTests.INSULATION_RESISTANCE),
    INSULATION_SPOT(
            Hold.TEST_POWER_ONLY,
            false,
            "Under 60 s a reading is a triage, not a test",
            "IEEE Std 43-2013, 12.2",
            "Hold it for 60 s",
            WindingTests.INSULATION_RESISTANCE),
    OPEN_CIRCUIT(
            "It stalls on the phases that are left, and burns",
            "Shop rule",
            "Find the open circuit, then measure again",
            WindingTests.WINDING_RESISTANCE),
    RESISTANCE_MISSING(
            "Every winding and every speed is measured before it is fed",
            "IEEE Std 118",
            "A fresh resistance test",
            WindingTests.WINDING_RESISTANCE),
    RESISTANCE_LIMIT(
            Hold.BLOCKED,
            true,
            "Resistances differ beyond their limit",
            "Shop limit beside IEEE Std 118",
            "A resistance test that holds",
            WindingTests.WINDING_RESISTANCE),
    STARTING_GEAR_MISSING(
            Hold.TEST_POWER_ONLY,
            false,
            "A start winding left in burns in seconds; it takes test power to hear the switch",
            "Shop rule",
            "Test switch and capacitor",
            RunningTests.STARTING_GEAR),
    TURN_SHORT(
            "Over twice the surge limit with the rotor out, turns are shorted",
            "IEEE Std 522",
            "Winding repaired, surge repeated",
            WindingTests.SURGE_COMPARISON),
    SURGE_UNSETTLED(
            "Far over the limit with the rotor in: an uneven rotor can do it, and so can shorted turns",
            "IEEE Std 522",
            "Surge at four positions over a pole pitch, or with the rotor out",
            WindingTests.SURGE_COMPARISON),
    SURGE_UNLIKE(
            Hold.TEST_POWER_ONLY,
            false,
            "Coils unlike by construction hide what a comparison would show",
            "IEEE Std 522",
            "An earlier trace of this motor, or rising pulses that hold",
            WindingTests.SURGE_COMPARISON),
    SURGE_MISSING(
            Hold.TEST_POWER_ONLY,
            false,
            "An opened or rewound winding is surged in its present state",
            "IEEE Std 522; IEC 60034-15",
            "A surge test that holds",
            WindingTests.SURGE_COMPARISON),
    WITHSTAND_MISSING(
            Hold.TEST_POWER_ONLY,
            false,
            "An opened or rewound winding stands high voltage to frame in its present state",
            "IEC 60034-1, cl. 9",
            "A withstand test that holds",
            WindingTests.WITHSTAND_RECORD),
    BREAKDOWN(
            "A breakdown is answered by a repair and the same test at its own level, never by a gentler one",
            "IEEE Std 95; shop rule",
            "Repair on record, then the same test at its level",
            WindingTests.WITHSTAND_RECORD),
    STALLED(
            "A stall heats the winding faster than anything that watches it",
            "IEC 60034-12; heat balance of copper",
            "Let it go cold, then test insulation anew",
            WindingTests.INSULATION_RESISTANCE),
    LOST_PHASE(
            "A line without current: it runs on the phases that are left, and burns",
            "Shop rule",
            "Measure the three resistances, find the lost phase, then run it again on test power",
            RunningTests.NO_LOAD_RUN),
    PROTECTOR_OPEN(
            "A protector was seen open and nothing on record stands in for it",
            "IEC 60034-11",
            "Test the protector, or record what stands in for it",
            WindingTests.PROTECTOR),
    CORE_MISSING(
            Hold.TEST_POWER_ONLY,
            false,
            "A burnout can spoil the core under a new winding",
            "IEEE Std 1068",
            "A core loop test after the burnout",
            OpenMotorTests.CORE_LOOP_RESULT),
    TEST_STOPPED(
            "The Stop of any other test, as the table of tests says",
            "As the test",
            "Cause found, repaired, the test repeated",
            ""),
    NOT_RELEASED(
            Hold.TEST_POWER_ONLY,
            false,
            "Bolted down, coupling guarded, key captured, rotation agreed, someone at the stop",
            "Shop rule",
            "A release to run, by name, good for sixteen hours or until it is worked on",
            JobStep.RELEASE);

    private final Hold hold;
    private final boolean waivable;
    private final String why;
    private final String source;
    private final String liftedBy;
    private final String step;

    /** A row that blocks and that nobody may waive. */
    GateRow(String why, String source, String liftedBy, JobStep step) {
        this(Hold.BLOCKED, false, why, source, liftedBy, step.path());
    }

    GateRow(String why, String source, String liftedBy, TestKind test) {
        this(Hold.BLOCKED, false, why, source, liftedBy, test.step(1));
    }

    GateRow(String why, String source, String liftedBy, String step) {
        this(Hold.BLOCKED, false, why, source, liftedBy, step);
    }

    GateRow(Hold hold, boolean waivable, String why, String source, String liftedBy, JobStep step) {
        this(hold, waivable, why, source, liftedBy, step.path());
    }

    GateRow(Hold hold, boolean waivable, String why, String source, String liftedBy, TestKind test) {
        this(hold, waivable, why, source, liftedBy, test.step(1));
    }

    GateRow(Hold hold, boolean waivable, String why, String source, String liftedBy, String step) {
        this.hold = hold;
        this.waivable = waivable;
        this.why = why;
        this.source = source;
        this.liftedBy = liftedBy;
        this.step = step;
    }

    /** Names how far it holds. */
    public Hold hold() {
        return hold;
    }

    /** Tells whether a lead hand may waive it in writing, within the shop's factor. */
    public boolean waivable() {
        return waivable;
    }

    /** Says why it holds. */
    public String why() {
        return why;
    }

    /** Names the standard and clause, or the shop's rule. */
    public String source() {
        return source;
    }

    /** Says what lifts it. */
    public String liftedBy() {
        return liftedBy;
    }

    /** Names the step of the job where it is lifted; empty where the test tells. */
    public String step() {
        return step;
    }
}
