package app.brasskettle.core.rewind;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The core looked at once the copper is out.
 *
 * @param teeth loose, bent or burnt teeth
 * @param burrs burrs at slots and bore
 * @param slots cleaned, nothing sharp in them
 * @param bore round, not rubbed
 * @param remark what was seen
 */
public record CoreAfter(
        Seen teeth, Seen burrs, @Asked("slots, cleaned") Seen slots, Seen bore, Optional<String> remark) {

    /** What was found of it. */
    public enum Seen implements Coded {
        SOUND,
        MENDED,
        BAD,
        NOT_LOOKED_AT
    }

    private static final String SOURCE = "Looked at by hand and eye; IEEE Std 1068 for the loop test";

    public CoreAfter {
        remark = Problems.orEmpty(remark).filter(s -> !s.isBlank());
        Problems problems = new Problems();
        problems.present("teeth", teeth);
        problems.present("burrs", burrs);
        problems.present("slots", slots);
        problems.present("bore", bore);
        problems.throwIfAny();
    }

    /** What it comes to. */
    public Judgement judge() {
        Map<String, Seen> all = new LinkedHashMap<>();
        all.put("Teeth", teeth);
        all.put("Burrs", burrs);
        all.put("Slots", slots);
        all.put("Bore", bore);
        List<String> bad = named(all, Seen.BAD);
        if (!bad.isEmpty()) {
            return new Judgement(
                    Verdict.STOP,
                    "The core is bad: " + String.join(", ", bad),
                    remark.orElse(""),
                    SOURCE,
                    "Back to Choose: restack it, or replace the motor.");
        }
        List<String> open = named(all, Seen.NOT_LOOKED_AT);
        if (!open.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN, "Not looked at: " + String.join(", ", open), "", SOURCE, "Look at them.");
        }
        List<String> mended = named(all, Seen.MENDED);
        return mended.isEmpty()
                ? new Judgement(Verdict.HOLDS, "Teeth, burrs, slots and bore are sound", "", SOURCE, "")
                : new Judgement(
                        Verdict.WATCH,
                        "Mended: " + String.join(", ", mended),
                        "What was filed or bent may short laminations",
                        SOURCE,
                        "Test the core by loop once more.");
    }

    private static List<String> named(Map<String, Seen> all, Seen seen) {
        List<String> names = new ArrayList<>();
        all.forEach((name, what) -> {
            if (what == seen) {
                names.add(name.toLowerCase(Locale.ROOT));
            }
        });
        return names;
    }
}
