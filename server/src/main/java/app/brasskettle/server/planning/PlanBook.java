package app.brasskettle.server.planning;

import app.brasskettle.core.plan.PlanDrift;
import app.brasskettle.core.plan.PlanRule;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.roster.Roster;
import app.brasskettle.server.roster.RosterStore;
import app.brasskettle.server.roster.WorkingTime;
import app.brasskettle.server.settings.SettingsStore;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of the shop: what people were told, what waits for a decision, where the shop has left it. */
@Service
public class PlanBook {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

    private final PlanStore store;
    private final SearchStore searches;
    private final ShopReading reading;
    private final SettingsStore settings;
    private final RosterStore rosters;

    PlanBook(PlanStore store, SearchStore searches, ShopReading reading, SettingsStore settings, RosterStore rosters) {
        this.store = store;
        this.searches = searches;
        this.reading = reading;
        this.settings = settings;
        this.rosters = rosters;
    }

    /** Something that came between. */
    record Drift(PlanDrift.Kind kind, String job, String sentence) {}

    /** Where the shop has left its plan, and what no plan takes. */
    record Drifted(List<Drift> drifts, List<ShopNow.NotPlanned> notPlanned) {}

    private WorkingTime today() {
        return new WorkingTime(JobClock.now(), settings.current().zone());
    }

    @Transactional(readOnly = true)
    PlanView view() {
        WorkingTime today = today();
        Roster roster = rosters.current();
        return new PlanView(
                today.base(),
                today.zone().getId(),
                roster.people().stream().map(Roster.Member::name).toList(),
                roster.places(),
                store.told().map(p -> PlanView.shown(p, today)),
                store.proposal().map(p -> PlanView.shown(p, today)),
                searches.last());
    }

    /** What people were told, for calendars and the wall; empty while nobody accepted a plan. */
    @Transactional(readOnly = true)
    public Optional<ToldPlan> told() {
        WorkingTime today = today();
        return store.told().map(p -> ToldPlan.of(PlanView.shown(p, today)));
    }

    @Transactional(readOnly = true)
    Drifted drifted() {
        ShopNow shop = reading.read(Optional.empty());
        if (shop.problem().told().isEmpty()) {
            return new Drifted(List.of(), shop.notPlanned());
        }
        List<Drift> drifts = PlanDrift.of(shop.problem()).stream()
                .map(d -> new Drift(d.kind(), d.job(), sentence(d, shop.time())))
                .toList();
        return new Drifted(drifts, shop.notPlanned());
    }

    private static String sentence(PlanDrift d, WorkingTime time) {
        String when = WHEN.format(time.at(d.minute()).atZoneSameInstant(time.zone()));
        return switch (d.kind()) {
            case NOT_DONE -> d.job() + ": " + d.what() + " was to end " + when + " and is not done";
            case NOT_BEGUN -> d.job() + ": " + d.what() + " was to begin " + when + ", and nobody has tapped it";
            case NOT_IN_PLAN -> d.job() + ": " + d.what() + " is not in the plan";
            case NOT_READY -> d.job() + " is in the plan, and waits or has left";
            case AWAY -> d.what() + " is away on " + when + ", and " + d.job() + " was planned for then";
        };
    }

    /** Accepts a plan by name: from now on it is what people are told. */
    @Transactional
    public void accept(long id, String by) {
        OffsetDateTime at = JobClock.now();
        PlanStore.Stored plan = find(id);
        Optional<Long> newest = store.told().map(PlanStore.Stored::id);
        if (!plan.fromPlan().equals(newest)) {
            throw RefusedException.stale("Another plan was accepted since this one was made. Make it anew");
        }
        if (Duration.between(plan.base(), at).toMinutes() > PlanRule.TOLD_MINUTES) {
            throw RefusedException.stale(
                    "This plan was made more than four hours ago: its next hours are over. Make it anew");
        }
        store.decide(id, "accepted", by, at);
        store.expect(id, by, at);
    }

    @Transactional
    public void discard(long id, String by) {
        find(id);
        store.decide(id, "discarded", by, JobClock.now());
    }

    private PlanStore.Stored find(long id) {
        return store.lock(id).orElseThrow(() -> RefusedException.unknown("There is no plan " + id));
    }

    /** A motor is expected no more: it is here under a tag of its own, or will not come. */
    @Transactional
    public void expectNoMore(String tag, String why, String by) {
        if (!store.expectNoMore(tag, why, by, JobClock.now())) {
            throw RefusedException.unknown("No motor " + tag + " is expected");
        }
    }
}
