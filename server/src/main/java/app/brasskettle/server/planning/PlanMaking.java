package app.brasskettle.server.planning;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.plan.ListSchedule;
import app.brasskettle.core.plan.PlanCheck;
import app.brasskettle.core.plan.PlanJob;
import app.brasskettle.core.plan.PlanOrder;
import app.brasskettle.core.plan.PlanRule;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.plan.Promise;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.WhatIf;
import app.brasskettle.planner.PlanSearch;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.signals.Signal;
import app.brasskettle.server.signals.Signals;
import jakarta.annotation.PreDestroy;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Makes plans: by a search on a thread of its own, which no request waits for, or at once by moving a task. Each is proved by the
 * core and stored for somebody to decide about.
 */
@Component
class PlanMaking {

    private static final Logger LOG = LoggerFactory.getLogger(PlanMaking.class);
    private static final int DRAWS = 60;
    private static final long SEED = 1;

    private final ShopReading reading;
    private final PlanStore store;
    private final SearchStore searches;
    private final CurrentShop current;
    private final String server = ProcessHandle.current().pid() + "-" + Long.toHexString(new SecureRandom().nextLong());
    private final ExecutorService searching = Executors.newSingleThreadExecutor(PlanMaking::quietly);
    private final ScheduledExecutorService heart = Executors.newSingleThreadScheduledExecutor(PlanMaking::quietly);
    private final AtomicReference<Running> running = new AtomicReference<>();
    private final AtomicReference<PlanSearch.Improved> progress = new AtomicReference<>();

    /** The search this server is at. */
    private record Running(long id, PlanSearch search) {}

    PlanMaking(ShopReading reading, PlanStore store, SearchStore searches, CurrentShop current, Signals signals) {
        this.reading = reading;
        this.store = store;
        this.searches = searches;
        this.current = current;
        signals.on(
                Signal.SEARCHES,
                () -> Optional.ofNullable(running.get()).ifPresent(r -> heart.execute(() -> beat(r.id()))));
    }

