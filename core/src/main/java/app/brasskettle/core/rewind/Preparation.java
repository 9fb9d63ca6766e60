package app.brasskettle.core.rewind;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What is settled before a winding is stripped.
 *
 * @param oldInsulation what the old insulation is known to hold
 * @param madeSafeBy who made asbestos safe, and how
 * @param coreNotTested why the core was not tested before stripping
 */
public record Preparation(
        @Asked("old insulation, asbestos") OldInsulation oldInsulation,
        @Asked("made safe by") Optional<String> madeSafeBy,
        @Asked("core not tested, because") Optional<String> coreNotTested) {

    /** What the old insulation holds. */
    public enum OldInsulation implements Coded {
        FREE_OF_ASBESTOS,
        ASBESTOS_MADE_SAFE,
        NOT_KNOWN
    }

    public Preparation {
        madeSafeBy = Problems.orEmpty(madeSafeBy).filter(s -> !s.isBlank());
        coreNotTested = Problems.orEmpty(coreNotTested).filter(s -> !s.isBlank());
        Problems problems = new Problems();
        problems.present("oldInsulation", oldInsulation);
        if (oldInsulation == OldInsulation.ASBESTOS_MADE_SAFE && madeSafeBy.isEmpty()) {
            problems.add("madeSafeBy", Problem.Code.MISSING, "madeSafeBy is missing: who made it safe, and how?");
        }
        problems.throwIfAny();
    }
}
