package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.jobs.FurtherTest.Kind;
import app.brasskettle.core.teardown.LogReading;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the record of a job tells the gates. */
final class JobFacts {

    /** Under this many megohms as read, copper lies on the frame. */
    static final double GROUND_MEGOHM = 0.05;

    private final JobRecord job;
    private final ApartReading apart;
    private final List<Evidence> standing;

    JobFacts(JobRecord job, ApartReading apart, List<Evidence> standing) {
        this.job = job;
        this.apart = apart;
        this.standing = standing;
    }

    GateFacts at(double now, Optional<DischargeClock> clock) {
        List<String> auxiliaries = job.arrival()
                .map(a ->
                        a.auxiliaries().stream().map(Arrival.Auxiliary::spoken).toList())
                .orElse(List.of());
        return new GateFacts(
                job.arrival().flatMap(Arrival::turnsFreely),
                job.lockedOut(),
                job.insulation().map(t -> {
                    Judgement own = job.rules().deciding(t.result());
                    Judgement judged = JobReading.standing(t, job, job.forGate(JobRecord.INSULATION, t.at(), own));
                    return taken(judged, t.result().spotReading(), t.at());
                }),
                resistance(),
                job.surge()
                        .map(t -> taken(
                                job.forGate(JobRecord.SURGE, t.at(), t.result().judgement()), false, t.at())),
                further(),
                openPair(),
                job.insulation()
                        .filter(t -> !t.result().atLeast() && t.result().megohm() < GROUND_MEGOHM)
                        .isPresent(),
                clock,
                job.opened(),
                apart.log().map(LogReading::off).orElse(0),
                job.worked(),
                auxiliaries,
                job.isolated(),
                job.openings(),
                released(now));
    }

    private static GateFacts.Taken taken(Judgement judged, boolean spot, double at) {
        return new GateFacts.Taken(judged.verdict(), spot, at, judged.headline());
    }

    /** The three resistances, or main and start winding of a single-phase motor. */
    private Optional<GateFacts.Taken> resistance() {
        return job.resistance()
                .map(t -> taken(
                        job.forGate(JobRecord.RESISTANCE, t.at(), t.result().judgement()), false, t.at()))
                .or(() -> FurtherTest.find(job.further(), Kind.SINGLE_PHASE_WINDINGS, 1)
                        .map(t -> taken(job.forGate(t.step(), t.at(), t.judgement()), false, t.at())));
    }

    private boolean openPair() {
        boolean single = FurtherTest.find(job.further(), Kind.SINGLE_PHASE_WINDINGS, 1)
                .filter(t -> t.effect() == GateFacts.Effect.NEVER)
                .isPresent();
        return single
                || job.resistance().filter(t -> t.result().meanOhm().isEmpty()).isPresent();
    }

    /** Tests beside the first ones; a protector that was seen open and never tested counts as one that failed. */
    private List<GateFacts.Further> further() {
        List<GateFacts.Further> facts = new ArrayList<>();
        for (FurtherTest test : job.further()) {
            boolean asResistance = test.kind() == Kind.SINGLE_PHASE_WINDINGS;
            if (!asResistance) {
                facts.add(test.fact(job.forGate(test.step(), test.at(), test.judgement())));
            }
        }
        boolean tested = FurtherTest.find(job.further(), Kind.PROTECTOR, 1).isPresent();
        if (!tested && standing.contains(Evidence.PROTECTOR_OPEN)) {
            facts.add(new GateFacts.Further(
                    Kind.PROTECTOR.spoken(),
                    Kind.PROTECTOR.step(1),
                    "The thermal protector was seen open and nothing stands in for it",
                    Verdict.STOP,
                    GateFacts.Effect.SHUTS,
                    false,
                    0));
        }
        return List.copyOf(facts);
    }

    /** A release lasts a working day, and ends when the motor is worked on. */
    private boolean released(double now) {
        return job.released()
                .filter(at -> now - at < JobReading.DAY_SECONDS)
                .filter(at -> job.worked().filter(w -> w > at).isEmpty())
                .isPresent();
    }
}
