package app.brasskettle.core.casebook;

import app.brasskettle.core.plan.Place;
import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.plan.PlanJob;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.plan.ShopProblem;
import app.brasskettle.core.plan.Span;
import app.brasskettle.core.plan.Worker;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Weeks of made-up shops: people with hours and skills, places, motors somewhere on their way. They begin as the first shift does. */
public final class GeneratedWeeks {

    private static final int DAY = 1440;
    private static final int DAYS = 60;

    /** A size of shop: people, and places of each kind. */
    public enum Size {
        SMALL(3, 1),
        MIDDLE(6, 2),
        LARGE(12, 4),
        /** One person who can do everything: whoever goes first keeps all others waiting. */
        ALONE(1, 1);

        private final int people;
        private final int places;

        Size(int people, int places) {
            this.people = people;
            this.places = places;
        }
    }

    /** A step of a rewind as the generator knows it. */
    private record Step(String code, PlaceKind place, int work, int run, boolean setDown, int temperature) {}

    private static final List<Step> STEPS = List.of(
            new Step("dismantle", PlaceKind.BENCH, 120, 0, true, 0),
            new Step("strip", PlaceKind.BURNOUT_OVEN, 30, 420, false, 350),
            new Step("wind", PlaceKind.WINDER, 420, 0, true, 0),
            new Step("connect", PlaceKind.BENCH, 160, 0, true, 0),
            new Step("varnish", PlaceKind.BAKE_OVEN, 45, 300, false, 150),
            new Step("assemble", PlaceKind.BENCH, 130, 0, true, 0),
            new Step("balance", PlaceKind.BALANCER, 60, 0, false, 0),
            new Step("test", PlaceKind.TEST_BAY, 90, 0, false, 0));

    private GeneratedWeeks() {}

    /** A week with so many motors. */
    public static ShopProblem week(Size size, int motors, long seed) {
        Random random = new Random(seed * 31 + size.ordinal());
        List<PlanJob> jobs = new ArrayList<>();
        List<PlanTask> tasks = new ArrayList<>();
        for (int m = 0; m < motors; m++) {
            String tag = "M-" + m;
            int ready = random.nextInt(3) == 0 ? random.nextInt(3 * DAY) : 0;
            boolean rush = random.nextInt(12) == 0;
            // One person cannot keep such dates for all: whom to disappoint is then the question.
            int due = ready + DAY * (size == Size.ALONE ? 1 + random.nextInt(3) : rush ? 2 : 3 + random.nextInt(6));
            double cost = random.nextInt(3) == 0 ? 20 + random.nextInt(400) : 0;
            jobs.add(new PlanJob(tag, ready, Optional.of(due), cost, rush));
            motor(tag, random, tasks);
        }
        return new ShopProblem(jobs, tasks, workers(size, random), places(size), Map.of());
    }

    private static void motor(String tag, Random random, List<PlanTask> tasks) {
        double frame = 0.6 + 1.4 * random.nextDouble();
        int from = random.nextInt(STEPS.size());
        boolean aluminium = random.nextInt(5) == 0;
        for (int s = from; s < STEPS.size(); s++) {
            Step step = STEPS.get(s);
            int hotter = aluminium ? -60 : 0;
            tasks.add(new PlanTask(
                    tag + "/" + step.code(),
                    tag,
                    s,
                    step.code(),
                    step.code(),
                    step.place(),
                    (int) Math.round(step.work() * (step.setDown() ? frame : 1)),
                    step.run(),
                    step.setDown(),
                    step.temperature() == 0 ? Optional.empty() : Optional.of((double) step.temperature() + hotter)));
        }
    }

    private static List<Worker> workers(Size size, Random random) {
        List<Worker> workers = new ArrayList<>();
        for (int p = 0; p < size.people; p++) {
            List<Span> hours = new ArrayList<>();
            int begins = 60 * random.nextInt(3);
            int away = random.nextInt(5) == 0 ? random.nextInt(5) : -1;
            for (int d = 0; d < DAYS; d++) {
                if (d % 7 < 5 && d != away) {
                    hours.add(new Span(d * DAY + begins, d * DAY + begins + 240));
                    hours.add(new Span(d * DAY + begins + 300, d * DAY + begins + 540));
                }
            }
            workers.add(new Worker("P" + p, size == Size.ALONE ? all() : skills(p), hours));
        }
        return workers;
    }

    /** Everybody dismantles and assembles; winding, ovens, tests are some people's. */
    private static Set<String> skills(int p) {
        return switch (p % 3) {
            case 0 -> Set.of("dismantle", "wind", "connect", "assemble", "varnish");
            case 1 -> Set.of("dismantle", "strip", "varnish", "assemble", "balance", "test");
            default -> Set.of("dismantle", "strip", "wind", "connect", "assemble", "balance", "test");
        };
    }

    private static Set<String> all() {
        return STEPS.stream().map(Step::code).collect(Collectors.toSet());
    }

    private static List<Place> places(Size size) {
        List<Place> places = new ArrayList<>();
        for (PlaceKind kind : PlaceKind.values()) {
            int many = kind == PlaceKind.BENCH
                    ? size.people
                    : kind == PlaceKind.WINDER ? size.places : Math.max(1, size.places / 2);
            for (int i = 1; i <= many; i++) {
                places.add(new Place(
                        kind.label() + " " + i, kind, kind.batches() ? 3 : kind == PlaceKind.OUTSIDE ? 50 : 1));
            }
        }
        return places;
    }
}
