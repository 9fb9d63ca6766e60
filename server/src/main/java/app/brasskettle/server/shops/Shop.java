package app.brasskettle.server.shops;

/**
 * A shop of the house.
 *
 * @param id its number
 * @param name its name, as its settings say it
 */
public record Shop(long id, String name) {

    /** Number of the shop that every house begins with. */
    public static final long FIRST = 1;
}
