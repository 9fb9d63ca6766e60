package app.brasskettle.server.drawings;

import app.brasskettle.core.connection.ConnectionDiagram.Group;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.web.util.HtmlUtils;

/**
 * A ring of groups with its joints, in black and white: phases differ by the dashes of their groups and by letter.
 *
 * <p>Group 1 begins at the top and the numbers go clockwise, as seen from the connection end. An arrow in a group goes the way the
 * current goes that enters its phase at the beginning. Jumpers of two ends are curves inside; joints of more run on circles
 * of their own, inside for stars, outside where a lead leaves.
 */
public final class ConnectionRing {

    private static final String WHOLE = "0 0 900 900";
    /** A ring without joints needs no room for them. */
    private static final String BARE = "90 90 720 720";

    private static final double CENTRE = 450;
    private static final double RING = 268;
    private static final double THICK = 62;
    private static final double INNER = RING - THICK / 2;
    private static final double OUTER = RING + THICK / 2;
    private static final double FIRST_BUS = 26;
    private static final double BUS_STEP = 15;
    private static final String[] DASHES = {"", " stroke-dasharray=\"14 5\"", " stroke-dasharray=\"3 5\""};

    private final List<Group> groups;
    private final List<List<String>> joints;
    private final Map<String, Double> angles = new HashMap<>();
    private final StringBuilder out = new StringBuilder();

    /**
     * Lays out a ring.
     *
     * @param groups the groups, by number
     * @param joints terminals that are joined; ends that no group has are left out
     */
    public ConnectionRing(List<Group> groups, List<List<String>> joints) {
        this.groups = List.copyOf(groups);
        this.joints = List.copyOf(joints);
        double share = 2 * Math.PI / groups.size();
        for (Group g : groups) {
            double from = share * (g.number() - 1) - Math.PI / 2;
            angles.put("S" + g.number(), from + 0.2 * share);
            angles.put("F" + g.number(), from + 0.8 * share);
        }
    }

