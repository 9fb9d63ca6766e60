package app.brasskettle.core.rewind;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;

/**
 * What the steps of a rewind ask of the record.
 *
 * @param rewindChosen whether a rewind was chosen
 * @param mayOpen whether the motor may be opened here
 * @param closedBecause why not, where it may not
 * @param leaveToStrip whether leave to strip is on record
 * @param windingSettled whether the winding may come out by its data
 * @param windingOpen what keeps it in, where it may not
 * @param connectionRead whether the connection is on record
 * @param connectionPhotographed whether a photograph of it is
 * @param coreTested whether the core was tested before, or why not is on record
 * @param asbestosCleared whether the old insulation is declared free of asbestos, or made safe
 * @param present whether a winding is in
 * @param coreSeen what looking at the bare core came to
 * @param coreLoop the core loop test taken since, its effective word
 * @param designed whether the new winding has its wire and holds
 * @param firstCoilCounted the first coil counted by a second person: what it came to
 * @param coilsIn whether every coil is in
 * @param connected what the connection came to
 * @param proved whether the winding is proved before varnish: what it came to
 * @param backToChoose why the job is back at the choice; empty where it is not
 */
public record RewindFacts(
        boolean rewindChosen,
        boolean mayOpen,
        String closedBecause,
        boolean leaveToStrip,
        boolean windingSettled,
        String windingOpen,
        boolean connectionRead,
        boolean connectionPhotographed,
        boolean coreTested,
        boolean asbestosCleared,
        boolean present,
        Optional<Judgement> coreSeen,
        Optional<Verdict> coreLoop,
        boolean designed,
        Optional<Judgement> firstCoilCounted,
        boolean coilsIn,
        Optional<Judgement> connected,
        Optional<Judgement> proved,
        Optional<String> backToChoose) {

    static boolean good(Optional<Judgement> judgement) {
        return judgement
                .filter(j -> j.verdict() == Verdict.HOLDS || j.verdict() == Verdict.WATCH)
                .isPresent();
    }

    boolean coreGood() {
        return good(coreSeen)
                && coreLoop.filter(v -> v == Verdict.HOLDS || v == Verdict.WATCH)
                        .isPresent();
    }
}
