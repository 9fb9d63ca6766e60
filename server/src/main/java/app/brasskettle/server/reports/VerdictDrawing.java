package app.brasskettle.server.reports;

import app.brasskettle.core.verdict.Verdict;

/** Verdicts as shapes for print. */
public final class VerdictDrawing {

    private VerdictDrawing() {}

    /** Ring, half ring, barred lozenge, dotted ring: the same shapes as on the screen. */
    public static String svg(Verdict verdict) {
        String inside = switch (verdict) {
            case HOLDS -> "<circle cx=\"6\" cy=\"6\" r=\"4\" fill=\"none\" stroke=\"#24221d\" stroke-width=\"2\"/>";
            case WATCH ->
                "<circle cx=\"6\" cy=\"6\" r=\"4\" fill=\"none\" stroke=\"#24221d\" stroke-width=\"1.4\"/>"
                        + "<path d=\"M6 2 A4 4 0 0 0 6 10 Z\" fill=\"#24221d\"/>";
            case STOP ->
                "<path d=\"M6 0 L12 6 L6 12 L0 6 Z\" fill=\"#24221d\"/><rect x=\"3\" y=\"5\" width=\"6\" height=\"2\""
                        + " fill=\"#ffffff\"/>";
            case UNPROVEN ->
                "<circle cx=\"6\" cy=\"6\" r=\"4\" fill=\"none\" stroke=\"#24221d\" stroke-width=\"1.6\""
                        + " stroke-dasharray=\"1.6 1.6\"/>";
        };
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"12\" height=\"12\" viewBox=\"0 0 12 12\">" + inside
                + "</svg>";
    }
}
