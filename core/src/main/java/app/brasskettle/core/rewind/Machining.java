package app.brasskettle.core.rewind;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Machined work on a motor, here or sent out.
 *
 * @param works each piece of it
 */
public record Machining(List<Piece> works) {

    /** How a worn seat or an unbalanced rotor is put right. */
    public enum Kind implements Coded {
        SLEEVE,
        SPRAY_AND_TURN,
        WELD_AND_TURN,
        BALANCE,
        SHAFT_STRAIGHTENED,
        KEY_SEAT,
        OTHER
    }

    /** What a piece of work was done to, as far as a fit or a gap rests on it. */
    public enum Surface implements Coded {
        BEARING_SEAT,
        BRACKET,
        ROTOR,
        SHAFT,
        CORE,
        OTHER
    }

    /**
     * One piece of work.
     *
     * @param part on which part
     * @param surface what was machined; another surface cures no fit and no gap
     * @param kind how
     * @param sentTo where it was sent; empty for work done here
     * @param backOn the day it is back, or is to be
     * @param done whether it is finished and here
     */
    public record Piece(
            String part,
            @Asked("surface") Optional<Surface> surface,
            Kind kind,
            Optional<String> sentTo,
            Optional<String> backOn,
            Optional<Boolean> done) {

        public Piece {
            surface = Problems.orEmpty(surface);
            sentTo = Problems.orEmpty(sentTo).filter(s -> !s.isBlank());
            backOn = Problems.orEmpty(backOn).filter(s -> !s.isBlank());
            done = Problems.orEmpty(done);
            Problems problems = new Problems();
            problems.name("part", part);
            problems.present("kind", kind);
            if (sentTo.isPresent() && backOn.isEmpty()) {
                problems.add(
                        "backOn",
                        Problem.Code.MISSING,
                        "backOn is missing: when is it back from " + sentTo.get() + "?");
            }
            problems.throwIfAny();
        }

        /** The part it puts right; empty where it names none. */
        Optional<Remedy> remedy() {
            return switch (kind) {
                case BALANCE -> Optional.of(Remedy.BALANCE);
                case SHAFT_STRAIGHTENED, KEY_SEAT -> Optional.of(Remedy.SHAFT);
                case SLEEVE, SPRAY_AND_TURN, WELD_AND_TURN, OTHER ->
                    surface.flatMap(s -> switch (s) {
                        case BEARING_SEAT -> Optional.of(Remedy.BEARING_SEAT);
                        case BRACKET -> Optional.of(Remedy.BRACKET);
                        case ROTOR -> Optional.of(Remedy.ROTOR_SURFACE);
                        case SHAFT -> Optional.of(Remedy.SHAFT);
                        case CORE -> Optional.of(Remedy.CORE_STACK);
                        case OTHER -> Optional.empty();
                    });
            };
        }

        boolean finished() {
            return done.orElse(false);
        }
    }

    private static final int MOST = 50;

    public Machining {
        works = Problems.copy(works);
        Problems problems = new Problems();
        problems.size("works", works, 1, MOST);
        problems.throwIfAny();
    }

    /** What it comes to. */
    public Judgement judge() {
        List<Piece> open = works.stream().filter(p -> !p.finished()).toList();
        if (open.isEmpty()) {
            return new Judgement(
                    Verdict.HOLDS,
                    "Machined: " + works.stream().map(Piece::part).collect(Collectors.joining(", ")),
                    "",
                    "Shop rule",
                    "Measure the fits again: what was measured before is of the old surface.");
        }
        Piece first = open.get(0);
        return new Judgement(
                Verdict.UNPROVEN,
                first.part() + " is not back"
                        + first.sentTo()
                                .map(s -> " from " + s + ", " + first.backOn().orElse(""))
                                .orElse(""),
                open.size() > 1 ? open.size() + " pieces are open" : "",
                "Shop rule",
                "Nothing is assembled on it until it is measured.");
    }
}
