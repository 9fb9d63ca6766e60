package app.brasskettle.core.nameplate;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What a nameplate implies.
 *
 * @param poles number of poles, always even
 * @param synchronousSpeedRpm speed of the field
 * @param slipPercent how far the rotor lags the field at rated load
 * @param ratedTorqueNm torque at the shaft
 * @param apparentPowerVa power drawn from the line
 * @param efficiencyTimesPowerFactor shaft power over apparent power
 * @param slipPlausible false over 20 % slip, where speed or frequency is misread
 * @param lockedRotorCurrentLowA least current at standstill by the code letter
 * @param lockedRotorCurrentHighA most current at standstill by the code letter
 * @param judgement whether the figures agree with each other
 * @param contradictions each disagreement in a sentence
 * @param steps the arithmetic
 */
public record NameplateAssessment(
        int poles,
        double synchronousSpeedRpm,
        double slipPercent,
        double ratedTorqueNm,
        double apparentPowerVa,
        double efficiencyTimesPowerFactor,
        boolean slipPlausible,
        Optional<Double> lockedRotorCurrentLowA,
        Optional<Double> lockedRotorCurrentHighA,
        Judgement judgement,
        List<String> contradictions,
        List<Step> steps) {}
