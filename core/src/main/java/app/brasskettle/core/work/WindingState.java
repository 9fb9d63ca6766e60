package app.brasskettle.core.work;

import app.brasskettle.core.surge.SurgeLevel;
import java.util.List;

/**
 * The winding as the work on record left it; nobody chooses it at a test.
 *
 * @param state how new it is, which sets the levels of withstand and surge
 * @param since when it became this winding, seconds of the epoch; negative infinity for the one it came with
 * @param present false while it is stripped out
 * @param opened true once coils, joints, leads or impregnation were touched here
 * @param apart true from its opening until it was put together again
 * @param strippedAt when it was last stripped, or rewound without a stripping on record; negative infinity if never
 * @param bare whether it is a new winding that has seen no varnish yet
 */
public record WindingState(
        SurgeLevel.State state,
        double since,
        boolean present,
        boolean opened,
        boolean apart,
        double strippedAt,
        boolean bare) {

    /**
     * Reads the state of the winding at a moment.
     *
     * @param works work in the order it was done
     * @param at seconds of the epoch
     */
    public static WindingState at(List<WorkDone> works, double at) {
        WindingState now = new WindingState(
                SurgeLevel.State.IN_SERVICE,
                Double.NEGATIVE_INFINITY,
                true,
                false,
                false,
                Double.NEGATIVE_INFINITY,
                false);
        for (WorkDone done : works) {
            if (done.at() <= at) {
                now = now.after(done);
            }
        }
        return now;
    }

    private WindingState after(WorkDone done) {
        double began = done.work().startsNewWinding() ? done.at() : since;
        boolean touched = opened || done.touchesWinding();
        return switch (done.work()) {
            case STRIPPED -> new WindingState(state, began, false, touched, true, done.at(), false);
            case REWOUND ->
                new WindingState(
                        SurgeLevel.State.NEW, began, true, touched, true, present ? done.at() : strippedAt, true);
            case PARTLY_REWOUND ->
                new WindingState(SurgeLevel.State.PARTLY_REWOUND, began, true, touched, true, strippedAt, bare);
            case CAME_BACK -> new WindingState(settled(), since, present, opened, apart, strippedAt, false);
            case DIPPED, BAKED -> new WindingState(reconditioned(), began, present, touched, true, strippedAt, false);
            case WASHED, DRIED, RECONNECTED ->
                new WindingState(reconditioned(), began, present, touched, apart, strippedAt, bare);
            case REPAIRED ->
                new WindingState(
                        done.touchesWinding() ? reconditioned() : state,
                        began,
                        present,
                        touched,
                        apart,
                        strippedAt,
                        bare);
            case OPENED -> new WindingState(state, since, present, touched, true, strippedAt, bare);
            case MACHINED -> new WindingState(state, since, present, touched, apart, strippedAt, bare);
            case REASSEMBLED -> new WindingState(state, since, present, touched, false, strippedAt, bare);
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
