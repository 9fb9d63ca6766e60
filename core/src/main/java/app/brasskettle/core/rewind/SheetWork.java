package app.brasskettle.core.rewind;

import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Work that a sheet says was done, so that nobody has to say it twice and no test outlives it by being forgotten. */
public final class SheetWork {

    private SheetWork() {}

    /**
     * Lists what was done between two versions of a sheet, in its order.
     *
     * @param before the sheet as it stands; empty for the first time
     * @param after the sheet as it is to be
     */
    public static List<Work> of(Optional<? extends Record> before, Record after) {
        List<Work> done = new ArrayList<>();
        if (after instanceof Stripping now
                && now.bare()
                && !as(before, Stripping.class).map(Stripping::bare).orElse(false)) {
            done.add(Work.STRIPPED);
        } else if (after instanceof Washing && before.isEmpty()) {
            done.add(Work.WASHED);
        } else if (after instanceof DryingCurve && before.isEmpty()) {
            done.add(Work.DRIED);
        } else if (after instanceof Varnishing now) {
            Optional<Varnishing> then = as(before, Varnishing.class);
            if (now.dips() > then.map(Varnishing::dips).orElse(0)) {
                done.add(Work.DIPPED);
            }
            if (now.bakes() > then.map(Varnishing::bakes).orElse(0)) {
                done.add(Work.BAKED);
            }
        } else if (after instanceof Machining now
                && now.finished()
                        > as(before, Machining.class).map(Machining::finished).orElse(0)) {
            done.add(Work.MACHINED);
        }
        if (after instanceof Renewal now) {
            Optional<Renewal> then = as(before, Renewal.class);
            if (now.in(true) > then.map(r -> r.in(true)).orElse(0L)) {
                done.add(Work.REPAIRED);
            }
            if (now.in(false) > then.map(r -> r.in(false)).orElse(0L)) {
                done.add(Work.MACHINED);
            }
        }
        return List.copyOf(done);
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

    private static <T extends Record> Optional<T> as(Optional<? extends Record> sheet, Class<T> type) {
        return sheet.filter(type::isInstance).map(type::cast);
    }
}
