package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;
import java.util.EnumSet;
import java.util.Set;

/**
 * Part of a motor that was put right: what ends a Stop has to name it.
 *
 * <p>The groups of a remedy take the place of those of its {@link Work}: a new capacitor harms no winding, and a repaired joint harms
 * more than chips do. Each remedy says which tests are made again before the motor is ready (the guide's table "proof by work").
 */
public enum Remedy implements Coded {
    BEARING("given a new bearing", Part.TURNING, Harms.FIT),
    SEAL("given a new seal", Part.TURNING, Harms.COVER),
    FAN("given a new fan", Part.TURNING, Harms.COVER),
    GREASE("greased", Part.TURNING, Harms.RUN),
    KEY("given a half key or a new key", Part.TURNING, Harms.RUN),
    BALANCE("balanced", Part.TURNING, Harms.FIT),
    MOUNTING("mounted anew (feet, sheave, coupling)", Part.TURNING, Harms.RUN),
    BEARING_SEAT("given a new bearing seat", Part.TURNING, Harms.FIT),
    BRACKET("given a bracket machined or seated anew", Part.TURNING, Harms.FIT),
    ROTOR_SURFACE("given a machined rotor", Part.TURNING, Harms.FIT),
    ROTOR_CAGE("given a repaired rotor cage", Part.TURNING, Harms.FIT),
    SHAFT("given a repaired shaft", Part.TURNING, Harms.FIT),
    SHAFT_GROUNDING(
            "given shaft grounding or an insulated bearing",
            Part.TURNING,
            EnumSet.of(TestGroup.MECHANICS, TestGroup.RUN)),
    CAPACITOR("given a new capacitor", Part.GEAR, Harms.GEAR),
    START_SWITCH("given a new start switch", Part.GEAR, Harms.GEAR),
    PROTECTOR("given a new protector", Part.GEAR, Harms.GEAR),
    SUPPLY("given a sound supply, or its links put right", Part.OUTSIDE, Harms.RUN),
    LEAD("given a repaired lead or terminal", Part.WINDING, Harms.COPPER),
    JOINT("given a repaired joint", Part.WINDING, Harms.COPPER),
    COIL("given a repaired coil", Part.WINDING, Harms.COPPER),
    SLOT_INSULATION("given repaired insulation", Part.WINDING, Harms.COPPER),
    CORE_STACK(
            "given a repaired core",
            Part.WINDING,
            EnumSet.of(TestGroup.CORE, TestGroup.INSULATION, TestGroup.PROOF, TestGroup.TURNS, TestGroup.RUN));

    /** Groups of tests that several remedies harm alike. */
    private static final class Harms {
        private static final Set<TestGroup> RUN = EnumSet.of(TestGroup.RUN);
        private static final Set<TestGroup> COVER = EnumSet.of(TestGroup.INSULATION, TestGroup.RUN);
        private static final Set<TestGroup> FIT = EnumSet.of(TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN);
        private static final Set<TestGroup> GEAR = EnumSet.of(TestGroup.GEAR, TestGroup.INSULATION, TestGroup.RUN);
        private static final Set<TestGroup> COPPER =
                EnumSet.of(TestGroup.COPPER, TestGroup.INSULATION, TestGroup.PROOF, TestGroup.TURNS, TestGroup.RUN);
    }

    /** What a remedy belongs to, which says how many people sign and whether a place is named. */
    public enum Part {
        /** What turns or holds what turns. */
        TURNING,
        /** Start switch, capacitors, protector. */
        GEAR,
        /** Winding, leads, core: two people sign. */
        WINDING,
        /** What feeds the motor. */
        OUTSIDE
    }

    private final String label;
    private final Part part;
    private final Set<TestGroup> harms;

    Remedy(String label, Part part, Set<TestGroup> harms) {
        this.label = label;
        this.part = part;
        this.harms = Set.copyOf(harms);
    }

    /** Names what was done, as it follows "since it was". */
    @Override
    public String label() {
        return label;
    }

    /** Names what it belongs to. */
    public Part part() {
        return part;
    }

    /** Lists the groups of tests that are Unproven after it. */
    public Set<TestGroup> harms() {
        return harms;
    }

    /** Tells whether whoever records it says where: which slot, joint or lead, which link. */
    public boolean needsPlace() {
        return part == Part.WINDING || part == Part.OUTSIDE;
    }

    /** Tells whether it touches coils, joints, leads or impregnation. */
    public boolean touchesWinding() {
        return part == Part.WINDING;
    }

    /** Tells whether the shaft has to be turned by hand once more before power. */
    public boolean movesShaft() {
        return switch (this) {
            case BEARING, SEAL, BEARING_SEAT, BRACKET, ROTOR_SURFACE, ROTOR_CAGE, SHAFT -> true;
            default -> false;
        };
    }

    /** Tells whether the motor stands open for it, which a hazardous-area motor needs a certified shop for. */
    public boolean needsCertifiedShop() {
        return part != Part.OUTSIDE && this != MOUNTING && this != GREASE;
    }
}
