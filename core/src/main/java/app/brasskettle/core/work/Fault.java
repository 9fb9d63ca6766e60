package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;
import java.util.EnumSet;
import java.util.Set;

/**
 * Kind of Stop that a test can find, and the work that can end it: the table "Stop → work that fits". A Stop ends by such work and, after
 * it, a repeat that proves; what else was done to the motor cures it of nothing.
 */
public enum Fault implements Coded {
    LEAD_MARKS(Repeat.AGREED, EnumSet.of(Remedy.LEAD, Remedy.JOINT), EnumSet.of(Work.RECONNECTED)),
    OPEN_CIRCUIT(Repeat.NEVER, EnumSet.of(Remedy.JOINT, Remedy.COIL, Remedy.LEAD), newCopper()),
    RESISTANCE(Repeat.AGREED, EnumSet.of(Remedy.LEAD, Remedy.JOINT, Remedy.COIL), newCopper()),
    GROUND(Repeat.NEVER, EnumSet.of(Remedy.SLOT_INSULATION, Remedy.COIL, Remedy.LEAD), newCoils()),
    LEAKAGE(
            Repeat.AGREED,
            EnumSet.of(Remedy.SLOT_INSULATION, Remedy.COIL, Remedy.LEAD),
            EnumSet.of(Work.WASHED, Work.DRIED, Work.BAKED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND)),
    TURN_SHORT(Repeat.NEVER, EnumSet.of(Remedy.COIL, Remedy.JOINT), newCoils()),
    UNLIKE_PHASES(Repeat.AGREED, EnumSet.of(Remedy.COIL, Remedy.JOINT), newCoils()),
    BREAKDOWN(Repeat.NEVER, EnumSet.of(Remedy.SLOT_INSULATION, Remedy.COIL, Remedy.JOINT), newCoils()),
    WRONG_FIELD(Repeat.AGREED, EnumSet.of(Remedy.COIL, Remedy.JOINT, Remedy.LEAD), newCopper()),
    GEAR(Repeat.AGREED, EnumSet.of(Remedy.CAPACITOR, Remedy.START_SWITCH), EnumSet.noneOf(Work.class)),
    PROTECTOR(Repeat.AFTER_COOLING, EnumSet.of(Remedy.PROTECTOR), EnumSet.noneOf(Work.class)),
    LOST_PHASE(Repeat.AGREED, EnumSet.of(Remedy.SUPPLY, Remedy.LEAD, Remedy.JOINT, Remedy.COIL), newCopper()),
    UNEQUAL_CURRENTS(Repeat.AGREED, EnumSet.of(Remedy.SUPPLY, Remedy.LEAD, Remedy.JOINT, Remedy.COIL), newCopper()),
    /** A motor that stood still at reduced voltage is tried once more when it is cold. */
    STALL(Repeat.FREE, EnumSet.of(Remedy.BEARING, Remedy.ROTOR_CAGE), newCopper()),
    HOT_BEARING(
            Repeat.AGREED, EnumSet.of(Remedy.GREASE, Remedy.BEARING, Remedy.BEARING_SEAT), EnumSet.noneOf(Work.class)),
    VIBRATION(
            Repeat.AGREED,
            EnumSet.of(
                    Remedy.BALANCE,
                    Remedy.BEARING,
                    Remedy.KEY,
                    Remedy.FAN,
                    Remedy.MOUNTING,
                    Remedy.BRACKET,
                    Remedy.SHAFT),
            EnumSet.noneOf(Work.class)),
    BARS(Repeat.AGREED, EnumSet.of(Remedy.ROTOR_CAGE), EnumSet.noneOf(Work.class)),
    TOO_HOT(Repeat.AGREED, EnumSet.of(Remedy.FAN, Remedy.ROTOR_CAGE, Remedy.SUPPLY), newCopper()),
    SHAFT_VOLTAGE(Repeat.AGREED, EnumSet.of(Remedy.SHAFT_GROUNDING), EnumSet.noneOf(Work.class)),
    BEARING_INSULATION(Repeat.AGREED, EnumSet.of(Remedy.SHAFT_GROUNDING, Remedy.BEARING), EnumSet.noneOf(Work.class)),
    SEAT(Repeat.AGREED, EnumSet.of(Remedy.BEARING_SEAT), EnumSet.noneOf(Work.class)),
    AIR_GAP(
            Repeat.AGREED,
            EnumSet.of(Remedy.BEARING_SEAT, Remedy.BEARING, Remedy.BRACKET, Remedy.ROTOR_SURFACE),
            EnumSet.noneOf(Work.class)),
    REGISTER(Repeat.AGREED, EnumSet.of(Remedy.BRACKET), EnumSet.noneOf(Work.class)),
    RUN_OUT(Repeat.AGREED, EnumSet.of(Remedy.SHAFT), EnumSet.noneOf(Work.class)),
    KEY_SEAT(Repeat.AGREED, EnumSet.of(Remedy.KEY, Remedy.SHAFT), EnumSet.noneOf(Work.class)),
    IMBALANCE(Repeat.AGREED, EnumSet.of(Remedy.BALANCE, Remedy.FAN), EnumSet.noneOf(Work.class)),
    CORE(Repeat.AGREED, EnumSet.of(Remedy.CORE_STACK), EnumSet.noneOf(Work.class)),
    /** A tester that fails its check is another one, or repaired, when it passes. */
    TESTER(Repeat.FREE, EnumSet.noneOf(Remedy.class), EnumSet.noneOf(Work.class));

