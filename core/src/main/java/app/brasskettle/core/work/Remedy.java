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
    BEARING("given a new bearing", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    SEAL("given a new seal", Part.TURNING, TestGroup.INSULATION, TestGroup.RUN),
    FAN("given a new fan", Part.TURNING, TestGroup.INSULATION, TestGroup.RUN),
    GREASE("greased", Part.TURNING, TestGroup.RUN),
    KEY("given a half key or a new key", Part.TURNING, TestGroup.RUN),
    BALANCE("balanced", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    MOUNTING("mounted anew (feet, sheave, coupling)", Part.TURNING, TestGroup.RUN),
    BEARING_SEAT("given a new bearing seat", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    BRACKET(
            "given a bracket machined or seated anew",
            Part.TURNING,
            TestGroup.INSULATION,
            TestGroup.MECHANICS,
            TestGroup.RUN),
    ROTOR_SURFACE("given a machined rotor", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    ROTOR_CAGE("given a repaired rotor cage", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    SHAFT("given a repaired shaft", Part.TURNING, TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
    SHAFT_GROUNDING("given shaft grounding or an insulated bearing", Part.TURNING, TestGroup.MECHANICS, TestGroup.RUN),
    CAPACITOR("given a new capacitor", Part.GEAR, TestGroup.GEAR, TestGroup.INSULATION, TestGroup.RUN),
    START_SWITCH("given a new start switch", Part.GEAR, TestGroup.GEAR, TestGroup.INSULATION, TestGroup.RUN),
    PROTECTOR("given a new protector", Part.GEAR, TestGroup.GEAR, TestGroup.INSULATION, TestGroup.RUN),
    SUPPLY("given a sound supply, or its links put right", Part.OUTSIDE, TestGroup.RUN),
    LEAD(
            "given a repaired lead or terminal",
            Part.WINDING,
            TestGroup.COPPER,
            TestGroup.INSULATION,
            TestGroup.PROOF,
            TestGroup.TURNS,
            TestGroup.RUN),
    JOINT(
            "given a repaired joint",
            Part.WINDING,
            TestGroup.COPPER,
            TestGroup.INSULATION,
            TestGroup.PROOF,
            TestGroup.TURNS,
            TestGroup.RUN),
    COIL(
            "given a repaired coil",
            Part.WINDING,
            TestGroup.COPPER,
            TestGroup.INSULATION,
            TestGroup.PROOF,
            TestGroup.TURNS,
            TestGroup.RUN),
    SLOT_INSULATION(
            "given repaired insulation",
            Part.WINDING,
            TestGroup.COPPER,
            TestGroup.INSULATION,
            TestGroup.PROOF,
            TestGroup.TURNS,
            TestGroup.RUN),
    CORE_STACK(
            "given a repaired core",
            Part.WINDING,
            TestGroup.CORE,
            TestGroup.INSULATION,
            TestGroup.PROOF,
            TestGroup.TURNS,
            TestGroup.RUN);

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

    Remedy(String label, Part part, TestGroup first, TestGroup... others) {
        this.label = label;
        this.part = part;
        this.harms = EnumSet.of(first, others);
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
        return Set.copyOf(harms);
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
        return this == BEARING
                || this == SEAL
                || this == BEARING_SEAT
                || this == BRACKET
                || this == ROTOR_SURFACE
                || this == ROTOR_CAGE
                || this == SHAFT;
    }
}
