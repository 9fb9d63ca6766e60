package app.brasskettle.core.quantity;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A span as it is counted on a stator: "1 to 11" goes into slot 1 and slot 11, ten slots on. */
final class SlotSpan {

    private static final String FIELD = "spanslots";
    private static final Pattern SPAN = Pattern.compile("\\s*(\\d{1,3})\\s*(?:to|–|-)\\s*(\\d{1,3})\\s*");

    private SlotSpan() {}

    /**
     * Reads a span.
     *
     * @param field name of the field; only spans in slots are written so
     * @param text "1 to 11", "3-13"
     * @return slots from the one to the other; empty where it is not written so, or goes nowhere
     */
    static Optional<Integer> read(String field, String text) {
        Matcher m = SPAN.matcher(text);
        if (!field.toLowerCase(java.util.Locale.ROOT).endsWith(FIELD) || !m.matches()) {
            return Optional.empty();
        }
        int slots = Integer.parseInt(m.group(2)) - Integer.parseInt(m.group(1));
        return slots > 0 ? Optional.of(slots) : Optional.empty();
    }
}
