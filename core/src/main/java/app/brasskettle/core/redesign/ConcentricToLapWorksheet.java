package app.brasskettle.core.redesign;

import app.brasskettle.core.redesign.ConcentricGroup.ConcentricCoil;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** A lap winding in place of a concentric one: turns × winding factor of a phase kept. */
public final class ConcentricToLapWorksheet {

    private static final String SOURCE = "Turns × winding factor of a phase kept; kp = sin(90°·span/full pitch)";

    private ConcentricToLapWorksheet() {}

    /** Creates the worksheet {@code concentric-to-lap}. */
    public static Worksheet<ConcentricGroup, LapForConcentric> create() {
        return new Worksheet<>(
                "concentric-to-lap",
                "Lap for concentric",
                ConcentricGroup.class,
                List.of("Induction machine theory"),
                ConcentricToLapWorksheet::work);
    }

    private static LapForConcentric work(ConcentricGroup g) {
        double pitch = (double) g.slots() / g.poles();
        double helping = g.coils().stream()
                .mapToDouble(c -> c.turns() * pitchFactor(c.spanSlots(), pitch))
                .sum();
        double turns = g.coils().stream().mapToInt(ConcentricCoil::turns).sum();
        double effective = g.groupsPerPhase() * helping / g.parallelCircuits();
        int coils = g.slots() / (3 * g.poles());
        double lapFactor = pitchFactor(g.lapSpanSlots(), pitch) * distribution(coils, pitch);
        WholeTurns whole = WholeTurns.of(effective * g.lapParallelCircuits() / (g.poles() * coils * lapFactor));
        return new LapForConcentric(
                pitch,
                helping / turns,
                effective,
                coils,
                lapFactor,
                whole.exact(),
                whole.turns(),
                whole.fluxChangePercent(),
                whole.judgement(SOURCE).verdict(),
                whole.judgement(SOURCE),
                List.of(
                        new Step("concentric winding factor", "Σ turns·kp/Σ turns", "", helping / turns, "", SOURCE),
                        new Step("turns that count", "groups·Σ turns·kp/circuits", "", effective, "turns", SOURCE),
                        new Step("lap winding factor", "kp·kd", "", lapFactor, "", SOURCE),
                        whole.step("turns that count·circuits/(poles·coils·kp·kd)", SOURCE)));
    }

    private static double pitchFactor(int span, double pitch) {
        return Math.sin(Math.PI / 2 * span / pitch);
    }

    /** Distribution factor of equal coils one slot apart. */
    private static double distribution(int coils, double pitch) {
        double half = Math.PI / (2 * pitch);
        return Math.sin(coils * half) / (coils * Math.sin(half));
    }
}
