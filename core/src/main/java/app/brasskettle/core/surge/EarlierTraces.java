package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.Comparator;
import java.util.Map;

/**
 * The same winding's traces of an earlier visit, which settle coils unlike by construction: a winding that ran since with these
 * traces and has them still is whole, for shorted turns would not have lasted (IEEE Std 522, comparison with earlier traces; the
 * limit is that of pulse against pulse).
 *
 * @param tag job of the earlier visit
 * @param set its traces
 */
public record EarlierTraces(String tag, SurgeSet set) {

    /**
     * Settles a finding of unlike coils; any other stays as it is.
     *
     * @param now traces of today
     * @param outcome what they say alone
     * @param limits in percent
     */
    public SurgeOutcome settle(SurgeSet now, SurgeOutcome outcome, SurgeLimits limits) {
        if (outcome.finding() != Finding.UNLIKE_COILS) {
            return outcome;
        }
        Map<SurgeRise.Lead, SurgeResult> changed = now.against(set, limits);
        Judgement own = outcome.judgement();
        if (changed.isEmpty()) {
            return outcome.found(
                    Finding.UNLIKE_COILS,
                    new Judgement(
                            own.verdict(),
                            own.headline(),
                            own.because() + ". The traces of " + tag
                                    + " were digitised otherwise and cannot be laid over these",
                            own.source(),
                            "Surge again with the settings of " + tag + "."));
        }
        Map.Entry<SurgeRise.Lead, SurgeResult> widest = changed.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue().differencePercent()))
                .orElseThrow();
        SurgeResult r = widest.getValue();
        String figures = Figures.percent(r.differencePercent()) + " on lead "
                + widest.getKey().name() + ", limit " + Figures.percent(r.limitPercent());
        boolean same = changed.values().stream().allMatch(c -> c.verdict() == Verdict.HOLDS);
        return same
                ? outcome.found(
                        Finding.ALIKE,
                        new Judgement(
                                Verdict.HOLDS,
                                "Coils unlike, and each as it was at " + tag + ": at most " + figures,
                                own.headline()
                                        + ". It ran since then with these traces; shorted turns would not have lasted",
                                own.source(),
                                "Take insulation to frame once more."))
                : outcome.found(
                        Limit.over(r.differencePercent(), 2 * r.limitPercent())
                                ? Finding.TURN_SHORT
                                : Finding.DIFFERENT,
                        new Judgement(
                                Verdict.STOP,
                                "No longer as it was at " + tag + ": " + figures,
                                own.headline(),
                                own.source(),
                                "No power. Find the shorted turns."));
    }
}
