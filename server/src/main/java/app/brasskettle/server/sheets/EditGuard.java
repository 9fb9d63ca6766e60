package app.brasskettle.server.sheets;

import app.brasskettle.server.access.Person;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was is not undone by editing: such a change is a lead hand's, with a reason that stays on record. */
public final class EditGuard {

    private EditGuard() {}

    /**
     * Looks at a change of a sheet.
     *
     * @param kind the sheet
     * @param undone what it would undo or ease, a sentence each
     * @param because the reason given; null or blank for none
     * @param person who changes it
     * @return what to keep on record of it; empty where it undoes nothing
     * @throws RefusedException where it would undo something and is not a lead hand's, or has no reason
     */
    public static Optional<Map<String, Object>> of(SheetKind kind, List<String> undone, String because, Person person) {
        if (undone.isEmpty()) {
            return Optional.empty();
        }
        boolean lead = person.leads();
        if (!lead || because == null || because.isBlank()) {
            throw RefusedException.guarded(undone.get(0) + ". A lead hand may do that, with a reason");
        }
        return Optional.of(Map.of("sheet", kind.code(), "undone", undone, "reason", because.strip()));
    }
}
