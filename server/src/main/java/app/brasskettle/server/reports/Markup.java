package app.brasskettle.server.reports;

/** Text made safe to stand in markup. */
final class Markup {

    private Markup() {}

    static String esc(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
