package app.brasskettle.core.jobs;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.jobs.FurtherTest.Kind;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;

/** The first test of the bench left undone, in the safe order; empty when the bench has said what it can. */
final class BenchNext {

    private final JobRecord job;
    private final Optional<Judgement> insulation;
    private final EnergiseGate gate;
    private final HighVoltageGate high;
    private final boolean discharging;

    BenchNext(
            JobRecord job,
            Optional<Judgement> insulation,
            EnergiseGate gate,
            HighVoltageGate high,
            boolean discharging) {
        this.job = job;
        this.insulation = insulation;
        this.gate = gate;
        this.high = high;
        this.discharging = discharging;
    }

    Optional<JobReading.Next> find() {
        if (job.lockedOut().isEmpty()) {
            return next("Lock out, prove dead, prove the tester", "bench/dead");
        }
        if (job.testerProof().isEmpty()) {
            return next("Prove the tester", "bench/dead");
        }
        return copper().or(this::insulation).or(this::surge);
    }

    private boolean single() {
        return job.plate().filter(p -> p.phases() == 1).isPresent();
    }

    private boolean untakenAtSecondSpeed(Kind kind) {
        return job.plate().flatMap(Plate::secondSpeed).isPresent()
                && FurtherTest.find(job.further(), kind, 2).isEmpty();
    }

    private boolean taken(Kind kind) {
        return FurtherTest.find(job.further(), kind, 1).isPresent();
    }

    private Optional<JobReading.Next> copper() {
        if (single()) {
            return taken(Kind.SINGLE_PHASE_WINDINGS)
                    ? Optional.empty()
                    : next("Measure main and start winding", Kind.SINGLE_PHASE_WINDINGS.step(1));
        }
        if (job.resistance().isEmpty()) {
            return next("Measure the three resistances", JobRecord.RESISTANCE);
        }
        return untakenAtSecondSpeed(Kind.WINDING_RESISTANCE)
                ? next("Measure the resistances of the other speed", Kind.WINDING_RESISTANCE.step(2))
                : Optional.empty();
    }

    private Optional<JobReading.Next> insulation() {
        if (insulation.isEmpty()) {
            return next("Test insulation to frame", JobRecord.INSULATION);
        }
        if (discharging) {
            return next("Leads grounded: let it discharge", JobRecord.INSULATION);
        }
        Verdict verdict = insulation.get().verdict();
        if (verdict == Verdict.UNPROVEN
                || (verdict == Verdict.STOP && job.concluded().isEmpty())) {
            return next(insulation.get().next(), JobRecord.INSULATION);
        }
        return Optional.empty();
    }

    private Optional<JobReading.Next> surge() {
        if (single() || insulation.orElseThrow().verdict() != Verdict.HOLDS) {
            return Optional.empty();
        }
        if (job.surge().isEmpty()) {
            boolean leads = high.holding().stream().anyMatch(r -> r.code().equals("auxiliaries"));
            return next(leads ? "Take auxiliaries off, then surge" : "Surge the three phases", JobRecord.SURGE);
        }
        return untakenAtSecondSpeed(Kind.SURGE_COMPARISON)
                ? next("Surge the other speed", Kind.SURGE_COMPARISON.step(2))
                : Optional.empty();
    }

    /** What a motor that every test of the winding calls sound still lacks before anybody may say that nothing is wrong. */
    Optional<JobReading.Next> sound() {
        boolean old =
                gate.holding().stream().anyMatch(r -> r.code().equals("insulation") && !r.disputable() && !r.never());
        if (gate.state() == EnergiseGate.State.SHUT) {
            return old
                    ? next("Test insulation once more, after the high voltage", JobRecord.INSULATION)
                    : Optional.empty();
        }
        Kind run = single() ? Kind.STARTING_GEAR : Kind.NO_LOAD_RUN;
        if (taken(run)) {
            return Optional.empty();
        }
        return gate.state() == EnergiseGate.State.OPEN
                ? next(single() ? "Run it, listen to the start switch" : "Run it without load", run.step(1))
                : next("Release it to run, reduced voltage first", "bench/release");
    }

    private static Optional<JobReading.Next> next(String sentence, String step) {
        return Optional.of(new JobReading.Next(sentence, step, Station.BENCH));
    }
}
