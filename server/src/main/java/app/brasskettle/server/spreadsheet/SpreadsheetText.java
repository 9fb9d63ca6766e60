package app.brasskettle.server.spreadsheet;

/** Text on its way into a spreadsheet. */
public final class SpreadsheetText {

    private SpreadsheetText() {}

    /** What a spreadsheet would run as a formula is made text by an apostrophe before it. */
    public static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
