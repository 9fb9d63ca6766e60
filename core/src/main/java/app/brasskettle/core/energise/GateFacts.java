package app.brasskettle.core.energise;

import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.List;
import java.util.Optional;

/**
 * What the record of a job says about putting its motor on power.
 *
 * @param tests every test with its effective judgement
 * @param works work done, in order
 * @param winding the winding as it is now
 * @param power what was done around power by name
 * @param clock the clock of the last voltage put on the winding
 * @param phases phases by the plate; 0 while nobody knows
 * @param speeds speeds by the plate, 1 or 2
 * @param shaft what the last record of the shaft says; empty where nobody has turned it
 * @param contradictions records that cannot both be true, a sentence each
 * @param partsOff how many parts that were logged off are neither back nor left out for a reason
 * @param leftShop true while it is not in the shop
 * @param protectorSeenOpen true when evidence says that the protector is open
 * @param auxiliaries what hangs on the winding or beside it and a high voltage would harm
 * @param plateStop why the plate cannot be right, where it cannot and no lead hand confirmed it as stamped so
 * @param build what is wrong or unfinished on a winding that was made here
 * @param waiverFactor the most by which the shop lets a lead hand waive a limit
 * @param demonstration true where simulated instruments are on, so that nothing here permits a customer's motor
 */
public record GateFacts(
        JudgedTests tests,
        List<WorkDone> works,
        WindingState winding,
        PowerRecord power,
        Optional<DischargeClock> clock,
        int phases,
        int speeds,
        Optional<Shaft> shaft,
        List<String> contradictions,
        int partsOff,
        boolean leftShop,
        boolean protectorSeenOpen,
        List<String> auxiliaries,
        Optional<String> plateStop,
        List<Build> build,
        double waiverFactor,
        boolean demonstration) {

    /** Something wrong or unfinished on a winding that was made here: the row it is held by, and what is so. */
    public record Build(GateRow row, String sentence) {}

    /**
     * What turning the shaft by hand showed.
     *
     * @param free true when it turns freely
     * @param at when that was recorded, seconds of the epoch
     * @param elsewhere true when a file brought it
     */
    public record Shaft(boolean free, double at, boolean elsewhere) {}

    /** When it last came back into the shop; negative infinity if it never left. */
    double cameBackAt() {
        return works.stream()
                .filter(w -> w.work() == Work.CAME_BACK)
                .mapToDouble(WorkDone::at)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    /** What was last done to it that asks for the shaft to be turned by hand once more. */
    Optional<WorkDone> shaftMoved() {
        return works.stream().filter(WorkDone::movesShaft).reduce((earlier, later) -> later);
    }

    /** When anything was last done to it; negative infinity if nothing was. */
    double workedAt() {
        return works.stream().mapToDouble(WorkDone::at).max().orElse(Double.NEGATIVE_INFINITY);
    }
}
