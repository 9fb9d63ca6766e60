package app.brasskettle.core.insulation;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;

/** Judgement of insulation figures by the standard and by the field rule. */
final class InsulationRule {

    private static final String STANDARD = "IEEE Std 43-2013, 12.2 and 12.3";
    private static final String FIELD = "Field rule on the raw figure";

    private final InsulationLimits limits;

    InsulationRule(InsulationLimits limits) {
        this.limits = limits;
    }

    /** The first of these that applies decides: dew point, late readings, source's range, minimum, spot, index. */
    Judgement byStandard(InsulationFigures f) {
        String at40 = (f.atLeast() ? "at least " : "") + megohm(f.corrected()) + " at 40 °C";
        String arithmetic = megohm(f.megohm()) + " × " + Figures.significant(f.factor(), 3) + " from "
                + Figures.significant(f.test().windingTemperatureC(), 3) + " °C";
        String least = megohm(f.minimum()) + " is the least for "
                + f.test().windingKind().label();
        if (f.dewPoint().isPresent()
                && Limit.under(f.test().windingTemperatureC(), f.dewPoint().get())) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Winding at " + Figures.significant(f.test().windingTemperatureC(), 3)
                            + " °C is below the dew point of "
                            + Figures.significant(f.dewPoint().get(), 3) + " °C",
                    "Water on the winding hides what the insulation is worth",
                    "IEEE Std 43-2013, 6.1",
                    "Dry it, or warm it above the dew point, and test again.");
        }
        if (f.allAfterOneMinute()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "No reading up to one minute: the first came after " + "60 s",
                    "The limit is for the figure after one minute",
                    STANDARD,
                    "Discharge, then test again with a reading at 60 s.");
        }
        if (f.beyondSource() && Limit.under(f.corrected(), f.minimum()) != Limit.under(f.megohm(), f.minimum())) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    megohm(f.megohm()) + " as read and " + at40 + " lie on two sides of " + megohm(f.minimum()),
                    arithmetic + "; the correction is known from 10 to 85 °C only",
                    "IEEE Std 43-2013, 6.3",
                    "Bring the winding between 10 and 85 °C and test again.");
        }
        if (Limit.under(f.corrected(), f.minimum())) {
            return f.atLeast()
                    ? new Judgement(
                            Verdict.UNPROVEN,
                            at40 + " says too little, and " + least,
                            arithmetic + "; the tester was over its range",
                            STANDARD,
                            "Test again on a higher range.")
                    : new Judgement(Verdict.STOP, at40 + ", and " + least, arithmetic, STANDARD, afterStop(f));
        }
        if (f.spot()) {
            return new Judgement(
                    Verdict.WATCH,
                    at40 + " on a spot reading, and " + least,
                    arithmetic + "; under 60 s a reading is at best Watch",
                    STANDARD,
                    "Hold the voltage for 60 s before you rely on it.");
        }
        if (f.indexJudged() && Limit.under(f.index().orElseThrow(), f.minimumIndex())) {
            return new Judgement(
                    Verdict.WATCH,
                    "Polarization index " + Figures.significant(f.index().orElseThrow(), 3) + ", and "
                            + Figures.significant(f.minimumIndex(), 2) + " is wanted; " + at40,
                    arithmetic + "; a flat curve at this level is moisture or dirt",
                    "IEEE Std 43-2013, 12.2",
                    "Clean and dry it, then test again.");
        }
        return new Judgement(
                Verdict.HOLDS,
                at40 + ", and " + least,
                arithmetic + absorptionNote(f),
                STANDARD,
                "Go on to the surge test.");
    }

    Judgement inTheField(InsulationFigures f) {
        String figure = (f.atLeast() ? "≥ " : "") + megohm(f.megohm()) + " as read";
        if (f.atLeast() && Limit.under(f.megohm(), limits.fieldHoldsMegohm())) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    figure + "; " + megohm(limits.fieldHoldsMegohm()) + " must be shown",
                    "Over range below the mark proves nothing",
                    FIELD,
                    "Test again on a higher range.");
        }
        if (Limit.under(f.megohm(), limits.fieldWatchMegohm())) {
            return new Judgement(
                    Verdict.STOP, figure + ", under " + megohm(limits.fieldWatchMegohm()), "", FIELD, afterStop(f));
        }
        if (Limit.under(f.megohm(), limits.fieldHoldsMegohm())) {
            return new Judgement(
                    Verdict.WATCH,
                    figure + ", under " + megohm(limits.fieldHoldsMegohm()),
                    "",
                    FIELD,
                    "Clean and dry it before it goes back.");
        }
        return new Judgement(
                Verdict.HOLDS,
                figure + ", " + megohm(limits.fieldHoldsMegohm()) + " and up holds",
                "",
                FIELD,
                "Go on.");
    }

    private static String afterStop(InsulationFigures f) {
        if (InsulationLimits.deadGround(f.megohm(), f.corrected())) {
            return "Copper is on the frame: part the phases and find which one.";
        }
        return f.index().filter(i -> i < 1.5).isPresent()
                ? "Low and flat is moisture or dirt: dry it and test again."
                : "No high voltage. Dry it and test again, then look for the ground.";
    }

    private static String absorptionNote(InsulationFigures f) {
        if (f.atLeast()) {
            return "; absorption not judged: insulation above range";
        }
        if (f.index().isPresent() && !f.indexJudged()) {
            return "; polarization index not judged at this level";
        }
        return f.index()
                .map(i -> "; polarization index " + Figures.significant(i, 3))
                .orElse("");
    }

    private static String megohm(double value) {
        return Figures.show(value, Dimension.INSULATION);
    }
}
