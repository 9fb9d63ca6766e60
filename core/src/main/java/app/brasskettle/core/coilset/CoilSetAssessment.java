package app.brasskettle.core.coilset;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.ConcentricGroup;
import app.brasskettle.core.redesign.ConcentricToLapWorksheet;
import app.brasskettle.core.redesign.LapForConcentric;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.worksheet.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a winding taken coil by coil comes to.
 *
 * @param sets each set of coils
 * @param coilSidesPerSlot coil sides in a slot, all sets together; absent until every set is counted
 * @param axisDegrees electrical angle from main to start winding
 * @param turnsRatio turns that count of the start winding over those of the main
 * @param lap a lap winding that does what a concentric three-phase one does
 * @param together what the sets say of one another
 * @param judgement what stands
 */
public record CoilSetAssessment(
        List<CoilSetResult> sets,
        Optional<Double> coilSidesPerSlot,
        Optional<Double> axisDegrees,
        Optional<Double> turnsRatio,
        Optional<LapForConcentric> lap,
        List<Judgement> together,
        Judgement judgement) {

    private static final double QUADRATURE = 90;
    private static final double LAP_PITCH = 5.0 / 6;
    private static final String SOURCE = "A start winding lies a quarter of a turn of the field from the main winding";

    /** Assesses a take. */
    public static CoilSetAssessment of(CoilSetTake take, WindingLimits limits) {
        List<CoilSetResult> sets = take.sets().stream()
                .map(s -> new CoilSetWork(take, s, limits).result())
                .toList();
        Optional<Double> sides = sides(take);
        Optional<Double> axis = axis(take);
        List<Judgement> together = new ArrayList<>();
        axis.ifPresent(a -> together.add(quadrature(take, a)));
        sides.ifPresent(s -> together.add(whole(s)));
        return new CoilSetAssessment(
                sets,
                sides,
                axis,
                ratio(take, sets),
                take.sets().stream().flatMap(s -> lap(take, s).stream()).findFirst(),
                List.copyOf(together),
                judge(sets, together));
    }

    private static Optional<CoilSet> set(CoilSetTake take, SetPurpose purpose) {
        return take.sets().stream().filter(s -> s.purpose() == purpose).findFirst();
    }

    private static Optional<Double> sides(CoilSetTake take) {
        if (take.slots().isEmpty()
                || take.sets().stream().anyMatch(s -> s.coilsInAll().isEmpty())) {
            return Optional.empty();
        }
        int coils =
                take.sets().stream().mapToInt(s -> s.coilsInAll().orElseThrow()).sum();
        return Optional.of(2.0 * coils / take.slots().get());
    }

    /** A slot holds whole coil sides; on an average that is not whole some slots have one more, which graded windings have. */
    private static Judgement whole(double sides) {
        String figure = "Coil sides in a slot, on the average: " + Figures.plain(sides);
        return Limit.over(sides, 4)
                ? new Judgement(
                        Verdict.WATCH,
                        figure,
                        "Few windings have more than four.",
                        "Shop practice",
                        "Count groups and coils again.")
                : new Judgement(Verdict.HOLDS, figure, "", "Count", "");
    }

    private static Optional<Double> axis(CoilSetTake take) {
        Optional<CoilSet> main = set(take, SetPurpose.MAIN);
        Optional<Double> from = main.flatMap(CoilSet::axis);
        Optional<Double> to = set(take, SetPurpose.START).flatMap(CoilSet::axis);
        Optional<Integer> poles = main.flatMap(CoilSet::poles);
        return take.slots().isEmpty() || from.isEmpty() || to.isEmpty() || poles.isEmpty()
                ? Optional.empty()
                : Optional.of(Math.abs(180.0
                                * poles.get()
                                * (to.get() - from.get())
                                / take.slots().get())
                        % 180);
    }

    private static Judgement quadrature(CoilSetTake take, double degrees) {
        double slot = 180.0
                * set(take, SetPurpose.MAIN).orElseThrow().poles().orElseThrow()
                / take.slots().orElseThrow();
        String figure = "Start winding " + Figures.significant(degrees, 3) + "° from the main winding, usual 90°";
        double off = Math.abs(degrees - QUADRATURE);
        return Limit.over(off, slot)
                ? new Judgement(
                        Verdict.STOP,
                        figure,
                        "More than a slot (" + Figures.significant(slot, 3) + "°) off.",
                        SOURCE,
                        "Read the first slot of both windings again.")
                : new Judgement(Verdict.HOLDS, figure, "", SOURCE, "");
    }

    private static Optional<Double> ratio(CoilSetTake take, List<CoilSetResult> sets) {
        return effective(take, sets, SetPurpose.MAIN)
                .flatMap(m -> effective(take, sets, SetPurpose.START).map(s -> s / m));
    }

    private static Optional<Double> effective(CoilSetTake take, List<CoilSetResult> sets, SetPurpose purpose) {
        for (int i = 0; i < sets.size(); i++) {
            if (take.sets().get(i).purpose() == purpose) {
                return sets.get(i).effectiveTurns();
            }
        }
        return Optional.empty();
    }

    private static Optional<LapForConcentric> lap(CoilSetTake take, CoilSet s) {
        if (s.purpose() != SetPurpose.THREE_PHASE
                || take.slots().isEmpty()
                || s.poles().isEmpty()
                || s.groupsPerPhase().isEmpty()
                || s.parallelCircuits().isEmpty()
                || s.coils().isEmpty()) {
            return Optional.empty();
        }
        int pitch = take.slots().get() / s.poles().get();
        try {
            return Optional.of(ConcentricToLapWorksheet.create()
                    .work()
                    .apply(new ConcentricGroup(
                            take.slots().get(),
                            s.poles().get(),
                            s.groupsPerPhase().get(),
                            s.parallelCircuits().get(),
                            s.coils().get(),
                            Math.max(1, (int) Math.round(LAP_PITCH * pitch)),
                            s.parallelCircuits().get())));
        } catch (InvalidInputException noLap) {
            // Not every concentric winding has slots for equal lap groups.
            return Optional.empty();
        }
    }

    private static Judgement judge(List<CoilSetResult> sets, List<Judgement> together) {
        Optional<Judgement> bad =
                Judgement.worst(Stream.concat(sets.stream().flatMap(s -> s.checks().stream()), together.stream())
                        .filter(j -> j.verdict() != Verdict.HOLDS)
                        .toList());
        if (bad.filter(j -> j.verdict() == Verdict.STOP).isPresent()) {
            return bad.get();
        }
        Optional<CoilSetResult> open =
                sets.stream().filter(s -> !s.missing().isEmpty()).findFirst();
        if (open.isPresent()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    open.get().label() + ": not all of it is taken yet",
                    "Missing: " + String.join(", ", open.get().missing()) + ".",
                    "What rests on it is not computed",
                    "Take " + open.get().missing().get(0) + ".");
        }
        return bad.orElseGet(() -> new Judgement(
                Verdict.HOLDS,
                "Coil by coil the take agrees with itself",
                "",
                "Induction machine theory, usual design ranges",
                "Have somebody take it again before the copper comes out."));
    }
}
