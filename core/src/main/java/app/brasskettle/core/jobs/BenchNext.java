package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Phrase;
import java.util.Optional;

/** The first test of the bench left undone, in the safe order; empty when the bench has said what it can. */
final class BenchNext {

    private static final String DEAD = JobStep.DEAD.path();

    private final JobRecord job;
    private final JudgedTests tests;
    private final EnergiseGate gate;
    private final HighVoltageGate high;
    private final boolean discharging;

    BenchNext(JobRecord job, JudgedTests tests, EnergiseGate gate, HighVoltageGate high, boolean discharging) {
        this.job = job;
        this.tests = tests;
        this.gate = gate;
        this.high = high;
        this.discharging = discharging;
    }

    Optional<JobAssessment.Next> find() {
        if (job.power().lockOut().isEmpty()) {
            return next("Lock out, prove dead, prove the tester", DEAD);
        }
        if (tests.standing(WindingTests.TESTER_PROOF, 1).isEmpty()) {
            return next("Prove the tester", DEAD);
        }
        return copper().or(this::insulation).or(this::surge).map(this::underLockOut);
    }

    /** Whoever connects leads needs a lock-out that still stands. */
    private JobAssessment.Next underLockOut(JobAssessment.Next wanted) {
        return gate.leads().mayConnect() || discharging
                ? wanted
                : next("Lock out again: " + Phrase.lower(wanted.sentence()), DEAD)
                        .orElseThrow();
    }

    private boolean taken(TestKind kind, int speed) {
        return tests.current(kind, speed).isPresent();
    }

    private Optional<JobAssessment.Next> copper() {
        if (job.singlePhase()) {
            return taken(WindingTests.SINGLE_PHASE_WINDINGS, 1)
                    ? Optional.empty()
                    : next("Measure main and start winding", WindingTests.SINGLE_PHASE_WINDINGS.step(1));
        }
        if (!taken(WindingTests.WINDING_RESISTANCE, 1)) {
            return next("Measure the three resistances", WindingTests.WINDING_RESISTANCE.step(1));
        }
        return job.speeds() == 2 && !taken(WindingTests.WINDING_RESISTANCE, 2)
                ? next("Measure the resistances of the other speed", WindingTests.WINDING_RESISTANCE.step(2))
                : Optional.empty();
    }

    private Optional<JobAssessment.Next> insulation() {
        String step = WindingTests.INSULATION_RESISTANCE.step(1);
        Optional<JudgedTest> test = tests.current(WindingTests.INSULATION_RESISTANCE, 1);
        if (test.isEmpty()) {
            return next("Test insulation to frame", step);
        }
        if (discharging) {
            return next("Leads grounded: let it discharge", step);
        }
        Verdict verdict = test.get().verdict();
        if (verdict == Verdict.UNPROVEN
                || (verdict == Verdict.STOP && job.concluded().isEmpty())) {
            return next(test.get().effective().next(), step);
        }
        return Optional.empty();
    }

    private Optional<JobAssessment.Next> surge() {
        boolean proved = tests.current(WindingTests.INSULATION_RESISTANCE, 1)
                .filter(t -> t.verdict() == Verdict.HOLDS)
                .isPresent();
        if (job.singlePhase() || !proved) {
            return Optional.empty();
        }
        if (!taken(WindingTests.SURGE_COMPARISON, 1)) {
            boolean leads = high.holding().stream().anyMatch(r -> r.code().equals("auxiliaries"));
            return next(
                    leads ? "Take auxiliaries off, then surge" : "Surge the three phases",
                    WindingTests.SURGE_COMPARISON.step(1));
        }
        return job.speeds() == 2 && !taken(WindingTests.SURGE_COMPARISON, 2)
                ? next("Surge the other speed", WindingTests.SURGE_COMPARISON.step(2))
                : Optional.empty();
    }

    /** What a motor that every test of the winding calls sound still lacks before anybody may say that nothing is wrong. */
    Optional<JobAssessment.Next> sound() {
        if (gate.state() == EnergiseGate.State.BLOCKED) {
            boolean old = gate.holding().stream().anyMatch(r -> r.code().equals(GateRow.INSULATION_MISSING.code()));
            return old
                    ? next(
                            "Test insulation once more, after the high voltage",
                            WindingTests.INSULATION_RESISTANCE.step(1))
                    : Optional.empty();
        }
        TestKind run = job.singlePhase() ? RunningTests.STARTING_GEAR : RunningTests.NO_LOAD_RUN;
        if (taken(run, 1)) {
            return Optional.empty();
        }
        return gate.state() == EnergiseGate.State.PERMITTED
                ? next(job.singlePhase() ? "Run it, listen to the start switch" : "Run it without load", run.step(1))
                : next("Release it to run, reduced voltage first", JobStep.RELEASE.path());
    }

    private static Optional<JobAssessment.Next> next(String sentence, String step) {
        return Optional.of(new JobAssessment.Next(sentence, step, Station.BENCH));
    }
}
