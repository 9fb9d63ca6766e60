package app.brasskettle.core.work;

import app.brasskettle.core.surge.SurgeLevel;
import java.util.List;

/**
 * The winding as the work on record left it; nobody chooses it at a test.
 *
 * @param state how new it is, which sets the levels of withstand and surge
 * @param since when it became this winding, seconds of the epoch; negative infinity for the one it came with
 * @param present false while it is stripped out
 * @param opened true once the motor was opened or its winding worked on here
 * @param strippedAt when it was last stripped, or rewound without a stripping on record; negative infinity if never
 * @param bare whether it is a new winding that has seen no varnish yet
 */
public record WindingState(
        SurgeLevel.State state, double since, boolean present, boolean opened, double strippedAt, boolean bare) {

    /**
     * Reads the state of the winding at a moment.
     *
     * @param works work in the order it was done
     * @param at seconds of the epoch
     */
    public static WindingState at(List<WorkDone> works, double at) {
        WindingState now = new WindingState(
                SurgeLevel.State.IN_SERVICE, Double.NEGATIVE_INFINITY, true, false, Double.NEGATIVE_INFINITY, false);
        for (WorkDone done : works) {
            if (done.at() <= at) {
                now = now.after(done);
            }
        }
        return now;
    }

    private WindingState after(WorkDone done) {
        double began = done.work().startsNewWinding() ? done.at() : since;
        return switch (done.work()) {
            case STRIPPED -> new WindingState(state, began, false, true, done.at(), false);
            case REWOUND ->
                new WindingState(SurgeLevel.State.NEW, began, true, true, present ? done.at() : strippedAt, true);
            case PARTLY_REWOUND ->
                new WindingState(SurgeLevel.State.PARTLY_REWOUND, began, true, true, strippedAt, bare);
            case CAME_BACK -> new WindingState(settled(), since, present, opened, strippedAt, false);
            case DIPPED, BAKED -> new WindingState(reconditioned(), began, present, true, strippedAt, false);
            case WASHED, DRIED, REPAIRED, RECONNECTED ->
                new WindingState(reconditioned(), began, present, true, strippedAt, bare);
            case OPENED, MACHINED, REASSEMBLED -> new WindingState(state, since, present, true, strippedAt, bare);
        };
    }

    private SurgeLevel.State reconditioned() {
        return state == SurgeLevel.State.IN_SERVICE ? SurgeLevel.State.RECONDITIONED : state;
    }

    /** Whatever was new when it left is in service when it comes back. */
    private SurgeLevel.State settled() {
        return SurgeLevel.State.IN_SERVICE;
    }
}
