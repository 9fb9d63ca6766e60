package app.brasskettle.core.testrecord;

import app.brasskettle.core.coreloop.CoreLoopReading;
import app.brasskettle.core.coreloop.CoreLoopResultWorksheet;
import app.brasskettle.core.insulation.CircuitsTest;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.run.NoLoadWorksheet;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageTest;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.withstand.StepVoltageWorksheet;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Optional;

/**
 * What the shop's rules say of readings alone, before anything that became of the test.
 *
 * @param result the computed result
 * @param own the judgement that decides in this shop
 * @param other the other school's, where there is one
 */
public record Judging(Object result, Judgement own, Optional<Judgement> other) {

    /**
     * Judges the readings of a test.
     *
     * @param kind which test
     * @param input its readings, of {@link TestKind#inputType()}
     * @param rules the shop's rules
     */
    public static Judging of(TestKind kind, Record input, ShopRules rules) {
        if (input instanceof InsulationTest t) {
            InsulationResult result = rules.insulation(t);
            return new Judging(result, rules.deciding(result), Optional.of(rules.other(result)));
        }
        if (input instanceof TesterProof p) {
            Judgement judgement = p.judge();
            return new Judging(judgement, judgement, Optional.empty());
        }
        Judged result = judged(kind, input, rules);
        Optional<Judgement> other =
                result instanceof ShaftVoltageResult s ? Optional.of(s.otherSchool()) : Optional.empty();
        return new Judging(result, result.judgement(), other);
    }

    private static Judged judged(TestKind kind, Record input, ShopRules rules) {
        if (input instanceof ResistanceTest t) {
            return rules.resistance(t);
        }
        if (input instanceof SurgeSet s) {
            return rules.surge(s);
        }
        if (input instanceof CircuitsTest c) {
            return rules.circuits(c);
        }
        if (input instanceof NoLoadRun r) {
            return NoLoadWorksheet.onJob().work().apply(r);
        }
        if (input instanceof CoreLoopReading c) {
            return CoreLoopResultWorksheet.onJob().work().apply(c);
        }
        if (input instanceof StepVoltageTest t) {
            return StepVoltageWorksheet.onJob().work().apply(t);
        }
        if (input instanceof SurgeRise r) {
            return rules.surgeRise(r);
        }
        if (input instanceof ShaftVoltageTest t) {
            return rules.shaftVoltage(t);
        }
        return (Judged) apply(kind.sheet().orElseThrow(), input);
    }

    private static <I extends Record> Record apply(Worksheet<I, ?> sheet, Record input) {
        return sheet.work().apply(sheet.inputType().cast(input));
    }
}
