package app.brasskettle.core.windingtake;

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

    /**
     * One thing that holds it.
     *
     * @param code what it is
     * @param sentence what is so
     * @param opens what would open it
     * @param step where that is done
     */
    public record Reason(String code, String sentence, String opens, String step) {}
}
