package app.brasskettle.server.reports;

import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.server.jobview.JobView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The stator drawn from the connection end as SVG; states differ by lightness and texture, so that it copies well. */
public final class CoilMapDrawing {

    private static final double OUTER = 95;
    private static final double INNER = 58;

    private CoilMapDrawing() {}

    /** A spot on a group, numbered from 1, by the word of its place. */
    public record Mark(int group, String place) {}

    /** The ring as it was painted on a job; empty where nobody painted one. */
    public static Optional<String> of(JobView job) {
        return Optional.ofNullable(job.sheets().get("coil-map"))
                .filter(s -> s.typed().get("groups") instanceof List<?> groups && !groups.isEmpty())
                .map(s -> svg(
                        ((List<?>) s.typed().get("groups"))
                                .stream().map(Object::toString).toList(),
                        coils(s),
                        spots(s)));
    }

    private static List<Mark> spots(JobView.Sheet sheet) {
        List<Mark> spots = new ArrayList<>();
        if (sheet.typed().get("spots") instanceof List<?> list) {
            for (Object s : list) {
                if (s instanceof Map<?, ?> m) {
                    spots.add(new Mark(
                            (int) Double.parseDouble(String.valueOf(m.get("group"))), String.valueOf(m.get("spot"))));
                }
            }
        }
        return spots;
    }

    private static List<Double> coils(JobView.Sheet sheet) {
        return sheet.typed().get("groupCoils") instanceof List<?> list
                ? list.stream().map(c -> Double.valueOf(c.toString())).toList()
                : List.of();
    }

    /**
     * The ring.
     *
     * @param states words, clockwise from lead 1
     * @param coils coils of each group, as wide as which it is drawn; none where they are alike
     * @param spots single burns
     */
    public static String svg(List<String> states, List<Double> coils, List<Mark> spots) {
        StringBuilder out = new StringBuilder(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"210\" height=\"210\" viewBox=\"-105 -105 210 210\">");
        double[] barrier = barriers(states.size(), coils);
        for (int g = 0; g < states.size(); g++) {
            double from = barrier[g];
            double to = barrier[g + 1];
            String shape = wedge(from + 0.015, to - 0.015, INNER, OUTER);
            out.append("<path d=\"")
                    .append(shape)
                    .append("\" stroke=\"#24221d\" stroke-width=\"0.6\" fill=\"")
                    .append(fill(states.get(g)))
                    .append("\"/>");
            hatch(out, states.get(g), from + 0.015, to - 0.015);
            text(out, (from + to) / 2, 47, CoilMap.phaseOf(g) + (g / 3 + 1));
        }
        for (Mark m : spots) {
            double from = barrier[m.group() - 1];
            spot(out, m.place(), from, barrier[m.group()]);
        }
        return out.append("</svg>").toString();
    }

    private static double[] barriers(int groups, List<Double> coils) {
        boolean uneven = coils.size() == groups;
        double total = uneven ? coils.stream().mapToDouble(c -> c).sum() : groups;
        double[] barriers = new double[groups + 1];
        for (int g = 0; g < groups; g++) {
            barriers[g + 1] = barriers[g] + 2 * Math.PI * (uneven ? coils.get(g) : 1) / total;
        }
        return barriers;
    }

    /** Each place has a shape of its own, pale with a strong edge so that it shows on every state. */
    private static void spot(StringBuilder out, String place, double from, double to) {
        double share = place.equals("phase-barrier") ? 1 : place.equals("line-end-coil") ? 0.12 : 0.5;
        double radius = place.equals("in-slot") ? 63 : place.equals("connection-joint") ? 94 : 78;
        double angle = from + share * (to - from);
        out.append(String.format(
                Locale.ROOT,
                "<path class=\"spot\" transform=\"translate(%.1f %.1f)\" d=\"%s\" fill=\"#ffffff\" stroke=\"#8e2a28\""
                        + " stroke-width=\"1.6\"/>",
                radius * Math.sin(angle),
                -radius * Math.cos(angle),
                switch (place) {
                    case "in-slot" -> "M -4 -4 H 4 V 4 H -4 Z";
                    case "slot-edge" -> "M -5 3.5 H 5 L 0 -5 Z";
                    case "whole-coil" -> "M -6 -3.5 H 6 V 3.5 H -6 Z";
                    case "phase-barrier" -> "M 0 -6 L 5 0 L 0 6 L -5 0 Z";
                    case "connection-joint" -> "M -5 -2 H -2 V -5 H 2 V -2 H 5 V 2 H 2 V 5 H -2 V 2 H -5 Z";
                    case "line-end-coil" -> "M -4 -5 L 5 0 L -4 5 Z";
                    default -> "M 0 -5 A 5 5 0 1 1 -0.01 -5 Z";
                }));
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

    /** Thin arcs for bright, dots for warm, dark lines for dull, pale bars for burst: shade alone decides nothing. */
    private static void hatch(StringBuilder out, String state, double from, double to) {
        if (state.equals("bright")) {
            for (double r = INNER + 8; r < OUTER; r += 8) {
                out.append("<path d=\"")
                        .append(arc(from, to, r))
                        .append("\" stroke=\"#a4532c\" stroke-width=\"0.5\" fill=\"none\"/>");
            }
        } else if (state.equals("warm")) {
            for (double r = INNER + 8; r < OUTER; r += 9) {
                for (double a = from + 4 / r; a < to; a += 9 / r) {
                    out.append(String.format(
                            Locale.ROOT,
                            "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"0.9\" fill=\"#5b331b\"/>",
                            r * Math.sin(a),
                            -r * Math.cos(a)));
                }
            }
        } else if (state.equals("dull")) {
            for (double r = INNER + 3; r < OUTER; r += 4) {
                out.append("<path d=\"")
                        .append(arc(from, to, r))
                        .append("\" stroke=\"#3c2b1d\" stroke-width=\"1.1\" fill=\"none\"/>");
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
