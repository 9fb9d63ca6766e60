package app.brasskettle.server.planning;

import app.brasskettle.core.plan.Booked;
import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.plan.Promise;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.WhatIf;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.server.roster.Roster;
import app.brasskettle.server.roster.WorkingTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The plan as it is shown.
 *
 * @param now the server's time
 * @param timeZone time zone of the shop
 * @param people of the roster, in its order
 * @param places of the roster, in its order
 * @param told the plan people were told; empty while nobody accepted one
 * @param proposal the plan somebody has to decide about
 * @param search the search that runs, or the one that ran last
 */
record PlanView(
        OffsetDateTime now,
        String timeZone,
        List<String> people,
        List<Roster.ShopPlace> places,
        Optional<Shown> told,
        Optional<Shown> proposal,
        Optional<SearchStore.Search> search) {

    /** A plan. */
    record Shown(
            long id,
            String kind,
            String question,
            Optional<String> expectedTag,
            OffsetDateTime base,
            String madeBy,
            OffsetDateTime madeAt,
            Optional<String> decidedBy,
            Optional<OffsetDateTime> decidedAt,
            List<Item> items,
            List<Motor> motors,
            List<String> unplanned,
            ShopPlan.Cost cost,
            Optional<Against> against,
            int rulesProved) {}

    /** A task with its people, place and time. */
    record Item(
            String task,
            String job,
            String name,
            PlaceKind placeKind,
            String place,
            String worker,
            List<Stretch> work,
            OffsetDateTime start,
            Optional<OffsetDateTime> runsFrom,
            OffsetDateTime end,
            Optional<Double> temperatureC,
            boolean setDown) {}

    /** Somebody is at it from a time to another. */
    record Stretch(OffsetDateTime from, OffsetDateTime to) {}

    /** A motor of the plan: when it is ready by it, and how that stands to its promise. */
    record Motor(
            String tag,
            String words,
            boolean rush,
            boolean whole,
            double costPerHour,
            Optional<OffsetDateTime> ready,
            Optional<OffsetDateTime> promised,
            Optional<OffsetDateTime> likely,
            Optional<OffsetDateTime> safe,
            Judgement judgement,
            List<String> assumed) {}

    /** What a plan does to those people were told of. */
    record Against(List<Delay> delayed, int changes, double money) {}

    /** A motor that is ready later than it would have been. */
    record Delay(
            String tag,
            String words,
            OffsetDateTime before,
            OffsetDateTime after,
            boolean breaksPromise,
            double money) {}

    static Shown shown(PlanStore.Stored plan, WorkingTime zone) {
        WorkingTime time = new WorkingTime(plan.base(), zone.zone());
        PlanContent c = plan.content();
        Map<String, Integer> ends = c.plan().ends();
        Map<String, String> words =
                c.motors().stream().collect(Collectors.toMap(m -> m.job().tag(), PlanContent.Motor::words));
        return new Shown(
                plan.id(),
                plan.kind(),
                plan.question(),
                plan.expectedTag(),
                plan.base(),
                plan.madeBy(),
                plan.madeAt(),
                plan.decidedBy(),
                plan.decidedAt(),
                c.booked().stream().map(b -> item(b, time)).toList(),
                c.motors().stream().map(m -> motor(m, ends, time)).toList(),
                c.unplanned(),
                c.cost(),
                c.against().map(w -> against(w, words, time)),
                c.check());
    }

    private static Item item(Booked b, WorkingTime time) {
        return new Item(
                b.task().id(),
                b.task().job(),
                b.task().name(),
                b.task().place(),
                b.place(),
                b.worker(),
                b.work().stream()
                        .map(w -> new Stretch(time.at(w.from()), time.at(w.to())))
                        .toList(),
                time.at(b.start()),
                b.task().runMinutes() > 0 ? Optional.of(time.at(b.runs())) : Optional.empty(),
                time.at(b.end()),
                b.task().temperatureC(),
                b.task().setDown());
    }

    private static Motor motor(PlanContent.Motor m, Map<String, Integer> ends, WorkingTime time) {
        Optional<Integer> end = Optional.ofNullable(ends.get(m.job().tag()));
        Judgement judgement = m.promise().map(p -> p.judge(m.job().promised())).orElseGet(Promise::notPlanned);
        return new Motor(
                m.job().tag(),
                m.words(),
                m.job().rush(),
                m.whole(),
                m.job().costPerHour(),
                end.map(time::at),
                m.job().promised().map(time::at),
                m.promise().map(Promise::likelyMinute).map(time::at),
                m.promise().map(Promise::safeMinute).map(time::at),
                judgement,
                m.assumed());
    }

    private static Against against(WhatIf w, Map<String, String> words, WorkingTime time) {
        return new Against(
                w.delayed().stream()
                        .map(d -> new Delay(
                                d.tag(),
                                words.getOrDefault(d.tag(), ""),
                                time.at(d.before()),
                                time.at(d.after()),
                                d.breaksPromise(),
                                d.money()))
                        .toList(),
                w.changes(),
                w.money());
    }
}
