package app.brasskettle.core.handwork;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Acts in the order they were done: what stands of them, and which may follow.
 *
 * @param acts in the order of time, as they were recorded
 */
public record HandLog(List<HandDone> acts) {

    private static final int NAMED = 5;

    public HandLog {
        acts = List.copyOf(acts);
    }

    /** A log with nothing in it. */
    public static HandLog empty() {
        return new HandLog(List.of());
    }

    /** What stands of {@code act}, by place: the last time it was done, where nobody took it back since. */
    public Map<String, HandDone> standing(HandAct act) {
        Map<String, HandDone> standing = new LinkedHashMap<>();
        for (HandDone done : acts) {
            if (done.act() == act) {
                standing.remove(done.place());
                standing.put(done.place(), done);
            } else if (done.act().undoes() == act) {
                standing.remove(done.place());
            }
        }
        return standing;
    }

    /** The last of what stands of {@code act}. */
    public Optional<HandDone> last(HandAct act) {
        return standing(act).values().stream().reduce((earlier, later) -> later);
    }

    /** The same log from a moment on: what was done to a winding that is out again is history. */
    public HandLog since(double at) {
        return new HandLog(acts.stream().filter(a -> a.at() > at).toList());
    }

    /**
     * Refuses an act that cannot follow: a place that is not there, a piece done twice, one taken back that is not done.
     *
     * @param act what is to be done
     * @param place on what
     * @param places all there are
     * @throws app.brasskettle.core.worksheet.InvalidInputException naming {@code place}, who did it and when to undo it
     */
    public void mayFollow(HandAct act, String place, Set<String> places) {
        Problems problems = new Problems();
        if (!places.contains(place)) {
            problems.add(
                    "place",
                    Problem.Code.WORD,
                    "place is “" + place + "”; there is none so called on this motor, but "
                            + String.join(", ", places.stream().limit(NAMED).toList())
                            + (places.size() > NAMED ? " and " + (places.size() - NAMED) + " more" : ""));
            problems.throwIfAny();
        }
        HandDone done = standing(act.undoes()).get(place);
        if (act == act.undoes() && done != null) {
            problems.add(
                    "place",
                    Problem.Code.DUPLICATE,
                    "place is " + place + ", which is done already, by " + done.by()
                            + ". Take that back first if it is wrong");
        } else if (act != act.undoes() && done == null) {
            problems.add("place", Problem.Code.CONTRADICTION, "place is " + place + ", which is not done yet");
        }
        problems.throwIfAny();
    }
}
