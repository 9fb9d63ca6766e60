package app.brasskettle.core.triage;

import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.triage.TriageInspection.Ring;
import app.brasskettle.core.triage.TriageInspection.Shaft;
import app.brasskettle.core.triage.TriageInspection.Sight;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * Sound, doubtful or unfit. A ten-second reading proves no insulation, so sound means worth a run on a drive, not fit for use.
 *
 * <p>Unfit: shaft binds, a lead rings to nothing, burnt, or under 1 MΩ. Doubtful: rough, odd sets, wet, dirty, broken, or under
 * 30 MΩ, where the field rule of insulation stops.
 */
public final class TriageWorksheet {

    private static final double USUAL_V = 400;
    private static final double UNFIT_MEGOHM = 1;
    private static final double DOUBTFUL_MEGOHM = 30;
    private static final String SOURCE = "Shop rule: a minute at each motor; test voltage by IEEE Std 43-2013";

    private TriageWorksheet() {}

    public static Worksheet<TriageInspection, TriageResult> create() {
        return new Worksheet<>(
                "triage", "Triage of a pile", TriageInspection.class, List.of("IEEE Std 43"), TriageWorksheet::work);
    }

    private static TriageResult work(TriageInspection look) {
        double least = least(look);
        List<Sight> eye = look.eye().orElse(List.of());
        List<String> unfit = new ArrayList<>();
        List<String> doubts = new ArrayList<>();
        String megohm = Figures.show(least, Dimension.INSULATION);
        when(look.shaft() == Shaft.BINDS, unfit, "shaft binds");
        when(look.ring() == Ring.OPEN, unfit, "a lead rings to nothing");
        when(eye.contains(Sight.BURNT), unfit, "burnt");
        when(Limit.under(least, UNFIT_MEGOHM), unfit, megohm + ", under 1 MΩ");
        when(look.shaft() == Shaft.ROUGH, doubts, "turns rough");
        when(look.ring() == Ring.ODD, doubts, "odd sets of leads");
        when(eye.contains(Sight.WET), doubts, "wet");
        when(eye.contains(Sight.DIRTY), doubts, "dirty");
        when(eye.contains(Sight.BROKEN), doubts, "something broken");
        when(
                !Limit.under(least, UNFIT_MEGOHM) && Limit.under(least, DOUBTFUL_MEGOHM),
                doubts,
                megohm + ", under 30 MΩ");
        TriageResult.Answer answer = !unfit.isEmpty()
                ? TriageResult.Answer.UNFIT
                : doubts.isEmpty() ? TriageResult.Answer.SOUND : TriageResult.Answer.DOUBTFUL;
        return new TriageResult(
                answer,
                TestVoltage.forRated(look.ratedVoltageV().orElse(USUAL_V)).lowV(),
                least,
                judge(look, answer, unfit, doubts, megohm));
    }

    private static double least(TriageInspection look) {
        return look.megohm().stream().mapToDouble(m -> m).min().orElseThrow();
    }

    private static void when(boolean so, List<String> list, String words) {
        if (so) {
            list.add(words);
        }
    }

    private static Judgement judge(
            TriageInspection look, TriageResult.Answer answer, List<String> unfit, List<String> doubts, String megohm) {
        List<String> all = new ArrayList<>(unfit);
        all.addAll(doubts);
        String because = String.join(", ", all);
        return switch (answer) {
            case SOUND ->
                new Judgement(
                        Verdict.HOLDS,
                        "Sound as far as a minute tells: turns freely, rings in sets, " + megohm,
                        "",
                        SOURCE,
                        "Run it on a drive for 15 minutes and compare the current with the plate.");
            case DOUBTFUL -> new Judgement(Verdict.WATCH, "Doubtful: " + because, "", SOURCE, doubt(look));
            case UNFIT ->
                new Judgement(
                        Verdict.STOP,
                        "Unfit: " + because,
                        "",
                        SOURCE,
                        look.shaft() == Shaft.BINDS
                                ? "No power. Open it, or scrap it."
                                : "No power. A job of its own, or scrap.");
        };
    }

    private static String doubt(TriageInspection look) {
        List<Sight> eye = look.eye().orElse(List.of());
        boolean dry = eye.contains(Sight.WET) || eye.contains(Sight.DIRTY) || Limit.under(least(look), DOUBTFUL_MEGOHM);
        return dry ? "Clean and dry it, then look again." : "Make it a job: bearings, leads, then the bench.";
    }
}
