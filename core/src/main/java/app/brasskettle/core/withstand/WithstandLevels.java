package app.brasskettle.core.withstand;

import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * Levels of a withstand test.
 *
 * @param acV alternating voltage for a minute, rms
 * @param dcV direct voltage for a minute
 * @param surgePeakV peak of the surge test that belongs to it
 * @param perUnitV peak of the rated voltage to earth, U·√2/√3
 * @param steps the arithmetic
 */
public record WithstandLevels(double acV, double dcV, double surgePeakV, double perUnitV, List<Step> steps) {}