    /** What a repeat that turns the Stop good comes to, with no fitting work between. */
    public enum Repeat implements Coded {
        /** It takes the place of the Stop. */
        FREE,
        /** The same once it had an hour to cool. */
        AFTER_COOLING,
        /** Two readings that disagree, until another person or another instrument agrees. */
        AGREED,
        /** Two readings that disagree, until fitting work or a lead hand's word on what was misread. */
        NEVER
    }

    /** How long a protector has to cool, seconds; shop rule. */
    private static final double COOLING_SECONDS = 3600;

    private final Repeat repeat;
    private final Set<Remedy> remedies;
    private final Set<Work> works;

    Fault(Repeat repeat, Set<Remedy> remedies, Set<Work> works) {
        this.repeat = repeat;
        this.remedies = Set.copyOf(remedies);
        this.works = Set.copyOf(works);
    }

    private static EnumSet<Work> newCoils() {
        return EnumSet.of(Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND);
    }

    /** New coils, or the same ones joined anew: what is wrong within a coil outlasts new joints. */
    private static EnumSet<Work> newCopper() {
        return EnumSet.of(Work.RECONNECTED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND);
    }

    /** Names what a bare repeat comes to. */
    public Repeat repeat() {
        return repeat;
    }

    /** Lists the remedies that can end it. */
    public Set<Remedy> remedies() {
        return remedies;
    }

    /** Lists the work that can end it without a named part. */
    public Set<Work> works() {
        return works;
    }

    /** Tells whether that work can end it; one that asks for a place does so only where a place is named. */
    public boolean fits(WorkDone done) {
        return done.remedy()
                .map(r -> remedies.contains(r)
                        && (!r.needsPlace() || !done.place().isBlank()))
                .orElseGet(() -> works.contains(done.work()));
    }

    /**
     * Tells whether a bare repeat may take the place of the Stop.
     *
     * @param secondsLater how long after the Stop it was taken
     */
    public boolean endsByRepeat(double secondsLater) {
        return repeat == Repeat.FREE || repeat == Repeat.AFTER_COOLING && secondsLater >= COOLING_SECONDS;
    }

    /** Tells whether the agreement of another person or another instrument ends it. */
    public boolean endsByAgreement() {
        return repeat != Repeat.NEVER;
    }
}
