package app.brasskettle.core.plan;

/**
 * A place of the shop.
 *
 * @param name its name
 * @param kind what it is
 * @param capacity motors at a time; more than one only for an oven, or for work outside
 */
public record Place(String name, PlaceKind kind, int capacity) {}
