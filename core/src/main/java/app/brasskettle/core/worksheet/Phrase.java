package app.brasskettle.core.worksheet;

/** Phrases that become part of a longer sentence. */
public final class Phrase {

    private Phrase() {}

    /** {@code text} as it opens a sentence. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** {@code text} as it stands inside a sentence; an acronym keeps its capitals. */
    public static String lower(String text) {
        boolean acronym = text.length() > 1 && Character.isUpperCase(text.charAt(1));
        return text.isEmpty() || acronym ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
