package app.brasskettle.core.rewind;

import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/**
 * Readings of an oven in a sheet, and whether a simulated one gave them.
 *
 * @param readings in the order of time
 * @param simulated whether they come from the simulated oven
 */
record OvenLook(List<OvenReading> readings, boolean simulated) {

    /** What the sheet says of it: nothing, where a real oven was read. */
    Optional<Judgement> said(String what) {
        return simulated
                ? Optional.of(new Judgement(
                        Verdict.WATCH,
                        what + " read from the simulated oven",
                        "A model, for practice; it proves nothing of a part",
                        "Shop rule",
                        "Read the real oven before this motor is released."))
                : Optional.empty();
    }

    /** The ovens a sheet has readings of, by their field. */
    static List<OvenLook> of(Record sheet) {
        List<OvenLook> all = new ArrayList<>();
        if (sheet instanceof Stripping s) {
            all.add(s.oven());
        } else if (sheet instanceof Varnishing v) {
            v.passes().forEach(p -> all.add(p.oven()));
        }
        return all;
    }

    /** Tells whether {@code later} has half of these readings or more, some left out or touched up, and denies where they came from. */
    boolean deniedBy(OvenLook later) {
        if (!simulated || later.simulated) {
            return false;
        }
        long kept = readings.stream()
                .filter(new HashSet<>(later.readings)::contains)
                .count();
        return kept > 0 && 2 * kept >= readings.size();
    }
}
