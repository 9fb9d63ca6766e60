package app.brasskettle.server.reports;

/** Text made safe to stand in markup. */
public final class Markup {

    private Markup() {}

    /** {@code text} made safe. */
    public static String esc(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
