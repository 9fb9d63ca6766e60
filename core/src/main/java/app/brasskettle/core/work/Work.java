package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;
import java.util.EnumSet;
import java.util.Set;

/**
 * Work on a motor and what it makes of the tests taken before: the table of staleness.
 *
 * <p>A group that is harmed is Unproven until it is tested again; what it found at Stop stays Stop until work that fits it
 * ({@link Fault}) and a repeat that proves it.
 */
public enum Work implements Coded {
    OPENED(
            "opened",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            "Covers and rotor pass close to the end turns",
            "Guide: evidence grows old; shop rule"),
    WASHED(
            "washed",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            "Water and solvent get into insulation and soften varnish",
            "IEEE Std 43-2013, 6.1; shop rule"),
    DRIED(
            "dried",
            Set.of(TestGroup.INSULATION, TestGroup.PROOF),
            "Drying takes moisture out, and too hot an oven ages insulation",
            "IEEE Std 43-2013, 6.1; shop rule"),
    DIPPED(
            "dipped",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            "Wet varnish carries current; its solvent attacks enamel",
            "Shop rule"),
    BAKED(
            "baked",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            "Heat and shrinking resin move turns",
            "Shop rule"),
    MACHINED(
            "machined",
            Set.of(TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
            "Chips fall into windings, and fits are no longer those measured",
            "Shop rule"),
    REPAIRED(
            "repaired",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            "The winding is no longer the one measured",
            "Shop rule"),
    REASSEMBLED(
            "put together",
            Set.of(TestGroup.INSULATION, TestGroup.RUN),
            "A lead is pinched or broken as covers close; bearings and alignment are new",
            "Guide: evidence grows old; shop rule"),
    RECONNECTED(
            "reconnected",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            "New joints: a new winding to every electrical test",
            "Shop rule"),
    PARTLY_REWOUND(
            "partly rewound",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            "New coils: a new winding to every electrical test",
            "IEC 60034-1, cl. 9"),
    STRIPPED(
            "stripped",
            Set.of(
                    TestGroup.INSULATION,
                    TestGroup.COPPER,
                    TestGroup.TURNS,
                    TestGroup.PROOF,
                    TestGroup.CORE,
                    TestGroup.RUN),
            "The winding is out, and the burnout may have harmed the core",
            "IEEE Std 1068"),
    REWOUND(
            "rewound",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            "New coils: a new winding to every electrical test",
            "IEC 60034-1, cl. 9"),
    CAME_BACK(
            "out of the shop",
            EnumSet.complementOf(EnumSet.of(TestGroup.TESTER)),
            "Nobody here knows what happened to it outside",
            "Shop rule");

    private final String label;
    private final Set<TestGroup> harms;
    private final String why;
    private final String source;

    Work(String label, Set<TestGroup> harms, String why, String source) {
        this.label = label;
        this.harms = Set.copyOf(harms);
        this.why = why;
        this.source = source;
    }

    /** Names what was done, as it follows "since it was". */
    public String label() {
        return label;
    }

    /** Lists the groups that are Unproven after it unless they stopped. */
    public Set<TestGroup> harms() {
        return harms;
    }

    /** Says why. */
    public String why() {
        return why;
    }

    /** Names the standard and clause, or the shop's rule. */
    public String source() {
        return source;
    }

    /** Tells whether tests of the winding taken before belong to a winding that is no longer there. */
    public boolean startsNewWinding() {
        return this == STRIPPED || this == REWOUND || this == PARTLY_REWOUND || this == RECONNECTED;
    }

    /** Tells whether the motor stands open for it, which a hazardous-area motor needs a certified shop for. */
    public boolean needsCertifiedShop() {
        return this != CAME_BACK;
    }

    /** Tells whether coils, joints or impregnation were touched; covers or rotor off leave the winding as it was. */
    public boolean touchesWinding() {
        return switch (this) {
            case WASHED, DRIED, DIPPED, BAKED, REPAIRED, RECONNECTED, PARTLY_REWOUND, STRIPPED, REWOUND -> true;
            case OPENED, MACHINED, REASSEMBLED, CAME_BACK -> false;
        };
    }

    /** Tells whether copper that is in comes out, all of it or some coils. */
    public boolean takesCopperOut() {
        return this == STRIPPED || this == REWOUND || this == PARTLY_REWOUND;
    }

    /** Tells whether it is more than taking apart, putting together or coming back. */
    public boolean changesMotor() {
        return this != OPENED && this != REASSEMBLED && this != CAME_BACK;
    }
}
