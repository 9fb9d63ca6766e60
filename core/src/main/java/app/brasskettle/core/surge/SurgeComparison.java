package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.surge.SurgeRise.Lead;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Three traces of a winding held against each other. */
final class SurgeComparison {

    /** A shorted turn is a loop that takes energy out: its phase dies faster than the others by more than this. */
    private static final double DAMPING_LIMIT_PERCENT = 15;
    /** Coils unlike by construction ring slower in one phase by at least this, and die no faster than the noise of damping. */
    private static final double SLOWER_PERCENT = 0.3;

    private static final double SAME_DAMPING_PERCENT = 10;
    private static final String SOURCE = "IEEE Std 522; IEC 60034-15; damping by shop rule";

    private final SurgeSet set;
    private final Map<Lead, Samples> traces = new EnumMap<>(Lead.class);
    private final Map<Pair, SurgeResult> pairs = new LinkedHashMap<>();
    private final Pair closest;
    private final Lead odd;

    private SurgeComparison(SurgeSet set, SurgeLimits limits) {
        this.set = set;
        List<Samples> comparable =
                SurgeTraces.comparable(List.of(set.traceA(), set.traceB(), set.traceC()), set.sampleIntervalS());
        for (Lead lead : Lead.values()) {
            traces.put(lead, comparable.get(lead.ordinal()));
        }
        var sheet = SurgeWorksheet.create(limits);
        for (Pair pair : Pair.values()) {
            pairs.put(
                    pair,
                    sheet.work()
                            .apply(new SurgePair(
                                    set.sampleIntervalS(),
                                    traces.get(first(pair)),
                                    traces.get(second(pair)),
                                    SurgeKind.PHASE_TO_PHASE,
                                    set.rotorFitted())));
        }
        closest = Arrays.stream(Pair.values())
                .min(Comparator.comparingDouble(p -> pairs.get(p).differencePercent()))
                .orElseThrow();
        odd = switch (closest) {
            case AB -> Lead.C;
            case BC -> Lead.A;
            case CA -> Lead.B;
        };
    }

    static SurgeOutcome of(SurgeSet set, SurgeLimits limits) {
        return new SurgeComparison(set, limits).outcome();
    }

    private SurgeOutcome outcome() {
        Verdict worst =
                Verdict.worst(pairs.values().stream().map(SurgeResult::verdict).toList());
        Optional<Double> damped = set.rotorFitted() ? Optional.empty() : suspectDampsMorePercent();
        boolean loses = damped.filter(d -> Limit.over(d, DAMPING_LIMIT_PERCENT)).isPresent();
        double times = Math.max(
                pairs.values().stream()
                        .mapToDouble(SurgeComparison::timesLimit)
                        .max()
                        .orElseThrow(),
                damped.map(d -> d / DAMPING_LIMIT_PERCENT).orElse(0.0));
        boolean over = Limit.over(times, 1);
        Finding finding = finding(worst, over, loses, times);
        Optional<String> suspect = over ? Optional.of(suspect()) : Optional.empty();
        return new SurgeOutcome(pairs, suspect, odd, times, finding, judge(finding, suspect, damped));
    }

    private Finding finding(Verdict worst, boolean over, boolean loses, double times) {
        if (set.rotorFitted()) {
            return Limit.over(times, 2)
                    ? Finding.UNSETTLED
                    : over
                            ? Finding.ROTOR_OR_WINDING
                            : worst == Verdict.UNPROVEN ? Finding.BARELY_RINGS : Finding.ALIKE;
        }
        if (over) {
            return !loses && unlikeCoils()
                    ? Finding.UNLIKE_COILS
                    : Limit.over(times, 2) ? Finding.TURN_SHORT : Finding.DIFFERENT;
        }
        return worst == Verdict.UNPROVEN ? Finding.BARELY_RINGS : Finding.ALIKE;
    }

    private static double timesLimit(SurgeResult r) {
        return Math.max(
                r.differencePercent() / r.limitPercent(),
                Math.abs(r.frequencyShiftPercent().orElse(0.0)) / r.shiftLimitPercent());
    }

    /**
     * By how much the traces that touch the suspect phase die faster than the rest, in percent of its damping. In wye that is the odd one;
     * in delta the two that are not odd; with the connection unknown whichever dies faster.
     */
    private Optional<Double> suspectDampsMorePercent() {
        return Ring.damping(traces.get(odd))
                .flatMap(own -> others(Ring::damping).map(o -> switch (set.connection()) {
                    case WYE -> 100 * (own / o - 1);
                    case DELTA -> 100 * (o / own - 1);
                    case UNKNOWN -> 100 * (Math.max(own / o, o / own) - 1);
                }));
    }

