package app.brasskettle.core.rewind;

import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Work that a sheet says was done, so that nobody has to say it twice and no test outlives it by being forgotten. */
public final class SheetWork {

    private SheetWork() {}

    /**
     * Work that a sheet says was done.
     *
     * @param work what
     * @param remedy the part it names; empty where it names none
     * @param place where, in words
     */
    public record Said(Work work, Optional<Remedy> remedy, String place) {

        /** Tells whether the motor stands open for it, which a hazardous-area motor needs a certified shop for. */
        public boolean needsCertifiedShop() {
            return remedy.map(Remedy::needsCertifiedShop).orElseGet(work::needsCertifiedShop);
        }

        /** Work that names no part. */
        public static Said of(Work work) {
            return new Said(work, Optional.empty(), "");
        }
    }

    /**
     * Lists what was done between two versions of a sheet, in its order. Whatever an entry says beyond every earlier version is new
     * work; an entry that was taken off and is put back as it was is that entry, and no work.
     *
     * @param past every version of the sheet before, oldest first; empty for the first time
     * @param after the sheet as it is to be
     */
    public static List<Said> of(List<? extends Record> past, Record after) {
        List<Said> done = new ArrayList<>();
        if (after instanceof Stripping now
                && now.bare()
                && versions(past, Stripping.class).noneMatch(Stripping::bare)) {
            done.add(Said.of(Work.STRIPPED));
        } else if (after instanceof Washing && !past.contains(after)) {
            done.add(Said.of(Work.WASHED));
        } else if (after instanceof DryingCurve now && driedFurther(past, now)) {
            done.add(Said.of(Work.DRIED));
        } else if (after instanceof Varnishing now) {
            varnished(past, now, done);
        } else if (after instanceof Machining now) {
            added(now.works(), versions(past, Machining.class).map(Machining::works)).stream()
                    .filter(Machining.Piece::finished)
                    .forEach(p -> done.add(new Said(Work.MACHINED, p.remedy(), p.part())));
        } else if (after instanceof Renewal now) {
            added(now.parts(), versions(past, Renewal.class).map(Renewal::parts)).stream()
                    .filter(Renewal.NewPart::in)
                    .forEach(p -> done.add(p.said()));
        }
        return List.copyOf(done);
    }

    /** A pass beyond those of the version before is a dip, and readings that no version held in its place are a bake. */
    private static void varnished(List<? extends Record> past, Varnishing now, List<Said> done) {
        List<Varnishing> before = versions(past, Varnishing.class).toList();
        int dips = before.isEmpty() ? 0 : before.get(before.size() - 1).dips();
        boolean dipped = IntStream.range(dips, now.dips())
                .anyMatch(i -> before.stream()
                        .noneMatch(v -> v.dips() > i
                                && v.passes().get(i).equals(now.passes().get(i))));
        boolean baked = IntStream.range(0, now.dips())
                .filter(i -> now.passes().get(i).baked())
                .anyMatch(i -> before.stream()
                        .noneMatch(v -> v.dips() > i
                                && v.passes()
                                        .get(i)
                                        .readings()
                                        .equals(now.passes().get(i).readings())));
        if (dipped) {
            done.add(Said.of(Work.DIPPED));
        }
        if (baked) {
            done.add(Said.of(Work.BAKED));
        }
    }

    /** Readings that no earlier version of the curve held: it was in the oven once more. */
    private static boolean driedFurther(List<? extends Record> past, DryingCurve now) {
        return !added(now.readings(), versions(past, DryingCurve.class).map(DryingCurve::readings))
                .isEmpty();
    }

    /** Entries of which no earlier version holds as many alike. */
    private static <T> List<T> added(List<T> now, Stream<List<T>> before) {
        List<List<T>> versions = before.toList();
        List<T> added = new ArrayList<>();
        Map<T, Integer> seen = new HashMap<>();
        for (T entry : now) {
            int count = seen.merge(entry, 1, Integer::sum);
            if (versions.stream().noneMatch(v -> Collections.frequency(v, entry) >= count)) {
                added.add(entry);
            }
        }
        return added;
    }

    private static <T extends Record> Stream<T> versions(List<? extends Record> past, Class<T> type) {
        return past.stream().filter(type::isInstance).map(type::cast);
    }

    /**
     * Refuses a sheet that keeps what the simulated oven gave and no longer says so.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException at the field
     */
    public static void marked(Optional<? extends Record> before, Record after) {
        Problems problems = new Problems();
        List<OvenLook> then = before.map(OvenLook::of).orElse(List.of());
        List<OvenLook> now = OvenLook.of(after);
        for (int i = 0; i < now.size(); i++) {
            OvenLook look = now.get(i);
            if (then.stream().anyMatch(t -> t.deniedBy(look))) {
                String field = after instanceof Varnishing ? "passes[" + i + "].simulatedOven" : "simulatedOven";
                problems.add(
                        field,
                        Problem.Code.CONTRADICTION,
                        field + " is not set; these " + look.readings().size()
                                + " readings come from the simulated oven");
            }
        }
        problems.throwIfAny();
    }
}
