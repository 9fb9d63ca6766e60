package app.brasskettle.core.jobs;

import app.brasskettle.core.jobs.Circumstances.Feed;
import app.brasskettle.core.jobs.Circumstances.Protection;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What follows from how a motor came in.
 *
 * @param lines one judgement for each thing that was told or found
 * @param shaft the shaft's own verdict
 * @param unsafe true when it was exposed to something that nobody declared made safe
 */
public record ArrivalAssessment(List<Judgement> lines, Verdict shaft, boolean unsafe) {

    /** A cable this long reflects a drive's pulses at the motor. */
    static final double LONG_CABLE_M = 30;
    /** More starts an hour heat a cage motor beyond its rating unless it is made for it. */
    static final double MANY_STARTS = 10;

    private static final double LIFT_ALONE_KG = 25;
    private static final double SETTING_HOLDS = 1.05;
    private static final double SETTING_WATCH = 1.15;
    private static final double SETTING_WATCH_WITH_RESERVE = 1.25;
    private static final double SERVICE_FACTOR_OF_RESERVE = 1.15;
    private static final double SETTING_LOW = 0.8;
    private static final double IN_THE_PHASE = 1 / Math.sqrt(3);
    private static final String SETTING_SOURCE = "IEC 60947-4-1, 8.2.1.5 (trips at 1.2 × setting); NEC 430.32 (115 %, "
            + "125 % with a service factor of 1.15)";
    private static final String SHOP = "Shop rule";

    /** The reading of {@code arrival}, with what {@code plate} says of current and service factor. */
    public static ArrivalAssessment of(Arrival arrival, Optional<Plate> plate) {
        List<Judgement> lines = new ArrayList<>();
        Judgement shaft = shaft(arrival);
        lines.add(shaft);
        Handover handover = arrival.handover().orElseGet(Handover::none);
        Circumstances told = arrival.circumstances().orElseGet(Circumstances::none);
        lines.add(exposure(handover));
        handover.massKg().filter(m -> Limit.over(m, LIFT_ALONE_KG)).ifPresent(m -> lines.add(lift(m)));
        protection(told, plate).ifPresent(lines::add);
        told.startsAnHour().filter(s -> Limit.over(s, MANY_STARTS)).ifPresent(s -> lines.add(starts(s)));
        if (told.feed().filter(f -> f == Feed.DRIVE).isPresent()) {
            lines.add(drive(told.cableDistanceM()));
        }
        lines.add(leave(handover));
        return new ArrivalAssessment(List.copyOf(lines), shaft.verdict(), handover.unsafe());
    }

    /**
     * Whether it may be handled and tested: the shaft, and what it was exposed to. What the customer's installation lacks is
     * told to the customer and stops nothing here; what was not asked yet does not hide that the shaft turns.
     */
    public Verdict handling() {
        return unsafe ? Verdict.STOP : shaft;
    }

    private static Judgement shaft(Arrival arrival) {
        return switch (arrival.shaft()) {
            case FREE ->
                new Judgement(Verdict.HOLDS, "Shaft turns freely", "", SHOP, "It may be tested in the safe order.");
            case PLAY ->
                new Judgement(
                        Verdict.WATCH,
                        "Shaft turns and has play",
                        "A loose bearing lets the rotor touch the bore",
                        SHOP,
                        "Look for drag marks and measure the fits.");
            case BINDS ->
                new Judgement(
                        Verdict.STOP,
                        "Shaft binds",
                        "",
                        SHOP,
                        "No power and no rotor sweep. Test insulation, then take it apart.");
            case NOT_TRIED ->
                new Judgement(
                        Verdict.UNPROVEN, "Nobody has turned the shaft", "", SHOP, "Turn it by hand, out of gear.");
        };
    }

