package app.brasskettle.core.windingtake;

import java.util.ArrayList;
import java.util.List;

/**
 * Answer to "may this winding come out?", computed from the record.
 *
 * @param open whether it may be stripped
 * @param settled by whom its data were settled, empty while they are not
 * @param holding what holds it, worst first; nothing where it is open
 * @param waivable whether a lead hand may settle the data in spite of that, with a reason
 */
public record StrippingPermit(boolean open, String settled, List<Reason> holding, boolean waivable) {

    static final String NOT_SETTLED = "not-settled";

    /**
     * One thing that holds it.
     *
     * @param code what it is
     * @param sentence what is so
     * @param opens what would open it
     * @param step where that is done
     */
    public record Reason(String code, String sentence, String opens, String step) {

        public Reason {
            // Next steps of judgements are sentences; here they stand within one.
            opens = opens.endsWith(".") ? opens.substring(0, opens.length() - 1) : opens;
        }
    }

    /** Returns the permit with one more thing that holds it, unless the data are settled already. */
    StrippingPermit heldBy(Reason reason) {
        if (open) {
            return this;
        }
        List<Reason> more = new ArrayList<>(List.of(reason));
        holding.stream().filter(h -> !h.code().equals(NOT_SETTLED)).forEach(more::add);
        return new StrippingPermit(false, "", List.copyOf(more), true);
    }
}
