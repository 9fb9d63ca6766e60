package app.brasskettle.server.drawings;

import app.brasskettle.core.windingtake.SlotShape;
import app.brasskettle.core.windingtake.SlotShape.SlotBottom;
import java.util.Locale;
import java.util.Optional;

/** The section of a slot as it was measured, to scale, the bore below. */
public final class SlotSection {

    private static final double SIDE = 240;
    private static final double MARGIN = 26;
    private static final double LIP_SHARE = 0.06;

    private SlotSection() {}

    /** Draws a slot; nothing until depth, both widths and the bottom are known. */
    public static Optional<String> svg(SlotShape slot) {
        return slot.areaMm2().map(area -> draw(slot, area));
    }

    private static String draw(SlotShape slot, double areaMm2) {
        double depth = slot.slotDepthM().orElseThrow();
        double top = slot.topWidthM().orElseThrow();
        double bottom = slot.bottomWidthM().orElseThrow();
        double lip = LIP_SHARE * depth;
        double scale = (SIDE - 2 * MARGIN) / Math.max(depth + lip, Math.max(top, bottom));
        double middle = SIDE / 2;
        double low = SIDE - MARGIN - lip * scale;
        double high = low - depth * scale;
        boolean round = slot.bottom().orElseThrow() == SlotBottom.ROUND;
        double shoulder = round ? high + bottom / 2 * scale : high;
        double opening = slot.openingWidthM().orElse(top) * scale / 2;
        String outline = point('M', middle - opening, SIDE - MARGIN)
                + point('L', middle - opening, low)
                + point('L', middle - top * scale / 2, low)
                + point('L', middle - bottom * scale / 2, shoulder)
                + (round
                        ? String.format(
                                Locale.ROOT,
                                "A%1$.1f %1$.1f 0 0 1 %2$.1f %3$.1f",
                                bottom / 2 * scale,
                                middle + bottom * scale / 2,
                                shoulder)
                        : point('L', middle + bottom * scale / 2, shoulder))
                + point('L', middle + top * scale / 2, low)
                + point('L', middle + opening, low)
                + point('L', middle + opening, SIDE - MARGIN);
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 240 240\" font-family=\"sans-serif\" font-size=\"12\">"
                + "<rect width=\"240\" height=\"240\" fill=\"#fff\"/><path d=\"" + outline
                + "\" fill=\"#f3eee4\" stroke=\"#000\" stroke-width=\"1.6\"/>"
                + text(middle, high - 8, mm(bottom) + (round ? " across, round" : " across, flat"))
                + text(middle, low - 6, mm(top))
                + text(middle, (high + low) / 2, String.format(Locale.ROOT, "%.0f mm²", areaMm2))
                + slot.openingWidthM()
                        .map(o -> text(middle, SIDE - 8, "opening " + mm(o)))
                        .orElse("")
                + "<text x=\"12\" y=\"" + Math.round((high + low) / 2) + "\" transform=\"rotate(-90 12 "
                + Math.round((high + low) / 2) + ")\" text-anchor=\"middle\">" + mm(depth) + " deep</text></svg>";
    }

    private static String point(char command, double x, double y) {
        return String.format(Locale.ROOT, "%c%.1f %.1f", command, x, y);
    }

    private static String text(double x, double y, String words) {
        return String.format(Locale.ROOT, "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"middle\">%s</text>", x, y, words);
    }

    private static String mm(double metres) {
        return String.format(Locale.ROOT, "%.1f mm", 1000 * metres);
    }
}
