package app.brasskettle.core.jobs;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A motor as it was handed over: its weight, how it sat on its machine, what it was exposed to, and what leave there is.
 *
 * @param massKg weight as received
 * @param linked how it was linked to its machine, and where coupling or sheave and key sat
 * @param turned which way it turned, seen from the drive end
 * @param terminalBox where the terminal box sits, seen from the drive end
 * @param cableEntry which way the cables enter it
 * @param exposures what it was exposed to, or declared to be free of
 * @param madeSafe who declared it made safe, and how
 * @param leaveToDismantle from whom there is leave to take it apart
 * @param leaveToStrip from whom there is leave to take the winding out
 */
public record Handover(
        Optional<Double> massKg,
        Optional<String> linked,
        Optional<Turned> turned,
        Optional<BoxSide> terminalBox,
        Optional<BoxSide> cableEntry,
        Optional<List<Exposure>> exposures,
        Optional<String> madeSafe,
        Optional<String> leaveToDismantle,
        Optional<String> leaveToStrip) {

    /** Sense of rotation seen from the drive end (IEC 60034-8). */
    public enum Turned implements Coded {
        CLOCKWISE,
        ANTICLOCKWISE,
        EITHER,
        UNKNOWN
    }

    /** A side of the motor seen from the drive end. */
    public enum BoxSide implements Coded {
        TOP,
        RIGHT,
        LEFT,
        BOTTOM,
        DRIVE_END,
        NON_DRIVE_END
    }

    /** What may cling to a motor and harm whoever handles it. */
    public enum Exposure implements Coded {
        /** Declared free of anything harmful. */
        NOTHING,
        CHEMICALS,
        FOOD,
        ASBESTOS,
        SEWAGE,
        RADIATION
    }

    private static final double HEAVIEST_KG = 100_000;

    public Handover {
        massKg = Problems.orEmpty(massKg);
        linked = Problems.orEmpty(linked);
        turned = Problems.orEmpty(turned);
        terminalBox = Problems.orEmpty(terminalBox);
        cableEntry = Problems.orEmpty(cableEntry);
        exposures = Problems.orEmpty(exposures).map(Problems::copy);
        madeSafe = Problems.orEmpty(madeSafe).filter(s -> !s.isBlank());
        leaveToDismantle = Problems.orEmpty(leaveToDismantle).filter(s -> !s.isBlank());
        leaveToStrip = Problems.orEmpty(leaveToStrip).filter(s -> !s.isBlank());
        Problems problems = new Problems();
        massKg.ifPresent(m -> problems.aboveTo("massKg", m, 0, HEAVIEST_KG, "kg"));
        exposures.ifPresent(e -> {
            if (problems.size("exposures", e, 0, Exposure.values().length)) {
                problems.distinct(e, i -> "exposures[" + i + "]");
                if (e.size() > 1 && e.contains(Exposure.NOTHING)) {
                    problems.add(
                            "exposures",
                            Problem.Code.CONTRADICTION,
                            "exposures says nothing and something at once: which?");
                }
            }
        });
        problems.throwIfAny();
    }

    /** What harmful things were declared. */
    List<Exposure> harmful() {
        return exposures.orElse(List.of()).stream()
                .filter(e -> e != Exposure.NOTHING)
                .toList();
    }

    /** Whether something harmful was declared that nobody declared made safe. */
    boolean unsafe() {
        return !harmful().isEmpty() && madeSafe.isEmpty();
    }

    static Handover none() {
        return new Handover(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
