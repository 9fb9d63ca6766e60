package app.brasskettle.core.redesign;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Turns and wire of a winding for another voltage, frequency, connection, number of circuits or span. */
public final class RewindDesignWorksheet {

    private static final int SHOWN = 5;
    private static final String SOURCE = "Flux kept: T2 = T1·(E2/E1)·(f1/f2)·(kw1/kw2)·(a2/a1)";

    private RewindDesignWorksheet() {}

    /** Creates the worksheet {@code rewind-design}. */
    public static Worksheet<RewindQuestion, RewindDesign> create() {
        return new Worksheet<>(
                "rewind-design",
                "New winding",
                RewindQuestion.class,
                List.of("Induction machine theory"),
                RewindDesignWorksheet::work);
    }

    private static RewindDesign work(RewindQuestion q) {
        WholeTurns turns = WholeTurns.of(q.from().turnsPerCoil()
                * q.to().turnsMeasure()
                / q.from().basis().turnsMeasure());
        double target = q.from().conductorAreaMm2() * q.from().turnsPerCoil() / turns.turns();
        WireSearch search = new WireSearch(q.stock(), target, q.maxInHand(), q.tolerancePercent(), SHOWN);
        return new RewindDesign(
                turns.exact(),
                turns.turns(),
                turns.fluxChangePercent(),
                target,
                search.count(),
                search.best(),
                turns.judgement(SOURCE).verdict(),
                turns.judgement(SOURCE),
                List.of(
                        turns.step("T1·(E2/E1)·(f1/f2)·(kw1/kw2)·(a2/a1)", SOURCE),
                        new Step(
                                "flux change",
                                "100·(exact/turns − 1)",
                                "100·(" + Figures.significant(turns.exact(), 5) + "/" + turns.turns() + " − 1)",
                                turns.fluxChangePercent(),
                                "%",
                                SOURCE),
                        new Step(
                                "copper of a turn",
                                "A1·T1/T2",
                                Figures.plain(q.from().conductorAreaMm2()) + "·"
                                        + q.from().turnsPerCoil() + "/" + turns.turns(),
                                target,
                                "mm²",
                                "Copper of the slot kept")));
    }
}
