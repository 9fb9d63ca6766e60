package app.brasskettle.core.winding;

/** What winding data are judged for, which says what to do about a figure that is not usual. */
public enum WindingPurpose {
    /** Data taken from an old winding: an unusual figure is a count to be made again. */
    TAKEN(
            "Count turns, circuits and connection again before stripping.",
            "Count turns, circuits and connection again before stripping.",
            "Count the wires in hand and the circuits again.",
            "Measure the slot again, or count the wires again.",
            "The take agrees with itself: flux, current density and fill are usual",
            "Have somebody take it again before the copper comes out."),
    /** A winding that is to be made: an unusual figure is a choice to be made otherwise. */
    DESIGNED(
            "Take more turns, or a connection, span or number of circuits that asks for less flux.",
            "Take fewer turns, or a connection, span or number of circuits that asks for more flux.",
            "Take more copper if the slot has room, or let the motor do less.",
            "Take less copper or thinner enamel; a lower fill goes in without harm to the enamel.",
            "The new winding is usual: flux, current density and fill",
            "Print the coil ticket.");

    private final String lessFlux;
    private final String moreFlux;
    private final String density;
    private final String fill;
    private final String usual;
    private final String next;

    WindingPurpose(String lessFlux, String moreFlux, String density, String fill, String usual, String next) {
        this.lessFlux = lessFlux;
        this.moreFlux = moreFlux;
        this.density = density;
        this.fill = fill;
        this.usual = usual;
        this.next = next;
    }

    String flux(boolean tooMuch) {
        return tooMuch ? lessFlux : moreFlux;
    }

    String density() {
        return density;
    }

    String fill() {
        return fill;
    }

    String usual() {
        return usual;
    }

    String next() {
        return next;
    }
}