    /** Returns the drawing as an SVG element of 900 by 900 units. */
    public String svg() {
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"")
                .append(joints.isEmpty() ? BARE : WHOLE)
                .append("\" font-family=\"Liberation Sans, Arial, sans-serif\" stroke=\"#000\" fill=\"none\">")
                .append("<rect width=\"900\" height=\"900\" fill=\"#fff\" stroke=\"none\"/>");
        groups.forEach(this::group);
        int inside = 0;
        int outside = 0;
        for (List<String> joint : joints) {
            List<Double> at = joint.stream()
                    .map(angles::get)
                    .filter(java.util.Objects::nonNull)
                    .sorted()
                    .toList();
            List<String> leads =
                    joint.stream().filter(t -> !angles.containsKey(t)).toList();
            if (at.isEmpty()) {
                continue;
            }
            if (!leads.isEmpty()) {
                bus(at, OUTER + FIRST_BUS + BUS_STEP * (outside++ % 6), OUTER, String.join(" ", leads));
            } else if (at.size() == 2) {
                jumper(at.get(0), at.get(1));
            } else if (at.size() > 2) {
                bus(at, INNER - FIRST_BUS - 3 * BUS_STEP - BUS_STEP * inside++, INNER, "");
            } else {
                open(at.get(0));
            }
        }
        if (joints.isEmpty()) {
            counts();
        }
        return out.append("</svg>").toString();
    }

    private void group(Group g) {
        double share = 2 * Math.PI / groups.size();
        double middle = share * (g.number() - 0.5) - Math.PI / 2;
        if (g.coils() == 0) {
            text(middle, RING, g.number() + " –", 15);
            return;
        }
        double from = middle - 0.3 * share;
        double to = middle + 0.3 * share;
        String dash = DASHES[g.phase().ordinal()];
        out.append("<path stroke-width=\"3\"")
                .append(dash)
                .append(" d=\"M")
                .append(at(from, INNER))
                .append(arc(from, to, INNER))
                .append('L')
                .append(at(to, OUTER))
                .append(arc(to, from, OUTER))
                .append("Z\"/>");
        double size = Math.min(30, 300.0 / groups.size() + 6);
        text(middle, RING + 8, g.number() + g.phase().code().toUpperCase(Locale.ROOT), size);
        arrow(g.reversed() ? to : from, g.reversed() ? from : to);
    }

    /** What a ring without joints shows: how many coils each group has, and slots in all. */
    private void counts() {
        double share = 2 * Math.PI / groups.size();
        double size = Math.min(26, 300.0 / groups.size() + 5);
        for (Group g : groups) {
            text(share * (g.number() - 0.5) - Math.PI / 2, OUTER + 30, String.valueOf(g.coils()), size);
        }
        int coils = groups.stream().mapToInt(Group::coils).sum();
        middle(-12, groups.size() + " groups", 34);
        middle(32, coils + " coils in " + coils + " slots", 26);
    }

    private void middle(double down, String words, int size) {
        out.append("<text x=\"450\" y=\"")
                .append(CENTRE + down)
                .append("\" font-size=\"")
                .append(size)
                .append("\" text-anchor=\"middle\" fill=\"#000\" stroke=\"none\">")
                .append(words)
                .append("</text>");
    }

    /** An arrow along the inner edge of a group. */
    private void arrow(double from, double to) {
        double radius = INNER + 11;
        double way = Math.signum(to - from);
        double step = Math.min(0.03, Math.abs(to - from) / 3);
        out.append("<path stroke-width=\"1.5\" d=\"M")
                .append(at(from + way * 0.01, radius))
                .append(arc(from, to, radius))
                .append("M")
                .append(at(to - way * step, radius - 5))
                .append('L')
                .append(at(to, radius))
                .append('L')
                .append(at(to - way * step, radius + 5))
                .append("\"/>");
    }

    private void jumper(double from, double to) {
        double apart = Math.abs(to - from);
        double around = Math.min(apart, 2 * Math.PI - apart) / Math.PI;
        double middle = apart > Math.PI ? (from + to) / 2 + Math.PI : (from + to) / 2;
        double depth = INNER * (0.92 - 0.95 * around);
        out.append("<path stroke-width=\"2\" d=\"M")
                .append(at(from, INNER))
                .append('Q')
                .append(at(middle, depth))
                .append(' ')
                .append(at(to, INNER))
                .append("\"/>");
        List.of(from, to).forEach(a -> dot(a, INNER));
    }

    /** Ends joined on a circle: stubs to it, and the shortest arc that holds them all. */
    private void bus(List<Double> ends, double radius, double edge, String label) {
        int gap = widestGap(ends);
        double from = ends.get((gap + 1) % ends.size());
        double to = ends.get(gap);
        if (to < from) {
            to += 2 * Math.PI;
        }
        out.append("<path stroke-width=\"2\" d=\"");
        ends.forEach(a -> out.append('M').append(at(a, edge)).append('L').append(at(a, radius)));
        if (ends.size() > 1) {
            out.append('M').append(at(from, radius)).append(longArc(from, to, radius));
        }
        out.append("\"/>");
        ends.forEach(a -> dot(a, edge));
        ends.forEach(a -> dot(a, radius));
        if (!label.isEmpty()) {
            out.append("<path stroke-width=\"2.5\" d=\"M")
                    .append(at(from, radius))
                    .append('L')
                    .append(at(from, OUTER + 118))
                    .append("\"/>");
            text(from, OUTER + 134, label, 26);
        }
    }

    /** Place after which the ends leave the widest gap. */
    private static int widestGap(List<Double> ends) {
        return IntStream.range(0, ends.size())
                .boxed()
                .max((a, b) -> Double.compare(gapAfter(ends, a), gapAfter(ends, b)))
                .orElseThrow();
    }

    private static double gapAfter(List<Double> ends, int k) {
        return k + 1 < ends.size() ? ends.get(k + 1) - ends.get(k) : ends.get(0) + 2 * Math.PI - ends.get(k);
    }

    /** An end that is joined with nothing. */
    private void open(double angle) {
        out.append("<path stroke-width=\"2\" d=\"M")
                .append(at(angle, INNER))
                .append('L')
                .append(at(angle, INNER - 16))
                .append("\"/>");
        text(angle, INNER - 28, "open", 13);
    }

    private void dot(double angle, double radius) {
        out.append(String.format(
                Locale.ROOT,
                "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"3.5\" fill=\"#000\"/>",
                x(angle, radius),
                y(angle, radius)));
    }

    private void text(double angle, double radius, String words, double size) {
        out.append(String.format(
                        Locale.ROOT,
                        "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.0f\" text-anchor=\"middle\" fill=\"#000\" stroke=\"none\">",
                        x(angle, radius),
                        y(angle, radius) + size / 3,
                        size))
                .append(HtmlUtils.htmlEscape(words, "UTF-8"))
                .append("</text>");
    }

    private static String arc(double from, double to, double radius) {
        return String.format(Locale.ROOT, "A%.1f %.1f 0 0 %d %s", radius, radius, to > from ? 1 : 0, at(to, radius));
    }

    private static String longArc(double from, double to, double radius) {
        return String.format(
                Locale.ROOT, "A%.1f %.1f 0 %d 1 %s", radius, radius, to - from > Math.PI ? 1 : 0, at(to, radius));
    }

    private static String at(double angle, double radius) {
        return String.format(Locale.ROOT, "%.1f %.1f", x(angle, radius), y(angle, radius));
    }

    private static double x(double angle, double radius) {
        return CENTRE + radius * Math.cos(angle);
    }

    private static double y(double angle, double radius) {
        return CENTRE + radius * Math.sin(angle);
    }
}
