package app.brasskettle.core.leads;

import app.brasskettle.core.worksheet.Coded;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/** What sets of leads of certain sizes can be, with the usual numbers of its marks. */
public enum Arrangement implements Coded {
    THREE_LEAD("a three-lead winding", new int[] {3}, set(1, 2, 3)),
    SIX_LEAD_OPEN_PHASES("three phases, both ends out", new int[] {2, 2, 2}, set(1, 4), set(2, 5), set(3, 6)),
    SIX_LEAD_TWO_WINDINGS("two windings: two-speed, or part-winding start", new int[] {3, 3}),
    SIX_LEAD_ONE_WINDING("one winding with six leads: two-speed, one winding", new int[] {6}),
    NINE_LEAD_WYE("dual voltage, wye", new int[] {2, 2, 2, 3}, set(1, 4), set(2, 5), set(3, 6), set(7, 8, 9)),
    NINE_LEAD_DELTA("dual voltage, delta", new int[] {3, 3, 3}, set(1, 4, 9), set(2, 5, 7), set(3, 6, 8)),
    TWELVE_LEAD(
            "twelve leads, six half phases",
            new int[] {2, 2, 2, 2, 2, 2},
            set(1, 4),
            set(2, 5),
            set(3, 6),
            set(7, 10),
            set(8, 11),
            set(9, 12)),
    NO_SOUND_MATCH("no sound match", new int[0]);

    private final String label;
    private final int[] sizes;
    private final int[][] usual;

    Arrangement(String label, int[] sizes, int[]... usual) {
        this.label = label;
        this.sizes = sizes;
        this.usual = usual;
    }

    private static int[] set(int... numbers) {
        return numbers;
    }

    /** The arrangement in running text. */
    public String label() {
        return label;
    }

    /** Usual numbers of each set; none where there is no usual numbering that the sets could tell. */
    Set<Set<Integer>> usual() {
        return Arrays.stream(usual)
                .map(s -> Arrays.stream(s).boxed().collect(Collectors.<Integer>toSet()))
                .collect(Collectors.toSet());
    }

    /** The arrangement whose sets have these sizes, smallest first. */
    static Arrangement ofSizes(int[] sizes) {
        return Arrays.stream(values())
                .filter(a -> a != NO_SOUND_MATCH && Arrays.equals(a.sizes, sizes))
                .findFirst()
                .orElse(NO_SOUND_MATCH);
    }
}
