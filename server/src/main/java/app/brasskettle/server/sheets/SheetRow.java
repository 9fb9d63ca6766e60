package app.brasskettle.server.sheets;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.UnitSystem;
import java.time.OffsetDateTime;
import java.util.Map;

/** A sheet as stored. */
public record SheetRow(
        SheetKind kind, int version, Map<String, Object> typed, boolean imported, String by, OffsetDateTime at) {

    /** What was typed with every unit written out; a bare figure in the store is a metric one. */
    public Map<String, Object> spelt() {
        return spelt(kind, typed);
    }

    public static Map<String, Object> spelt(SheetKind kind, Map<String, Object> typed) {
        return Spelling.of(kind.type(), typed, UnitSystem.METRIC);
    }
}
