package app.brasskettle.server.jobrecord;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.energise.LockOut;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.core.energise.Settlement;
import app.brasskettle.core.energise.Waiver;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.runs.RunRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What was done around power on a stored job. Lock-outs, releases, waivers, isolations, settlements and proofs act only where they
 * were recorded here; voltage counts wherever it was.
 */
final class PowerFacts {

    private final RecordedJob job;

    PowerFacts(RecordedJob job) {
        this.job = job;
    }

    PowerRecord read(double now) {
        Optional<EventRow> isolated = job.lastHere(EventKind.ISOLATED);
        return new PowerRecord(
                job.lastHere(EventKind.LOCKED_OUT).map(e -> new LockOut(e.epochSeconds(), e.by(), e.text("means"))),
                job.lastHere(EventKind.LOCK_OUT_ENDED).map(EventRow::epochSeconds),
                job.lastHere(EventKind.RUN_RELEASED).map(EventRow::epochSeconds),
                isolated.map(e -> Set.copyOf(e.texts("names"))).orElse(Set.of()),
                isolated.map(EventRow::epochSeconds),
                job.here(EventKind.LIMIT_WAIVED).stream()
                        .map(e -> new Waiver(e.text("code"), e.text("sentence"), e.by(), e.text("reason")))
                        .toList(),
                job.here(EventKind.CONTRADICTION_SETTLED).stream()
                        .map(e -> new Settlement(e.text("sentence"), e.by(), e.text("reason")))
                        .toList(),
                voltages(now),
                job.here(EventKind.DISCHARGE_PROVED).stream()
                        .map(e -> new DischargeClock.Proof(JobClock.waited(e.epochSeconds()), e.figure("residualV")))
                        .toList(),
                highVoltageAt(now),
                job.runs().stream()
                        .filter(r -> r.endedAt().isEmpty())
                        .map(r -> r.instrument() + ", begun by " + r.by())
                        .findFirst(),
                RecordDigests.releaseEnded(job),
                job.lastHere(EventKind.PLATE_STAMPED).map(e -> (int) e.figure("version")),
                job.lastHere(EventKind.SHAFT_TURNED)
                        .map(e -> new GateFacts.Shaft(
                                !e.text("shaft").equals(Arrival.ShaftState.BINDS.code()), e.epochSeconds(), false)));
    }

    /** A charge leaves in time that passes; a clock that is put forward takes none of it. */
    private List<DischargeClock.Applied> voltages(double now) {
        List<DischargeClock.Applied> all = new ArrayList<>();
        job.all(EventKind.VOLTAGE_APPLIED)
                .forEach(e -> all.add(new DischargeClock.Applied(
                        JobClock.waited(e.epochSeconds()), e.figure("seconds"), Math.max(1, e.figure("pace")))));
        for (RunRow run : job.runs()) {
            double ended =
                    run.endedAt().map(JobClock::seconds).map(JobClock::waited).orElse(now);
            // While it is on, or while nobody knows, voltage counts as on until now.
            double seconds = run.endedAt().isPresent()
                    ? run.seconds()
                    : run.pace() * Math.max(0, now - JobClock.seconds(run.begunAt()));
            if (seconds > 0) {
                all.add(new DischargeClock.Applied(ended, seconds, run.pace()));
            }
        }
        return all;
    }

    private Optional<Double> highVoltageAt(double now) {
        return job.runs().stream()
                .filter(r ->
                        TestKinds.named(r.kind()).filter(TestKind::highVoltage).isPresent())
                .filter(r -> r.seconds() > 0 || r.endedAt().isEmpty())
                .map(r -> r.endedAt().map(JobClock::seconds).orElse(now))
                .max(Double::compare);
    }
}
