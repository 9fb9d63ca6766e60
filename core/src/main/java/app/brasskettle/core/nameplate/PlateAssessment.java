package app.brasskettle.core.nameplate;

import app.brasskettle.core.nameplate.FieldMark.State;
import app.brasskettle.core.nameplate.PlateDetails.Protector;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/**
 * A plate as a whole: what was read, what is doubted, missing or estimated, and what follows.
 *
 * @param judgement whether work may rest on it
 * @param rating what the first rating implies, where it is whole
 * @param poles poles, read or counted
 * @param doubtful what was not simply read, in words, with its range where it is estimated
 * @param blocks further ratings against the first
 * @param estimate what the motor itself tells, where clues were taken
 * @param cautions what may hurt somebody
 */
public record PlateAssessment(
        Judgement judgement,
        Optional<NameplateAssessment> rating,
        Optional<Integer> poles,
        List<String> doubtful,
        List<RatingBlockAssessment> blocks,
        Optional<PlateEstimate> estimate,
        List<String> cautions) {

    private static final String SOURCE = "IEC 60034-1, cl. 10; what is not on the plate is estimated as marked";
    private static final List<PlateField> RATING =
            List.of(PlateField.RATED_POWER, PlateField.RATED_VOLTAGE, PlateField.RATED_CURRENT, PlateField.RATED_SPEED);

    /** The reading of {@code plate}. */
    public static PlateAssessment of(Plate plate) {
        Optional<NameplateAssessment> rating = plate.rating().map(NameplateWorksheet::read);
        Optional<PlateEstimate> estimate = plate.clues().map(c -> PlateEstimate.of(plate));
        List<RatingBlockAssessment> blocks = plate.rating()
                .map(r -> plate.further().orElse(List.of()).stream()
                        .map(b -> new RatingComparison(r, plate.connection(), b).read())
                        .toList())
                .orElse(List.of());
        OptionalInt poles = new Estimating(plate).poles();
        return new PlateAssessment(
                judge(plate, rating, blocks, estimate),
                rating,
                rating.map(NameplateAssessment::poles)
                        .or(() -> poles.isPresent() ? Optional.of(poles.getAsInt()) : Optional.empty()),
                doubtful(plate, estimate),
                blocks,
                estimate,
                cautions(plate));
    }

    private static Judgement judge(
            Plate plate,
            Optional<NameplateAssessment> rating,
            List<RatingBlockAssessment> blocks,
            Optional<PlateEstimate> estimate) {
        List<PlateField> missing = with(plate, State.MISSING);
        if (!missing.isEmpty()) {
            return missing(plate, missing, estimate);
        }
        Judgement first = rating.orElseThrow().judgement();
        Verdict ofBlocks = Verdict.worst(
                blocks.stream().map(RatingBlockAssessment::verdict).toList());
        if (first.verdict() == Verdict.STOP) {
            return first;
        }
        Optional<Judgement> outside = estimate.flatMap(e -> outside(plate, e));
        if (outside.isPresent()) {
            return outside.get();
        }
        if (!blocks.isEmpty() && ofBlocks != Verdict.HOLDS) {
            RatingBlockAssessment worst = blocks.stream()
                    .filter(b -> b.verdict() == ofBlocks)
                    .findFirst()
                    .orElseThrow();
            return new Judgement(
                    ofBlocks,
                    worst.contradictions().get(0),
                    worst.sentence(),
                    SOURCE,
                    "Read both ratings again before anything rests on them.");
        }
        List<PlateField> estimated = with(plate, State.ESTIMATED);
        if (!estimated.isEmpty()) {
            return new Judgement(
                    Verdict.WATCH,
                    "Estimated, not read: " + ranges(estimated, plate, estimate),
                    "Taken from " + estimate.map(PlateEstimate::basis).orElse("what was measured"),
                    SOURCE,
                    "Test to the estimate. Look the motor up by its sizes, and put a new plate on before it leaves.");
        }
        List<PlateField> worn = with(plate, State.WORN);
        if (!worn.isEmpty()) {
            return new Judgement(
                    first.verdict() == Verdict.HOLDS ? Verdict.WATCH : first.verdict(),
                    "Read with doubt: " + names(worn) + (first.verdict() == Verdict.HOLDS ? "; the rest agrees" : ""),
                    first.headline(),
                    SOURCE,
                    "Clean the plate, read it by slanting light, and compare with the winding data.");
        }
        return first;
    }

    private static Judgement missing(Plate plate, List<PlateField> missing, Optional<PlateEstimate> estimate) {
        boolean blind = missing.contains(PlateField.RATED_VOLTAGE);
        String told = estimate.filter(e -> !e.figures().isEmpty())
                .map(e -> "What was measured says: "
                        + e.figures().stream()
                                .map(f -> f.field().label() + " " + f.shown())
                                .collect(Collectors.joining("; ")))
                .orElse("");
        return new Judgement(
                Verdict.UNPROVEN,
                "Not known: " + names(missing) + (blind ? ". Without a voltage no test voltage can be set" : ""),
                told,
                SOURCE,
                told.isEmpty()
                        ? "Measure what the motor tells: supply at the machine, shaft height, poles, bore, copper."
                        : "Take the estimate, marked as one.");
    }

    /** A figure taken for an estimate that lies outside what the clues allow. */
    private static Optional<Judgement> outside(Plate plate, PlateEstimate estimate) {
        for (PlateField field : with(plate, State.ESTIMATED)) {
            Optional<PlateEstimate.Figure> figure = estimate.figure(field);
            double given = plate.figure(field).orElseThrow();
            if (figure.filter(f -> given < f.low() || given > f.high()).isPresent()) {
                return Optional.of(new Judgement(
                        Verdict.WATCH,
                        "Estimated " + field.label() + " "
                                + Figures.show(given, Dimension.ofField(field.code()))
                                + " lies outside what was measured: "
                                + figure.get().shown(),
                        "From " + figure.get().basis(),
                        SOURCE,
                        "Measure again, or take the estimate as it comes."));
            }
        }
        return estimate.contradictions().stream()
                .findFirst()
                .map(c -> new Judgement(Verdict.WATCH, c, "", SOURCE, "Measure both again."));
    }

    private static List<PlateField> with(Plate plate, State state) {
        return RATING.stream().filter(f -> plate.state(f) == state).toList();
    }

    private static String names(List<PlateField> fields) {
        return fields.stream().map(PlateField::label).collect(Collectors.joining(", "));
    }

    private static String ranges(List<PlateField> fields, Plate plate, Optional<PlateEstimate> estimate) {
        return fields.stream()
                .map(f -> Figures.show(plate.figure(f).orElseThrow(), Dimension.ofField(f.code()))
                        + estimate.flatMap(e -> e.figure(f))
                                .map(e -> " (" + e.range() + ")")
                                .orElse(""))
                .collect(Collectors.joining(", "));
    }

    private static List<String> doubtful(Plate plate, Optional<PlateEstimate> estimate) {
        List<String> lines = new ArrayList<>();
        for (PlateField field : PlateField.values()) {
            State state = plate.state(field);
            boolean said = plate.marks().orElse(List.of()).stream().anyMatch(m -> m.field() == field);
            if (said && state != State.READ) {
                lines.add(field.label() + ": " + state.code()
                        + estimate.filter(e -> state == State.ESTIMATED)
                                .flatMap(e -> e.figure(field))
                                .map(e -> ", " + e.range() + ", from " + e.basis())
                                .orElse(""));
            }
        }
        return List.copyOf(lines);
    }

    private static List<String> cautions(Plate plate) {
        List<String> cautions = new ArrayList<>();
        if (plate.explosionProtected()) {
            cautions.add(
                    "Explosion-protected: test it as received and no further. Opening, reconditioning or rewinding it "
                            + "belongs to a certified repairer.");
        }
        if (plate.phases() == 1) {
            cautions.add("Capacitors keep their charge: discharge them through a resistor, never by a screwdriver.");
        }
        Optional<Protector> protector = plate.details().flatMap(PlateDetails::protector);
        if (protector.filter(p -> p == Protector.AUTOMATIC).isPresent()) {
            cautions.add("Its protector closes by itself: a motor that stopped hot can start again. Lock out.");
        }
        if (plate.madeBefore1970()) {
            cautions.add(
                    "Insulation of its age may hold asbestos: no dry brushing and no blowing out until it is declared.");
        }
        return List.copyOf(cautions);
    }
}
