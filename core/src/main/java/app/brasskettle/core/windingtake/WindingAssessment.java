package app.brasskettle.core.windingtake;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.work.JobStep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the record of a winding comes to.
 *
 * @param stages the take, stage by stage, and what is missing of each
 * @param secondStages the same of the second take
 * @param data the winding as it can be computed, once nothing is missing
 * @param result what the data imply
 * @param copper the copper weighed against the copper computed, where both are there
 * @param measured the resistance measured against the one computed, where both are there
 * @param secondBy who took it a second time
 * @param differences what the two takes have unlike
 * @param stripping whether the winding may come out
 * @param connection what its joints come to
 * @param judgement what stands of the take; empty while there is none
 */
public record WindingAssessment(
        List<Stage> stages,
        List<Stage> secondStages,
        Optional<WindingData> data,
        Optional<WindingResult> result,
        Optional<Judgement> copper,
        Optional<Judgement> measured,
        Optional<String> secondBy,
        List<TakeDifference> differences,
        StrippingPermit stripping,
        Optional<ConnectionAssessment> connection,
        Optional<Judgement> judgement) {

    private static final double COPPER_PERCENT = 10;
    private static final int NAMED = 4;

    /**
     * A stage of the take.
     *
     * @param stage which
     * @param label what the screen calls it
     * @param why what belongs to it
     * @param missing what is not taken yet
     */
    public record Stage(TakeStage stage, String label, String why, List<String> missing) {}

    /**
     * Assesses a winding.
     *
     * @param record what is on record
     * @param rules the shop's rules
     */
    public static WindingAssessment of(WindingRecord record, ShopRules rules) {
        Optional<WindingTake> take = record.first().map(WindingRecord.Taken::take);
        Optional<WindingData> data = take.flatMap(WindingTake::data);
        Optional<WindingResult> result = data.map(rules::winding);
        Optional<Judgement> copper =
                record.strippedOutKg().flatMap(weighed -> result.map(r -> copper(weighed, r.copperMassKg())));
        List<TakeDifference> differences = take.flatMap(
                        t -> record.second().map(s -> TakeDifference.between(t, s.take())))
                .orElse(List.of());
        Optional<Judgement> judgement = take.map(t -> judge(t, result, copper));
        return new WindingAssessment(
                take.map(WindingAssessment::stages).orElse(List.of()),
                record.second().map(s -> stages(s.take())).orElse(List.of()),
                data,
                result,
                copper,
                Optional.empty(),
                record.second().map(WindingRecord.Taken::by),
                differences,
                stripping(record, differences, judgement, rules.second()),
                record.connection().map(c -> ConnectionAssessment.of(data, c)),
                judgement);
    }

    /**
     * Holds the take against the resistance that was measured: a wide gap says that something was miscounted.
     *
     * @param resistance the measured against the computed
     */
    public WindingAssessment heldAgainst(Judgement resistance) {
        return new WindingAssessment(
                stages,
                secondStages,
                data,
                result,
                copper,
                Optional.of(resistance),
                secondBy,
                differences,
                resistance.verdict() == Verdict.STOP
                        ? stripping.heldBy(new StrippingPermit.Reason(
                                "check-stops", resistance.headline(), resistance.next(), JobStep.WINDING_DATA.path()))
                        : stripping,
                connection,
                Judgement.worst(
                        Stream.concat(judgement.stream(), Stream.of(resistance)).toList()));
    }

    /** Returns the same with another answer to whether the winding may come out. */
    public WindingAssessment stripping(StrippingPermit permit) {
        return new WindingAssessment(
                stages,
                secondStages,
                data,
                result,
                copper,
                measured,
                secondBy,
                differences,
                permit,
                connection,
                judgement);
    }

    private static List<Stage> stages(WindingTake take) {
        return Arrays.stream(TakeStage.values())
                .map(s -> new Stage(s, s.label(), s.why(), take.missingLabels(f -> f.stage() == s)))
                .toList();
    }

    /** Guide: predicted copper mass against weighed, 10 %. Varnish and slot insulation come out with the copper. */
    private static Judgement copper(double weighed, double computed) {
        double off = 100 * (weighed / computed - 1);
        String figures = "Weighed " + Figures.significant(weighed, 3) + " kg, computed copper "
                + Figures.significant(computed, 3) + " kg: " + Figures.significant(off, 2) + " %, limit "
                + Figures.plain(COPPER_PERCENT) + " % either way";
        return Limit.over(Math.abs(off), COPPER_PERCENT)
                ? new Judgement(
                        Verdict.WATCH,
                        figures,
                        "Varnish and slot insulation come out with the copper and weigh a few per cent.",
                        "Shop rule",
                        off > 0
                                ? "Count turns and wires in hand again, and measure the mean turn of a pulled coil."
                                : "Weigh again with all copper out; then count turns and wires in hand again.")
                : new Judgement(Verdict.HOLDS, figures, "", "Shop rule", "");
    }

    private static Judgement judge(WindingTake take, Optional<WindingResult> result, Optional<Judgement> copper) {
        if (result.isEmpty()) {
            List<String> missing = take.missingLabels(f -> true);
            return new Judgement(
                    Verdict.UNPROVEN,
                    missing.size() == 1 ? "One figure is not taken yet" : missing.size() + " figures are not taken yet",
                    "Missing: "
                            + String.join(", ", missing.stream().limit(NAMED).toList())
                            + (missing.size() > NAMED ? " and " + (missing.size() - NAMED) + " more." : "."),
                    "Nothing is computed of a winding that is not all there",
                    "Take " + take.missing().get(0).label().toLowerCase(java.util.Locale.ROOT) + ".");
        }
        return Judgement.worst(Stream.concat(Stream.of(result.get().judgement()), copper.stream())
                        .toList())
                .orElseThrow();
    }

    private static StrippingPermit stripping(
            WindingRecord record, List<TakeDifference> differences, Optional<Judgement> judgement, SecondLook look) {
        List<StrippingPermit.Reason> holding = new ArrayList<>();
        String take = JobStep.WINDING_DATA.path();
        String second = JobStep.SECOND_TAKE.path();
        if (record.first().isEmpty()) {
            hold(holding, "not-taken", "The winding is not taken down", "Take it down, stage by stage", take);
        } else if (record.first().get().take().data().isEmpty()) {
            hold(
                    holding,
                    "not-complete",
                    judgement.orElseThrow().headline(),
                    judgement.orElseThrow().next(),
                    take);
        } else if (judgement.orElseThrow().verdict() == Verdict.STOP) {
            hold(
                    holding,
                    "check-stops",
                    judgement.get().headline(),
                    judgement.get().next(),
                    take);
        }
        if (record.first().isPresent() && record.second().isEmpty()) {
            hold(
                    holding,
                    "no-second-take",
                    "Nobody took it a second time",
                    look.who() + " counts and measures it again",
                    second);
        }
        if (record.sameHand(look)) {
            hold(
                    holding,
                    "same-hand",
                    "Both takes were last written by "
                            + record.second().orElseThrow().by(),
                    look.who() + " counts and measures it again",
                    second);
        }
        if (!differences.isEmpty()) {
            hold(
                    holding,
                    "takes-differ",
                    "The two takes differ in " + differences.get(0).label().toLowerCase(java.util.Locale.ROOT)
                            + (differences.size() == 1 ? "" : " and " + (differences.size() - 1) + " more"),
                    "Count again together, and correct the take that is wrong",
                    second);
        }
        Optional<WindingRecord.Settlement> settled = record.standing();
        if (settled.isPresent()) {
            return new StrippingPermit(true, settled.get().by(), List.of(), false);
        }
        boolean waivable = !holding.isEmpty();
        if (holding.isEmpty()) {
            hold(
                    holding,
                    StrippingPermit.NOT_SETTLED,
                    "Both takes agree; nobody has settled them",
                    "Settle them by name",
                    second);
        }
        return new StrippingPermit(false, "", List.copyOf(holding), waivable);
    }

    private static void hold(
            List<StrippingPermit.Reason> holding, String code, String sentence, String opens, String step) {
        holding.add(new StrippingPermit.Reason(code, sentence, opens, step));
    }
}
