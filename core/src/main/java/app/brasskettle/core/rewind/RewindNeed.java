package app.brasskettle.core.rewind;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Coded;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What the steps of a rewind need before they begin: the table of their gates. A row names the steps it holds, what meets it, the
 * sentence that is said while nothing does, and the step where it is lifted.
 */
public enum RewindNeed implements Coded {
    CHOSEN(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::rewindChosen,
            f -> "Nobody chose to rewind it",
            "Record the customer’s answer.",
            JobStep.OPTIONS.path()),
    NOT_BACK_AT_CHOICE(
            EnumSet.of(JobStep.COILS, JobStep.INSERTION, JobStep.BRAZING, JobStep.VARNISH),
            f -> f.backToChoose().isEmpty(),
            f -> f.backToChoose().orElse(""),
            "Let the customer choose again with what is known now, or test the core and find it sound.",
            JobStep.OPTIONS.path()),
    LEAVE_TO_STRIP(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::leaveToStrip,
            f -> "No leave to strip is on record",
            "Ask the customer, and record who gave it.",
            JobStep.ARRIVAL.path()),
    MAY_OPEN(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::mayOpen,
            RewindFacts::closedBecause,
            "A certified repairer does it, or it is made safe first.",
            JobStep.ARRIVAL.path()),
    ASBESTOS(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::asbestosCleared,
            f -> "Nobody has declared the old insulation free of asbestos",
            "Declare it, or have it made safe by somebody licensed.",
            JobStep.BEFORE_STRIPPING.path()),
    WINDING_DATA(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::windingSettled,
            RewindFacts::windingOpen,
            "Take it a second time and settle it; a lead hand may settle it in spite of that, with a reason.",
            JobStep.SECOND_TAKE.path()),
    CONNECTION_READ(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::connectionRead,
            f -> "The connection is not on record",
            "Say what leaves the winding, and read its joints.",
            JobStep.WINDING_CONNECTION.path()),
    CONNECTION_PHOTOGRAPHED(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::connectionPhotographed,
            f -> "The connection is not photographed",
            "Photograph the connection end before a joint is cut.",
            JobStep.BEFORE_STRIPPING.path()),
    CORE_TESTED(
            EnumSet.of(JobStep.STRIPPING),
            RewindFacts::coreTested,
            f -> "The core is not tested, so nobody will know what the burnout did to it",
            "Test it by loop, or write why not.",
            JobStep.BEFORE_STRIPPING.path()),
    STRIPPED(
            EnumSet.of(JobStep.CORE_AFTER, JobStep.INSERTION),
            f -> !f.present(),
            f -> f.coilsIn() ? "The new winding is in" : "The old winding is still in",
            "A winding is laid into an empty core: strip what is in it first.",
            JobStep.STRIPPING.path()),
    CORE_SOUND(
            EnumSet.of(JobStep.INSERTION),
            f -> RewindFacts.good(f.coreSeen()),
            f -> f.coreSeen().map(j -> j.headline()).orElse("Nobody has looked at the bare core"),
            "Look at teeth, burrs, slots and bore.",
            JobStep.CORE_AFTER.path()),
    CORE_MEASURED(
            EnumSet.of(JobStep.INSERTION),
            RewindFacts::coreGood,
            f -> f.coreLoop().isEmpty()
                    ? "The core is not tested since it was stripped"
                    : "The core loop test does not hold since it was stripped",
            "Test the core by loop, beside what it read before.",
            OpenMotorTests.CORE_LOOP_RESULT.step(1)),
    DESIGNED(
            EnumSet.of(JobStep.COILS, JobStep.INSERTION),
            RewindFacts::designed,
            f -> "The new winding is not designed, or its wire not chosen",
            "Choose its turns and wire.",
            JobStep.NEW_WINDING.path()),
    FIRST_COIL(
            EnumSet.of(JobStep.INSERTION),
            f -> RewindFacts.good(f.firstCoilCounted()),
            f -> f.firstCoilCounted().map(j -> j.headline()).orElse("Nobody has counted the first coil a second time"),
            "Another person counts its turns.",
            JobStep.COILS.path()),
    COILS_IN(
            EnumSet.of(JobStep.BRAZING),
            RewindFacts::coilsIn,
            f -> "Not every coil is in",
            "Lay in the coils that are missing.",
            JobStep.INSERTION.path()),
    CONNECTED(
            EnumSet.of(JobStep.BEFORE_VARNISH, JobStep.VARNISH),
            f -> RewindFacts.good(f.connected()),
            f -> f.connected().map(j -> j.headline()).orElse("The winding is not connected"),
            "Braze what is open, and put right what is wrong.",
            JobStep.BRAZING.path()),
    PROVED_BARE(
            EnumSet.of(JobStep.VARNISH),
            f -> RewindFacts.good(f.proved()),
            f -> f.proved().map(j -> j.headline()).orElse("It is not proved before varnish"),
            "Prove it while a coil can still be changed.",
            JobStep.BEFORE_VARNISH.path());

    private final Set<JobStep> holds;
    private final Predicate<RewindFacts> met;
    private final Function<RewindFacts, String> sentence;
    private final String opens;
    private final String step;

    RewindNeed(
            Set<JobStep> holds,
            Predicate<RewindFacts> met,
            Function<RewindFacts, String> sentence,
            String opens,
            String step) {
        this.holds = holds;
        this.met = met;
        this.sentence = sentence;
        this.opens = opens;
        this.step = step;
    }

    /**
     * What holds a step.
     *
     * @param code which need
     * @param sentence what is wanting
     * @param opens what lifts it
     * @param step where that is done
     */
    public record Hold(RewindNeed code, String sentence, String opens, String step) {}

    /** Steps that a need holds. */
    public Set<JobStep> holds() {
        return EnumSet.copyOf(holds);
    }

    /** Lists what holds {@code step}; empty where it may begin. A motor that is not rewound asks nothing of its varnish but sense. */
    public static List<Hold> holding(JobStep step, RewindFacts facts) {
        return Arrays.stream(values())
                .filter(n -> n.holds.contains(step))
                .filter(n -> facts.rewindChosen() || step == JobStep.STRIPPING)
                .map(n -> n.hold(facts))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Hold> hold(RewindFacts facts) {
        return met.test(facts) ? Optional.empty() : Optional.of(new Hold(this, sentence.apply(facts), opens, step));
    }
}
