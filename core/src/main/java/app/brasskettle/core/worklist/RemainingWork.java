package app.brasskettle.core.worklist;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is still to be done on a motor.
 *
 * @param tasks in their order
 * @param restMinutes what follows once the customer has chosen, by the way that takes longest of those worked here; 0 once one is
 *     chosen
 * @param assumed what had to be assumed, in a sentence each
 */
public record RemainingWork(List<PlanTask> tasks, int restMinutes, List<String> assumed) {

    /** A motor whose plate nobody read yet. */
    public static final double USUAL_POWER_W = 7500;

    private static final int USUAL_POLES = 4;
    private static final double MINUTES = 60;
    private static final double HOURS_OF_A_DAY = 24;
    private static final double HOURS_AT_WORK = 7;
    private static final int LEAST_MINUTES = 5;
    /** A task that has taken its hours and is not done takes at least this much more. */
    private static final double LEAST_LEFT = 0.1;

    /** What a shop plans by. */
    public record ByShop(ShopPrices prices, HoursLearnt learnt) {}

    private record Step(String code, String words, PlanTask task) {}

    /**
     * What is left on a job.
     *
     * @param facts of its motor; empty while nobody read or estimated its power
     * @param takenHours hours tapped, by the code of the task
     */
    public static RemainingWork of(
            String tag,
            JobProgress progress,
            Optional<PricingFacts> facts,
            ByShop shop,
            Map<String, Double> takenHours) {
        List<String> assumed = new ArrayList<>();
        PricingFacts known = facts.orElseGet(() -> {
            assumed.add("No power read: planned as a motor of 7.5 kW and 4 poles");
            return PricingFacts.rating(USUAL_POWER_W, USUAL_POLES);
        });
        if (progress.chosen().isPresent()) {
            return new RemainingWork(
                    numbered(left(tag, progress, known, progress.chosen().get(), shop, takenHours)), 0, assumed);
        }
        List<PlanTask> rewind = left(tag, progress, known, OptionKind.REWIND, shop, takenHours);
        List<PlanTask> first = rewind.stream().filter(t -> beforeChoice(t)).toList();
        int rest = rewind.stream()
                .filter(t -> !beforeChoice(t))
                .mapToInt(t -> t.workMinutes() + t.runMinutes())
                .sum();
        assumed.add("Nobody has chosen yet: planned up to the customer’s answer");
        return new RemainingWork(numbered(first), rest, assumed);
    }

    /** All of the work on a motor that is not here yet, by the way it will probably go. */
    public static RemainingWork expected(String tag, PricingFacts facts, OptionKind way, ByShop shop) {
        return new RemainingWork(numbered(pieces(tag, facts, way, shop, p -> 1, Map.of())), 0, List.of());
    }

    /** How long the rest will take by the clock on the wall, at seven hours a day. */
    public int restByTheWall() {
        return (int) Math.round(restMinutes * HOURS_OF_A_DAY / HOURS_AT_WORK);
    }

    private static boolean beforeChoice(PlanTask task) {
        return Stream.of(WorkPiece.values())
                .anyMatch(p -> p.beforeChoice() && task.id().endsWith("/" + p.code()));
    }

    private static List<PlanTask> left(
            String tag,
            JobProgress progress,
            PricingFacts facts,
            OptionKind way,
            ByShop shop,
            Map<String, Double> takenHours) {
        return pieces(tag, facts, way, shop, p -> p.left(progress), takenHours);
    }

    private interface Left {
        double of(WorkPiece piece);
    }

    private static List<PlanTask> pieces(
            String tag, PricingFacts facts, OptionKind way, ByShop shop, Left left, Map<String, Double> takenHours) {
        double height = OfferBuilder.shaftHeightMm(facts, shop.prices());
        List<PlanTask> tasks = new ArrayList<>();
        for (TaskTable.Planned planned : OfferBuilder.tasks(facts, shop.prices(), Optional.of(way))) {
            double hours = planned.hours() * shop.learnt().factor(planned.code());
            double taken = takenHours.getOrDefault(planned.code(), 0.0);
            List<WorkPiece> pieces = WorkPiece.of(planned.code());
            if (pieces.isEmpty()) {
                own(tag, planned, hours, taken).ifPresent(tasks::add);
                continue;
            }
            double done = pieces.stream()
                    .mapToDouble(p -> hours * p.share() * (1 - left.of(p)))
                    .sum();
            double over = Math.max(0, taken - done);
            for (WorkPiece p : pieces) {
                double rest = hours * p.share() * left.of(p);
                if (rest > 0) {
                    double used = Math.min(over, (1 - LEAST_LEFT) * rest);
                    over -= used;
                    tasks.add(new PlanTask(
                            tag + "/" + p.code(),
                            tag,
                            p.ordinal(),
                            planned.code(),
                            p.words(),
                            p.place(),
                            minutes(rest - used),
                            p.runMinutes(height),
                            p.setDown(),
                            p.temperatureC().isPresent()
                                    ? Optional.of(p.temperatureC().getAsDouble())
                                    : Optional.empty()));
                }
            }
        }
        return tasks;
    }

    /** A task that only the shop's own table has: done once its hours were tapped. */
    private static Optional<PlanTask> own(String tag, TaskTable.Planned planned, double hours, double taken) {
        return taken >= hours
                ? Optional.empty()
                : Optional.of(new PlanTask(
                        tag + "/" + planned.code(),
                        tag,
                        WorkPiece.ASSEMBLE.ordinal(),
                        planned.code(),
                        planned.task(),
                        switch (planned.station()) {
                            case "bench" -> PlaceKind.TEST_BAY;
                            case "choose" -> PlaceKind.OUTSIDE;
                            default -> PlaceKind.BENCH;
                        },
                        minutes(hours - taken),
                        0,
                        true,
                        Optional.empty()));
    }

    private static int minutes(double hours) {
        return (int) Math.max(LEAST_MINUTES, Math.round(MINUTES * hours));
    }

    /** Places in the order counted from 0 and each taken once. */
    private static List<PlanTask> numbered(List<PlanTask> tasks) {
        List<PlanTask> sorted =
                tasks.stream().sorted(Comparator.comparingInt(PlanTask::order)).toList();
        List<PlanTask> numbered = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            numbered.add(sorted.get(i).at(i));
        }
        return List.copyOf(numbered);
    }
}
