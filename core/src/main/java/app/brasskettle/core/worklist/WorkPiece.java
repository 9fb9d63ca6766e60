package app.brasskettle.core.worklist;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Coded;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * The table of what a task of the task table falls into: where each piece is done, its share of the hours, how long it runs alone
 * afterwards, and what of it the record says is left. In the order of the work.
 *
 * <p>Shares and runs are the shop's rules of thumb, no standard.
 */
public enum WorkPiece implements Coded {
    TEST_ON_ARRIVAL("test", "Tests on arrival", PlaceKind.TEST_BAY, 0.5, false, p -> p.tested() ? 0 : 1),
    DISMANTLE("dismantle", "Mark, take apart, clean", PlaceKind.BENCH, 1, true, p -> p.opened() ? 0 : 1),
    WASH("wash", "Wash", PlaceKind.BENCH, 0.7, false, p -> p.good(JobStep.WASH) ? 0 : 1),
    DRY("wash", "Dry", PlaceKind.BAKE_OVEN, 0.3, 480, 110, p -> p.good(JobStep.DRYING) ? 0 : 1),
    BURN_OUT("strip", "Burn out", PlaceKind.BURNOUT_OVEN, 0.2, 360, 350, p -> p.stripped() ? 0 : 1),
    STRIP("strip", "Strip, clean the core", PlaceKind.BENCH, 0.8, true, WorkPiece::coreLeft),
    WIND_COILS("wind", "Wind coils", PlaceKind.WINDER, 0.4, true, WorkPiece::coilsLeft),
    INSERT_COILS("wind", "Insert coils", PlaceKind.BENCH, 0.6, true, JobProgress::coilsOut),
    CONNECT("connect", "Connect, braze, lace", PlaceKind.BENCH, 1, true, JobProgress::jointsOpen),
    VARNISH("varnish", "Dip, drain", PlaceKind.DIP_TANK, 0.6, false, p -> p.begun(JobStep.VARNISH) ? 0 : 1),
    BAKE("varnish", "Bake", PlaceKind.BAKE_OVEN, 0.4, 300, 150, p -> p.good(JobStep.VARNISH) ? 0 : 1),
    DIP("dip", "Dip, drain", PlaceKind.DIP_TANK, 0.6, false, p -> p.begun(JobStep.VARNISH) ? 0 : 1),
    BAKE_DIP("dip", "Bake", PlaceKind.BAKE_OVEN, 0.4, 300, 150, p -> p.good(JobStep.VARNISH) ? 0 : 1),
    BALANCE("balance", "Balance the rotor", PlaceKind.BALANCER, 1, false, WorkPiece::balanceLeft),
    ASSEMBLE("assemble", "Fit bearings, assemble", PlaceKind.BENCH, 1, true, p -> p.good(JobStep.REASSEMBLY) ? 0 : 1),
    PROVE("test", "Prove", PlaceKind.TEST_BAY, 0.5, false, p -> p.good(JobStep.PROVE) ? 0 : 1),
    ADAPT_BASE("base", "Adapt base and coupling", PlaceKind.LATHE, 1, true, p -> 1),
    EXCHANGE("exchange", "Exchange on site", PlaceKind.OUTSIDE, 1, true, p -> 1);

    private static final double USUAL_MM = 132;
    private static final double SHORTEST = 0.7;
    private static final double LONGEST = 2;
    private static final double ONLY_THE_CORE = 0.25;

    private final String task;
    private final String words;
    private final PlaceKind place;
    private final double share;
    private final boolean setDown;
    private final int runMinutes;
    private final OptionalDouble temperatureC;
    private final ToDoubleFunction<JobProgress> left;

    WorkPiece(
            String task,
            String words,
            PlaceKind place,
            double share,
            boolean setDown,
            ToDoubleFunction<JobProgress> left) {
        this.task = task;
        this.words = words;
        this.place = place;
        this.share = share;
        this.setDown = setDown;
        this.runMinutes = 0;
        this.temperatureC = OptionalDouble.empty();
        this.left = left;
    }

    WorkPiece(
            String task,
            String words,
            PlaceKind place,
            double share,
            int runMinutes,
            double temperatureC,
            ToDoubleFunction<JobProgress> left) {
        this.task = task;
        this.words = words;
        this.place = place;
        this.share = share;
        this.setDown = false;
        this.runMinutes = runMinutes;
        this.temperatureC = OptionalDouble.of(temperatureC);
        this.left = left;
    }

    private static double coreLeft(JobProgress p) {
        if (p.begun(JobStep.CORE_AFTER) || p.rewound()) {
            return 0;
        }
        return p.stripped() ? ONLY_THE_CORE : 1;
    }

    private static double coilsLeft(JobProgress p) {
        return p.good(JobStep.COILS) || p.coilsOut() < 1 ? 0 : 1;
    }

    private static double balanceLeft(JobProgress p) {
        return p.good(OpenMotorTests.ROTOR_BALANCE.step(1)) || p.good(JobStep.REASSEMBLY) ? 0 : 1;
    }

    /** Pieces of a task of the task table, in their order; none for a task only a shop's own table has. */
    public static List<WorkPiece> of(String task) {
        return Arrays.stream(values()).filter(p -> p.task.equals(task)).toList();
    }

    /** What it is, in words. */
    public String words() {
        return words;
    }

    PlaceKind place() {
        return place;
    }

    double share() {
        return share;
    }

    boolean setDown() {
        return setDown;
    }

    OptionalDouble temperatureC() {
        return temperatureC;
    }

    /** Whether it is done before anybody chooses a way. */
    boolean beforeChoice() {
        return this == TEST_ON_ARRIVAL || this == DISMANTLE;
    }

    /** How long it runs alone for a motor of a shaft height: a bigger one takes longer to heat through. */
    int runMinutes(double shaftHeightMm) {
        return (int) Math.round(runMinutes * Math.min(LONGEST, Math.max(SHORTEST, shaftHeightMm / USUAL_MM)));
    }

    /** Share of it that is left, 0 once the motor is released. */
    double left(JobProgress progress) {
        return progress.released() ? 0 : left.applyAsDouble(progress);
    }
}