    private static Judgement exposure(Handover handover) {
        List<Handover.Exposure> harmful = handover.harmful();
        String source = "Local rules on hazardous substances come first";
        if (handover.exposures().filter(e -> !e.isEmpty()).isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Nobody has declared what it was exposed to",
                    "",
                    source,
                    "Ask the customer before anyone handles it.");
        }
        if (harmful.isEmpty()) {
            return new Judgement(Verdict.HOLDS, "Declared free of anything harmful", "", source, "");
        }
        String names = harmful.stream().map(Handover.Exposure::label).collect(Collectors.joining(", "));
        return handover.madeSafe()
                .map(by -> new Judgement(Verdict.HOLDS, "Exposed to " + names + ", made safe: " + by, "", source, ""))
                .orElseGet(() -> new Judgement(
                        Verdict.STOP,
                        "Exposed to " + names + ", and nobody has declared it made safe",
                        "",
                        source,
                        "Set it apart. No opening, no blowing out, until it is declared safe by name."));
    }

    private static Judgement lift(double kg) {
        return new Judgement(
                Verdict.WATCH,
                Figures.show(kg, Dimension.MASS) + ": over the 25 kg one person may lift",
                "",
                "ISO 11228-1, reference mass",
                "Hoist by the eye bolt, never by the shaft; nobody under the load.");
    }

    private static Optional<Judgement> protection(Circumstances told, Optional<Plate> plate) {
        Optional<Protection> kind = told.protection();
        if (kind.filter(p -> p == Protection.NONE || p == Protection.BREAKER_ONLY)
                .isPresent()) {
            return Optional.of(new Judgement(
                    Verdict.STOP,
                    kind.get() == Protection.NONE
                            ? "Nothing watched its current"
                            : "Only a breaker stood before it: that protects the cable, not the motor",
                    "A lost phase or an overload burns a winding unseen",
                    SETTING_SOURCE,
                    "Tell the customer: a relay set to the plate before it runs again."));
        }
        if (told.protectionCurrentA().isEmpty()) {
            return Optional.empty();
        }
        double set = told.protectionCurrentA().get();
        String at = "Protection was set to " + Figures.show(set, Dimension.CURRENT);
        Optional<Double> rated = plate.flatMap(Plate::ratedCurrentA);
        if (rated.isEmpty()) {
            return Optional.of(new Judgement(
                    Verdict.UNPROVEN,
                    at + "; the rated current is not known yet",
                    "",
                    SETTING_SOURCE,
                    "Read the plate."));
        }
        return Optional.of(setting(set, rated.get(), at, told, plate));
    }

    private static Judgement setting(double set, double rated, String at, Circumstances told, Optional<Plate> plate) {
        boolean starDelta = told.feed().filter(f -> f == Feed.STAR_DELTA).isPresent();
        // A relay in the delta's own lines sees the phase current.
        boolean inPhase = starDelta && Math.abs(set / rated - IN_THE_PHASE) < 0.06;
        double ratio = inPhase ? set / rated / IN_THE_PHASE : set / rated;
        double most = plate.flatMap(Plate::details)
                .flatMap(PlateDetails::serviceFactor)
                .filter(s -> s >= SERVICE_FACTOR_OF_RESERVE)
                .map(s -> SETTING_WATCH_WITH_RESERVE)
                .orElse(SETTING_WATCH);
        String share = at + ", " + Figures.percent(100 * ratio) + " of the " + (inPhase ? "phase" : "rated")
                + " current " + Figures.show(inPhase ? rated * IN_THE_PHASE : rated, Dimension.CURRENT);
        Verdict verdict = Limit.under(ratio, SETTING_LOW) ? Verdict.WATCH : Limit.ceiling(ratio, SETTING_HOLDS, most);
        String next = switch (verdict) {
            case HOLDS -> "It watched; look elsewhere for the cause.";
            case STOP -> "It could not trip in time. Tell the customer: set it to the rated current.";
            default ->
                ratio < 1
                        ? "Set so low it trips at load: was that the complaint?"
                        : "Have it set to the rated current before the motor runs again.";
        };
        return new Judgement(verdict, share, "Limit " + Figures.percent(100 * most), SETTING_SOURCE, next);
    }

    private static Judgement starts(double starts) {
        return new Judgement(
                Verdict.WATCH,
                Figures.plain(starts) + " starts an hour, over 10",
                "Each start heats rotor and winding as minutes of load do",
                SHOP,
                "Compare with the duty on the plate; look at the rotor bars.");
    }

    private static Judgement drive(Optional<Double> cable) {
        boolean far = cable.filter(c -> Limit.over(c, LONG_CABLE_M)).isPresent();
        String length = cable.map(c -> Figures.plain(c) + " m of cable").orElse("length of cable not told");
        return new Judgement(
                far ? Verdict.WATCH : Verdict.HOLDS,
                "Fed by a drive, " + length + (far ? ", over 30 m: pulses double at the motor" : ""),
                "First turns and bearings take what a drive sends",
                SHOP,
                "Surge it, look for fluted races, ask for an output filter.");
    }

    private static Judgement leave(Handover handover) {
        return handover.leaveToDismantle()
                .map(by -> new Judgement(
                        Verdict.HOLDS,
                        "Leave to dismantle: " + by
                                + handover.leaveToStrip()
                                        .map(s -> "; to strip: " + s)
                                        .orElse("; none yet to strip"),
                        "",
                        SHOP,
                        ""))
                .orElseGet(() -> new Judgement(
                        Verdict.UNPROVEN,
                        "No leave to dismantle on record",
                        "",
                        SHOP,
                        "Ask, and note from whom, before the first bolt."));
    }
}
