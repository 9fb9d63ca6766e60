package app.brasskettle.core.teardown;

/**
 * One fact computed from a painted coil map.
 *
 * @param code name in the evidence table, opening with {@code map-}
 * @param sentence what it says to a reader
 */
public record MapFact(String code, String sentence) {}
