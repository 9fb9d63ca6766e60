package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;
import java.util.EnumSet;
import java.util.Set;

/**
 * Work on a motor and what it makes of the tests taken before: the table of staleness.
 *
 * <p>A group that is harmed is Unproven until it is tested again; what it found at Stop stays Stop. A group that is mended is
 * Unproven whatever it found, since the work may have cured it.
 */
public enum Work implements Coded {
    OPENED(
            "opened",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            Set.of(),
            "Covers and rotor pass close to the end turns",
            "Guide: evidence grows old; shop rule"),
    WASHED(
            "washed",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            Set.of(TestGroup.INSULATION),
            "Water and solvent get into insulation and soften varnish",
            "IEEE Std 43-2013, 6.1; shop rule"),
    DRIED(
            "dried",
            Set.of(TestGroup.INSULATION, TestGroup.PROOF),
            Set.of(TestGroup.INSULATION),
            "Drying takes moisture out, and too hot an oven ages insulation",
            "IEEE Std 43-2013, 6.1; shop rule"),
    DIPPED(
            "dipped",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            Set.of(TestGroup.INSULATION),
            "Wet varnish carries current; its solvent attacks enamel",
            "Shop rule"),
    BAKED(
            "baked",
            Set.of(TestGroup.INSULATION, TestGroup.TURNS, TestGroup.PROOF),
            Set.of(TestGroup.INSULATION),
            "Heat and shrinking resin move turns",
            "Shop rule"),
    MACHINED(
            "machined",
            Set.of(TestGroup.INSULATION, TestGroup.MECHANICS, TestGroup.RUN),
            Set.of(TestGroup.MECHANICS, TestGroup.RUN),
            "Chips fall into windings, and fits are no longer those measured",
            "Shop rule"),
    REPAIRED(
            "repaired",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            Set.of(
                    TestGroup.INSULATION,
                    TestGroup.COPPER,
                    TestGroup.TURNS,
                    TestGroup.PROOF,
                    TestGroup.GEAR,
                    TestGroup.RUN),
            "The winding is no longer the one measured",
            "Shop rule"),
    REASSEMBLED(
            "put together",
            Set.of(TestGroup.INSULATION, TestGroup.RUN),
            Set.of(TestGroup.RUN),
            "A lead is pinched or broken as covers close; bearings and alignment are new",
            "Guide: evidence grows old; shop rule"),
    RECONNECTED(
            "reconnected",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            Set.of(TestGroup.RUN),
            "New joints: a new winding to every electrical test",
            "Shop rule"),
    PARTLY_REWOUND(
            "partly rewound",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            Set.of(TestGroup.RUN),
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
            Set.of(TestGroup.RUN),
            "The winding is out, and the burnout may have harmed the core",
            "IEEE Std 1068"),
    REWOUND(
            "rewound",
            Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF, TestGroup.RUN),
            Set.of(TestGroup.RUN),
            "New coils: a new winding to every electrical test",
            "IEC 60034-1, cl. 9"),
    CAME_BACK(
            "out of the shop",
            EnumSet.complementOf(EnumSet.of(TestGroup.TESTER)),
            Set.of(),
            "Nobody here knows what happened to it outside",
            "Shop rule");

    private final String label;
    private final Set<TestGroup> harms;
    private final Set<TestGroup> mends;
    private final String why;
    private final String source;

    Work(String label, Set<TestGroup> harms, Set<TestGroup> mends, String why, String source) {
        this.label = label;
        this.harms = Set.copyOf(harms);
        this.mends = Set.copyOf(mends);
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

    /** Lists the groups that are Unproven after it even where they stopped. */
    public Set<TestGroup> mends() {
        return mends;
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

    /** Tells whether it can answer a breakdown. */
    public boolean repairsBreakdown() {
        return this == REPAIRED || this == PARTLY_REWOUND || this == REWOUND;
    }
}
