package app.brasskettle.core.shaftvoltage;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What shaft voltage and bearing current say, by both schools.
 *
 * @param shaftMillivolt highest voltage without a remedy
 * @param densityAPerMm2 highest current density through a bearing without a remedy
 * @param contactAreaMm2 area it rests on
 * @param areaEstimated true when the area was estimated from the load
 * @param changes what each remedy made of voltage and density
 * @param voltageJudgement by the school that judges the voltage
 * @param currentJudgement by the school that judges the current through the bearing
 * @param judgement the one of them that decides
 * @param steps the arithmetic
 */
public record ShaftVoltageResult(
        double shaftMillivolt,
        Optional<Double> densityAPerMm2,
        Optional<Double> contactAreaMm2,
        boolean areaEstimated,
        List<Change> changes,
        Judgement voltageJudgement,
        Judgement currentJudgement,
        Judgement judgement,
        List<Step> steps)
        implements Judged {

    /**
     * What a remedy made of it.
     *
     * @param remedy which
     * @param shaftMillivolt highest voltage with it
     * @param voltageChangePercent against none; negative where it fell
     * @param densityAPerMm2 highest density with it
     */
    public record Change(
            ShaftVoltageReadings.Remedy remedy,
            double shaftMillivolt,
            double voltageChangePercent,
            Optional<Double> densityAPerMm2) {}

    /** The judgement of the school that did not decide. */
    public Judgement otherSchool() {
        return judgement.equals(currentJudgement) ? voltageJudgement : currentJudgement;
    }

    /**
     * The same decided by one of the schools; by the worse of the two where one holds and the other stops, since a shop's choice
     * of school is no reason to pass by a danger.
     */
    ShaftVoltageResult decidedBy(Judgement school) {
        Judgement worse = voltageJudgement.verdict() == Verdict.STOP ? voltageJudgement : currentJudgement;
        Judgement better = worse == voltageJudgement ? currentJudgement : voltageJudgement;
        boolean apart = worse.verdict() == Verdict.STOP && better.verdict() == Verdict.HOLDS;
        return decided(apart ? worse : school);
    }

    /** The same decided by the school that judges the current. */
    public ShaftVoltageResult decidedByCurrent() {
        return decidedBy(currentJudgement);
    }

    private ShaftVoltageResult decided(Judgement deciding) {
        return new ShaftVoltageResult(
                shaftMillivolt,
                densityAPerMm2,
                contactAreaMm2,
                areaEstimated,
                changes,
                voltageJudgement,
                currentJudgement,
                deciding,
                steps);
    }
}
