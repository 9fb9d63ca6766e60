package app.brasskettle.core.withstand;

import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;

/**
 * What a withstand test is planned for.
 *
 * @param ratedVoltageV line voltage
 * @param state how new the winding is
 * @param school whose levels
 * @param repeat true when a full-level test of this winding is on record
 */
public record WithstandQuestion(double ratedVoltageV, SurgeLevel.State state, School school, boolean repeat) {

    /** Whose levels are used. */
    public enum School implements Coded {
        STANDARD,
        WORKSHOP
    }

    public WithstandQuestion {
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.present("state", state);
        problems.present("school", school);
        problems.throwIfAny();
    }
}
