package app.brasskettle.server.planning;

import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.plan.Booked;
import app.brasskettle.core.plan.PlanJob;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.plan.ShopProblem;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.tasktime.TaskClock;
import app.brasskettle.core.worklist.JobProgress;
import app.brasskettle.core.worklist.RemainingWork;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.hours.JobHours;
import app.brasskettle.server.hours.LearntHours;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.pricing.PricesOfToday;
import app.brasskettle.server.roster.Roster;
import app.brasskettle.server.roster.RosterStore;
import app.brasskettle.server.roster.WorkingTime;
import app.brasskettle.server.settings.SettingsStore;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads the shop as a plan takes it: jobs by their record, motors that are expected, the roster, what people were told. */
@Component
class ShopReading {

    /** A tap so long before a task was planned to begin still is its beginning. */
    private static final double EARLY_S = 3600;

    private final JobBook book;
    private final PlanStore store;
    private final PricesOfToday prices;
    private final SettingsStore settings;
    private final RosterStore rosters;
    private final LearntHours learnt;

    ShopReading(
            JobBook book,
            PlanStore store,
            PricesOfToday prices,
            SettingsStore settings,
            RosterStore rosters,
            LearntHours learnt) {
        this.book = book;
        this.store = store;
        this.prices = prices;
        this.settings = settings;
        this.rosters = rosters;
        this.learnt = learnt;
    }

    /** The shop now, with a motor more where one is asked about. */
    @Transactional(readOnly = true)
    public ShopNow read(Optional<PlanStore.Expected> asked) {
        OffsetDateTime now = JobClock.now().truncatedTo(ChronoUnit.MINUTES);
        WorkingTime time = new WorkingTime(now, settings.current().zone());
        RemainingWork.ByShop shop = new RemainingWork.ByShop(prices.read(), learnt.now());
        Roster roster = rosters.current();
        Gathered all = new Gathered(time, told(time));
        for (RecordedJob job : book.live()) {
            gather(all, job, shop);
        }
        List<PlanStore.Expected> expected = new ArrayList<>(store.expected());
        asked.ifPresent(expected::add);
        for (PlanStore.Expected e : expected) {
            RemainingWork work =
                    RemainingWork.expected(e.tag(), e.motor().facts(), e.motor().way(), shop);
            all.add(e.motor().job(e.tag(), time), work, e.motor().words(), true);
        }
        return all.shop(roster);
    }

    /** What people were told last, as it looks from now. */
    private Map<String, Booked> told(WorkingTime time) {
        Map<String, Booked> told = new HashMap<>();
        store.told().ifPresent(plan -> {
            int passed = -time.minute(plan.base());
            plan.content().booked().forEach(b -> told.put(b.task().id(), b.seenLater(passed)));
        });
        return told;
    }

    private static final class Gathered {

        private final WorkingTime time;
        private final Map<String, Booked> told;
        private final Map<String, ShopNow.Motor> motors = new LinkedHashMap<>();
        private final List<ShopNow.NotPlanned> notPlanned = new ArrayList<>();
        private final List<PlanJob> jobs = new ArrayList<>();
        private final List<PlanTask> tasks = new ArrayList<>();
        private final Set<String> underWay = new HashSet<>();

        private Gathered(WorkingTime time, Map<String, Booked> told) {
            this.time = time;
            this.told = told;
        }

        void add(PlanJob job, RemainingWork work, String words, boolean whole) {
            jobs.add(job);
            tasks.addAll(work.tasks());
            motors.put(job.tag(), new ShopNow.Motor(words, work.assumed(), whole));
        }

        /** What of the first task of a motor has begun, by the taps. */
        void begun(List<PlanTask> work, TaskClock clock, double now) {
            if (work.isEmpty()) {
                return;
            }
            PlanTask first = work.get(0);
            Booked was = told.get(first.id());
            if (was == null || was.end() <= 0) {
                return;
            }
            double began = now + 60.0 * was.start() - EARLY_S;
            List<TaskClock.Stretch> here = clock.stretches().stream()
                    .filter(s -> s.task().equals(first.code()) && s.from() >= began)
                    .toList();
            boolean runs = first.runMinutes() > 0 && was.runs() <= 0 && !here.isEmpty();
            if (runs) {
                tasks.set(tasks.indexOf(first), first.lasting(0, was.end()));
                underWay.add(first.id());
            } else if (here.stream().anyMatch(s -> s.to().isEmpty())) {
                underWay.add(first.id());
                here.stream()
                        .filter(s -> s.to().isEmpty())
                        .reduce((a, b) -> b)
                        .ifPresent(s -> told.put(
                                first.id(), new Booked(was.task(), s.by(), was.place(), was.work(), was.end())));
            }
        }

        ShopNow shop(Roster roster) {
            ShopProblem problem =
                    new ShopProblem(jobs, tasks, time.workers(roster), WorkingTime.places(roster), told, underWay);
            return new ShopNow(time, problem, motors, List.copyOf(notPlanned));
        }
    }

    private void gather(Gathered all, RecordedJob recorded, RemainingWork.ByShop shop) {
        JobRow row = recorded.row();
        String words = row.customer() + ", " + row.machine();
        if (row.waiting().isPresent()) {
            JobRow.Waiting w = row.waiting().get();
            all.notPlanned.add(new ShopNow.NotPlanned(row.tag(), words, "Waits for " + w.what() + ": " + w.reason()));
            return;
        }
        double now = JobClock.seconds(all.time.base());
        JobRecord record = recorded.record();
        JobProgress progress = new JobProgress(record, JobAssessment.of(record, now));
        TaskClock clock = JobHours.clock(recorded);
        Optional<PricingFacts> facts =
                JobAssessment.pricing(record, row.urgency().equals("rush"));
        RemainingWork work = RemainingWork.of(row.tag(), progress, facts, shop, clock.hoursByTask(now));
        if (work.tasks().isEmpty()) {
            all.notPlanned.add(new ShopNow.NotPlanned(
                    row.tag(),
                    words,
                    progress.chosen().isEmpty()
                            ? "The customer has not chosen yet"
                            : "Nothing is left to do but release it"));
            return;
        }
        boolean whole = progress.chosen().isPresent();
        PlanJob job = new PlanJob(
                row.tag(),
                0,
                row.promisedAt().map(p -> all.time.minute(p) - work.restByTheWall()),
                row.outageCostPerHour().doubleValue(),
                row.urgency().equals("rush"));
        all.add(job, work, words, whole);
        all.begun(work.tasks(), clock, now);
    }
}
