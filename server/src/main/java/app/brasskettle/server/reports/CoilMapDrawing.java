package app.brasskettle.server.reports;

import app.brasskettle.core.teardown.CoilMap;
import java.util.List;
import java.util.Locale;

/** The stator drawn from the connection end as SVG; states differ by lightness and texture, so that it copies well. */
final class CoilMapDrawing {

    private static final double OUTER = 95;
    private static final double INNER = 58;

    private CoilMapDrawing() {}

    /** The ring of {@code states} (words, clockwise from lead 1), with a mark on each group number in {@code spots}. */
    static String svg(List<String> states, List<Integer> spots) {
        StringBuilder out = new StringBuilder(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"210\" height=\"210\" viewBox=\"-105 -105 210 210\">");
        int n = states.size();
        for (int g = 0; g < n; g++) {
            double from = 2 * Math.PI * g / n;
            double to = 2 * Math.PI * (g + 1) / n;
            String shape = wedge(from + 0.015, to - 0.015, INNER, OUTER);
            out.append("<path d=\"")
                    .append(shape)
                    .append("\" stroke=\"#24221d\" stroke-width=\"0.6\" fill=\"")
                    .append(fill(states.get(g)))
                    .append("\"/>");
            hatch(out, states.get(g), from + 0.015, to - 0.015);
            double middle = (from + to) / 2;
            text(out, middle, 47, CoilMap.phaseOf(g) + (g / 3 + 1));
            if (spots.contains(g + 1)) {
                out.append(String.format(
                        Locale.ROOT,
                        "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"5\" fill=\"#ffffff\" stroke=\"#8e2a28\" stroke-width=\"2\"/>",
                        76 * Math.sin(middle),
                        -76 * Math.cos(middle)));
            }
        }
        return out.append("</svg>").toString();
    }

    private static void text(StringBuilder out, double angle, double radius, String words) {
        out.append(String.format(
                Locale.ROOT,
                "<text x=\"%.1f\" y=\"%.1f\" font-size=\"9\" font-family=\"Sheet\" text-anchor=\"middle\">%s</text>",
                radius * Math.sin(angle),
                3 - radius * Math.cos(angle),
                words));
    }

    private static String fill(String state) {
        return switch (state) {
            case "bright" -> "#ffffff";
            case "warm" -> "#e3bd97";
            case "dull" -> "#9b7a5c";
            case "dark" -> "#2a2620";
            default -> "#8e2a28";
        };
    }

    /** Bright groups get thin arcs and burst ones thick pale bars, so that shade alone decides nothing. */
    private static void hatch(StringBuilder out, String state, double from, double to) {
        if (state.equals("bright")) {
            for (double r = INNER + 8; r < OUTER; r += 8) {
                out.append("<path d=\"")
                        .append(arc(from, to, r))
                        .append("\" stroke=\"#a4532c\" stroke-width=\"0.5\" fill=\"none\"/>");
            }
        } else if (state.equals("burst")) {
            for (double r = INNER + 10; r < OUTER; r += 11) {
                out.append("<path d=\"")
                        .append(arc(from, to, r))
                        .append("\" stroke=\"#ffffff\" stroke-width=\"2.4\" fill=\"none\"/>");
            }
        }
    }

    private static String wedge(double from, double to, double inner, double outer) {
        return String.format(
                Locale.ROOT,
                "M %.2f %.2f A %.1f %.1f 0 0 1 %.2f %.2f L %.2f %.2f A %.1f %.1f 0 0 0 %.2f %.2f Z",
                outer * Math.sin(from),
                -outer * Math.cos(from),
                outer,
                outer,
                outer * Math.sin(to),
                -outer * Math.cos(to),
                inner * Math.sin(to),
                -inner * Math.cos(to),
                inner,
                inner,
                inner * Math.sin(from),
                -inner * Math.cos(from));
    }

    private static String arc(double from, double to, double r) {
        return String.format(
                Locale.ROOT,
                "M %.2f %.2f A %.1f %.1f 0 0 1 %.2f %.2f",
                r * Math.sin(from),
                -r * Math.cos(from),
                r,
                r,
                r * Math.sin(to),
                -r * Math.cos(to));
    }
}