    /** Below the threads that answer requests: on few processors they go first. */
    private static Thread quietly(Runnable task) {
        Thread thread = new Thread(task, "plan-search");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    @PreDestroy
    void stop() {
        Optional.ofNullable(running.get()).ifPresent(r -> r.search().stop());
        searching.shutdown();
        heart.shutdownNow();
    }

    /**
     * What is asked.
     *
     * @param kind week or what-if
     * @param question in words
     * @param expected a motor more
     */
    record Question(String kind, String question, Optional<ExpectedMotor> expected) {}

    /**
     * Begins a search, which ends after {@code limitSeconds} or once somebody breaks it off. It runs once the call that claimed it is
     * kept: before that nobody could see it, and a call that is not kept has begun nothing.
     */
    void begin(Question asked, int limitSeconds, String by) {
        long id = searches.claim(asked.kind(), asked.question(), server, by, limitSeconds);
        Consumer<Long> search = current.carried(claimed -> run(claimed, asked, limitSeconds, by));
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                searching.execute(() -> search.accept(id));
            }
        });
    }

    private void run(long id, Question asked, int limitSeconds, String by) {
        ScheduledFuture<?> beat = heart.scheduleWithFixedDelay(() -> beat(id), 0, 500, TimeUnit.MILLISECONDS);
        try {
            Optional<PlanStore.Expected> expected =
                    asked.expected().map(m -> new PlanStore.Expected(store.nextExpectedTag(), m));
            ShopNow shop = reading.read(expected);
            PlanSearch search = PlanSearch.within(shop.problem(), Duration.ofSeconds(limitSeconds), progress::set);
            running.set(new Running(id, search));
            ListSchedule.Made made = search.run();
            tell(id);
            long stored = propose(shop, made, asked.kind(), asked.question(), expected, by);
            searches.ended(id, "found", Optional.of(stored));
        } catch (RuntimeException failed) {
            LOG.error("The search for a plan failed", failed);
            searches.ended(id, "failed", Optional.empty());
        } finally {
            running.set(null);
            progress.set(null);
            beat.cancel(false);
        }
    }

    /** Writes down the best plan since the last time: the search itself waits for no database, however often it finds a better one. */
    private void tell(long id) {
        Optional.ofNullable(progress.getAndSet(null)).ifPresent(i -> searches.improved(id, step(i)));
    }

    private void beat(long id) {
        try {
            tell(id);
            if (searches.stillOn(id)) {
                Optional.ofNullable(running.get()).ifPresent(r -> r.search().stop());
            }
        } catch (RuntimeException away) {
            LOG.debug("The database is away; the search goes on", away);
        }
    }

    private static SearchStore.Step step(PlanSearch.Improved i) {
        ShopPlan.Cost c = i.cost();
        return new SearchStore.Step(i.seconds(), c.late(), c.lateness(), c.changes(), c.money());
    }

    /** Moves a task of the plan people were told before the one ahead of it in its lane, or behind the one after it. */
    void move(String task, boolean earlier, String by) {
        PlanStore.Stored told =
                store.told().orElseThrow(() -> RefusedException.gated("There is no plan yet: make one first"));
        ShopNow shop = reading.read(Optional.empty());
        ShopPlan now = told.content().plan().seenLater(-shop.time().minute(told.base()));
        if (now.booked().stream().noneMatch(b -> b.task().id().equals(task))) {
            throw RefusedException.unknown("No task " + task + " is in the plan");
        }
        List<String> order = now.moved(task, earlier);
        if (order.equals(now.order())) {
            throw RefusedException.gated("Nothing is " + (earlier ? "before" : "behind") + " it in its lane");
        }
        ListSchedule.Made made = ListSchedule.of(shop.problem(), order);
        propose(shop, made, "move", task.replace("/", ", ") + (earlier ? " earlier" : " later"), Optional.empty(), by);
    }

    private long propose(
            ShopNow shop,
            ListSchedule.Made made,
            String kind,
            String question,
            Optional<PlanStore.Expected> expected,
            String by) {
        ShopPlan plan = PlanCheck.proved(shop.problem(), made);
        Optional<PlanStore.Stored> told = store.told();
        Optional<WhatIf> against = told.map(t ->
                WhatIf.of(t.content().plan().seenLater(-shop.time().minute(t.base())), shop.problem(), plan));
        Map<String, Promise> promises = Promise.all(shop.problem(), plan.order(), DRAWS, SEED);
        List<PlanContent.Motor> motors = new ArrayList<>();
        for (PlanJob job : shop.problem().jobs()) {
            ShopNow.Motor m = shop.motors().get(job.tag());
            motors.add(new PlanContent.Motor(
                    job, m.words(), m.assumed(), Optional.ofNullable(promises.get(job.tag())), m.whole()));
        }
        List<String> unplanned = made.unplanned().stream()
                .map(t -> t.job() + ", " + t.name() + ": " + why(shop, t))
                .toList();
        PlanContent content =
                new PlanContent(plan.booked(), motors, unplanned, plan.cost(shop.problem()), against, (int)
                        Arrays.stream(PlanRule.values()).filter(PlanRule::hard).count());
        return store.propose(
                new PlanStore.Fresh(
                        shop.time().base(), kind, question, expected, content, told.map(PlanStore.Stored::id), by),
                JobClock.now());
    }

    private static String why(ShopNow shop, PlanTask t) {
        if (shop.problem().places().stream().noneMatch(p -> p.kind() == t.place())) {
            return "the shop has no " + t.place().code().replace('-', ' ');
        }
        return shop.problem().workers().stream().noneMatch(w -> w.skills().contains(t.code()))
                ? "nobody on the roster has learnt it"
                : "it follows what cannot be planned, or no hours are left for it";
    }

    /**
     * When a motor could be promised, put behind everything people were told; before it where it is a rush job. Nothing is kept.
     */
    PromiseView promise(ExpectedMotor motor) {
        if (motor.way() == OptionKind.REPLACE) {
            throw RefusedException.gated("A new motor takes no place in the shop");
        }
        String tag = "asked";
        ShopNow shop = reading.read(Optional.of(new PlanStore.Expected(tag, motor)));
        List<String> order = PlanOrder.told(shop.problem());
        Promise promise = Promise.all(shop.problem(), order, DRAWS, SEED).get(tag);
        if (promise == null) {
            List<String> open = ListSchedule.of(shop.problem(), order).unplanned().stream()
                    .filter(t -> t.job().equals(tag))
                    .map(t -> t.name() + ": " + why(shop, t))
                    .toList();
            throw RefusedException.gated("No date can be promised. " + String.join("; ", open));
        }
        return new PromiseView(
                shop.time().at(promise.likelyMinute()), shop.time().at(promise.safeMinute()), promise.draws());
    }

    /** When half of such motors, and nine of ten, would be ready. */
    record PromiseView(OffsetDateTime likely, OffsetDateTime safe, int draws) {}
}
