package app.brasskettle.core.fits;

/** What brings a worn seat back into its limits, and what it needs. */
public enum Remedy implements Repair {
    SLEEVE(
            Seat.HOUSING,
            "Bore the housing 5 to 10 mm over, press in a sleeve of the same metal, bore to size in line with the register; a shoulder or pin keeps it."),
    SPRAY(
            Seat.SHAFT,
            "Undercut 0.5 to 1 mm, blast, spray, grind to size; not on a seat that carries a shock or sits over a key."),
    WELD(
            Seat.SHAFT,
            "Preheat, weld stringers along the shaft in turns, cool slowly, check run-out, turn and grind; know the steel first."),
    REPLACE(null, "New shaft or bracket to drawing; measure the new one like the old one.");

    private final Seat only;
    private final String needs;

    Remedy(Seat only, String needs) {
        this.only = only;
        this.needs = needs;
    }

    @Override
    public String needs() {
        return needs;
    }

    /** Whether it can be done to a seat of this kind. */
    boolean fits(Seat seat) {
        return only == null || only == seat;
    }
}