    private interface Trait {
        Optional<Double> of(Samples trace);
    }

    private Optional<Double> others(Trait trait) {
        return trait.of(traces.get(first(closest)))
                .flatMap(a -> trait.of(traces.get(second(closest))).map(b -> (a + b) / 2));
    }

    /**
     * One phase has more inductance than the others and loses no more. In wye its lead rings slower; in delta its two leads do, and the
     * lead that does not touch it rings faster. Shorted turns lower the inductance and raise the damping; concentric coils, unlike from
     * phase to phase, do neither.
     */
    private boolean unlikeCoils() {
        Trait ring = t -> Ring.frequencyHz(t, set.sampleIntervalS());
        Optional<Double> shift =
                ring.of(traces.get(odd)).flatMap(own -> others(ring).map(o -> 100 * (own / o - 1)));
        boolean moreInductance = switch (set.connection()) {
            case WYE -> shift.filter(d -> d <= -SLOWER_PERCENT).isPresent();
            case DELTA -> shift.filter(d -> d >= SLOWER_PERCENT).isPresent();
            case UNKNOWN -> false;
        };
        boolean noLoss =
                suspectDampsMorePercent().filter(d -> d <= SAME_DAMPING_PERCENT).isPresent();
        return moreInductance && noLoss && pairs.get(closest).verdict() == Verdict.HOLDS;
    }

    private Judgement judge(Finding finding, Optional<String> suspect, Optional<Double> damped) {
        Map.Entry<Pair, SurgeResult> widest = pairs.entrySet().stream()
                .max(Comparator.comparingDouble(e -> timesLimit(e.getValue())))
                .orElseThrow();
        SurgeResult r = widest.getValue();
        String figures = widest.getKey().label() + " differ by " + Figures.percent(r.differencePercent()) + ", limit "
                + Figures.percent(r.limitPercent())
                + damped.filter(d -> Limit.over(d, DAMPING_LIMIT_PERCENT))
                        .map(d -> "; it dies " + Figures.percent(d) + " faster, limit "
                                + Figures.percent(DAMPING_LIMIT_PERCENT))
                        .orElse("");
        String headline = suspect.map(s -> s + ": ").orElse("") + figures;
        return switch (finding) {
            case ALIKE ->
                new Judgement(
                        Verdict.HOLDS,
                        "All three alike: " + figures,
                        r.judgement().because(),
                        SOURCE,
                        "Take insulation to frame once more.");
            case BARELY_RINGS ->
                new Judgement(
                        Verdict.UNPROVEN,
                        "A trace barely rings: " + figures,
                        "A trace that barely rings proves nothing either way",
                        SOURCE,
                        "Pull the rotor and repeat, or use another method.");
            case UNLIKE_COILS ->
                new Judgement(
                        Verdict.UNPROVEN,
                        headline,
                        "One phase has more inductance and loses no more: coils unlike by construction do that, shorted"
                                + " turns do not",
                        SOURCE,
                        "Look whether the winding is concentric. Lay an earlier trace of this motor over it, or prove it by"
                                + " rising pulses with the resistances alike.");
            case ROTOR_OR_WINDING, UNSETTLED ->
                new Judgement(
                        r.verdict(),
                        headline,
                        r.judgement().because(),
                        SOURCE,
                        r.judgement().next());
            case DIFFERENT, TURN_SHORT ->
                new Judgement(
                        Verdict.STOP,
                        headline,
                        "With the rotor out two sound phases do not differ so",
                        SOURCE,
                        "No power. Find the shorted turns.");
        };
    }

    /**
     * Who is odd. In wye the odd trace is the lead of the faulty phase; in delta a fault between two leads alters those
     * two alike, and the odd trace is the lead that does not touch it; with the connection unknown only leads can be named.
     */
    private String suspect() {
        return switch (set.connection()) {
            case WYE -> "Phase " + odd.name() + " is the odd one";
            case DELTA ->
                "The phase between " + closest.name().charAt(0) + " and "
                        + closest.name().charAt(1) + " is suspect (trace " + odd.name() + " stands apart)";
            case UNKNOWN -> "Lead " + odd.name() + " stands apart";
        };
    }

    private static Lead first(Pair pair) {
        return switch (pair) {
            case AB -> Lead.A;
            case BC -> Lead.B;
            case CA -> Lead.C;
        };
    }

    private static Lead second(Pair pair) {
        return switch (pair) {
            case AB -> Lead.B;
            case BC -> Lead.C;
            case CA -> Lead.A;
        };
    }
}
