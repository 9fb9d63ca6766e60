package app.brasskettle.server.jobview;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.charts.InsulationCurve;
import app.brasskettle.core.charts.TestLines;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.passport.MotorLine;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.testrecord.InstrumentRow;
import app.brasskettle.server.testrecord.TestRow;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Views of stored jobs. */
public final class JobViews {

    private JobViews() {}

    /** Makes the view of a job that was read. */
    public static JobView of(ReadJob read) {
        RecordedJob job = read.job();
        JobAssessment reading = read.reading();
        double now = read.now();
        JobRecord record = job.record();
        Map<String, JobView.Sheet> sheets = new LinkedHashMap<>();
        job.sheets()
                .forEach(s -> sheets.put(s.kind().code(), new JobView.Sheet(s.version(), s.spelt(), s.by(), s.at())));
        return new JobView(
                identity(job, now),
                reading.stations(),
                reading.next(),
                reading.worst(),
                reading.gate(),
                reading.plateChanges(),
                reading.highVoltage(),
                reading.windingState(),
                reading.discharge()
                        .map(d -> new JobView.Discharge(
                                d.secondsLeft(now),
                                Math.max(0, d.provableFrom() - now),
                                d.until() - d.groundedFrom(),
                                d.appliedSeconds(),
                                d.provedAt().isPresent())),
                new Ledger(job, reading).entries(),
                sheets,
                reading.opening(),
                reading.departure(),
                reading.apart(),
                reading.arrival(),
                reading.plate(),
                bench(job, record, reading),
                reading.evidence(),
                reading.ranking(),
                reading.advice(),
                reading.winding(),
                reading.coilSets(),
                reading.redesign(),
                reading.choice(),
                job.last(EventKind.CONCLUDED).map(JobViews::concluded),
                overruledConclusions(job),
                job.last(EventKind.CHOSEN).map(e -> chosen(e, reading)),
                reading.drying(),
                reading.rewind(),
                reading.proof(),
                reading.release(),
                simulated(job.row().simulatedMotor()),
                JobView.Terms.all());
    }

    private static JobView.Identity identity(RecordedJob job, double now) {
        JobRow row = job.row();
        // A motor that left costs no outage here any more.
        double until = row.left().map(l -> JobClock.seconds(l.at())).orElse(now);
        double hours = Math.max(0, (until - JobClock.seconds(row.receivedAt())) / 3600);
        return new JobView.Identity(
                row.tag(),
                row.shop(),
                row.customer(),
                row.machine(),
                MotorLine.of(job.plate()),
                row.complaint(),
                row.supply(),
                row.urgency(),
                row.outageCostPerHour().doubleValue(),
                row.promisedAt(),
                row.receivedAt(),
                row.receivedBy(),
                hours,
                hours * row.outageCostPerHour().doubleValue(),
                row.customerId(),
                row.mark(),
                row.askedBy(),
                row.setDown(),
                row.waiting(),
                row.left());
    }

    private static JobView.Bench bench(RecordedJob job, JobRecord record, JobAssessment reading) {
        return new JobView.Bench(
                job.lastHere(EventKind.LOCKED_OUT)
                        .filter(e -> reading.gate().leads().mayConnect())
                        .map(e -> new JobView.Done(e.by(), e.at(), e.text("means"))),
                test(job, reading, WindingTests.TESTER_PROOF)
                        .map(t -> new JobView.Proof(t.judged().own(), JobView.Standing.of(t.judged()), done(t.row()))),
                test(job, reading, WindingTests.INSULATION_RESISTANCE).map(JobViews::insulation),
                test(job, reading, WindingTests.WINDING_RESISTANCE)
                        .map(t -> new JobView.Resistance(
                                (ResistanceReadings) t.judged().test().input(),
                                (ResistanceResult) t.judged().result(),
                                JobView.Standing.of(t.judged()),
                                done(t.row()))),
                test(job, reading, WindingTests.SURGE_COMPARISON)
                        .map(t -> new JobView.Surge(
                                ((SurgeSet) t.judged().test().input()).rotorFitted(),
                                (SurgeOutcome) t.judged().result(),
                                JobView.Standing.of(t.judged()),
                                done(t.row()))),
                further(job, reading),
                overruled(job, reading),
                record.arrived()
                        .map(a -> a.auxiliaries().stream()
                                .map(Arrival.Auxiliary::label)
                                .toList())
                        .orElse(List.of()),
                record.power().isolated().stream().sorted().toList());
    }

    /** A standing test as it is stored and as it is judged. */
    private record Stood(TestRow row, JudgedTest judged) {}

    private static Optional<Stood> test(RecordedJob job, JobAssessment reading, TestKind kind) {
        return reading.tests()
                .standing(kind, 1)
                .map(t -> new Stood(job.standing(kind, 1).orElseThrow(), t));
    }

    /** Tests that have no room of their own in the view. */
    private static boolean further(JudgedTest test) {
        return test.kind().bySheet() || test.speed() > 1;
    }

    private static Map<String, JobView.Further> further(RecordedJob job, JobAssessment reading) {
        Map<String, JobView.Further> further = new LinkedHashMap<>();
        reading.tests().standing().filter(JobViews::further).forEach(test -> {
            TestRow row = job.standing(test.kind(), test.speed()).orElseThrow();
            boolean asStored = row.typed().isEmpty() && !test.kind().traces();
            further.put(
                    row.key(),
                    new JobView.Further(
                            test.step(),
                            asStored ? row.input() : row.typed(),
                            test.result(),
                            JobView.Standing.of(test),
                            TestLines.of(test.test().input(), test.result()),
                            TestLines.gapsMm(test.test().input()),
                            done(row)));
        });
        return further;
    }

    /** The last word on each test that stands; one on a test repeated since is history, and in the ledger. */
    private static List<JobView.Overruled> overruled(RecordedJob job, JobAssessment reading) {
        Map<String, JobView.Overruled> last = new LinkedHashMap<>();
        for (EventRow e : job.here(EventKind.OVERRULED)) {
            String step = e.text("step");
            boolean stands = reading.tests()
                    .atStep(step)
                    .filter(t -> Math.abs(t.at() - e.figure("testAt")) < 0.001)
                    .isPresent();
            if (stands) {
                last.put(
                        step,
                        new JobView.Overruled(
                                step,
                                e.text("sentence"),
                                Coded.parse(Verdict.class, e.text("verdict")).orElse(Verdict.UNPROVEN),
                                e.text("reason"),
                                new JobView.Done(e.by(), e.at(), "")));
            }
        }
        return List.copyOf(last.values());
    }

    private static JobView.Insulation insulation(Stood stood) {
        JudgedTest judged = stood.judged();
        InsulationReadings test = (InsulationReadings) judged.test().input();
        InsulationResult result = (InsulationResult) judged.result();
        Optional<Double> volts = judged.test().appliedV();
        return new JobView.Insulation(
                test,
                result,
                JobView.Standing.of(judged),
                JobView.Fit.of(test, volts),
                InsulationCurve.of(test, result, volts),
                done(stood.row()));
    }

    private static JobView.Done done(TestRow t) {
        String instrument = t.instrument().map(InstrumentRow::name).orElse("");
        return new JobView.Done(t.by(), t.at(), t.simulated() ? "simulated instrument" : instrument);
    }

    /** Conclusions that another one followed which says something else, newest first. */
    private static List<JobView.Concluded> overruledConclusions(RecordedJob job) {
        List<JobView.Concluded> overruled = new ArrayList<>();
        List<EventRow> all = job.all(EventKind.CONCLUDED);
        for (int i = all.size() - 2; i >= 0; i--) {
            if (!all.get(i).text("explanation").equals(all.get(i + 1).text("explanation"))) {
                overruled.add(concluded(all.get(i)));
            }
        }
        return List.copyOf(overruled);
    }

    private static JobView.Concluded concluded(EventRow e) {
        return new JobView.Concluded(
                e.text("explanation"),
                e.text("label"),
                e.text("reason"),
                e.figure("probability"),
                e.text("leader"),
                e.text("root"),
                e.texts("chain"),
                e.texts("recommendations"),
                new JobView.Done(e.by(), e.at(), ""));
    }

    private static JobView.Chosen chosen(EventRow e, JobAssessment reading) {
        return new JobView.Chosen(
                e.text("option"),
                e.text("customer"),
                e.text("how"),
                e.text("reason"),
                e.text("price"),
                (int) e.figure("quote"),
                reading.overApproved(),
                new JobView.Done(e.by(), e.at(), ""));
    }

    private static JobView.SimulatedMotorView simulated(Map<String, Object> motor) {
        List<String> faults = new ArrayList<>();
        if (motor.get("faults") instanceof List<?> list) {
            list.forEach(f -> faults.add(f.toString()));
        }
        double temperature = motor.get("windingTemperatureC") instanceof Number n ? n.doubleValue() : 20;
        Map<String, String> severities = new LinkedHashMap<>();
        if (motor.get("severities") instanceof Map<?, ?> told) {
            told.forEach((fault, severity) -> severities.put(fault.toString(), severity.toString()));
        }
        return new JobView.SimulatedMotorView(
                faults,
                severities,
                temperature,
                String.valueOf(motor.getOrDefault("deviceFault", "none")),
                String.valueOf(motor.getOrDefault("windersMistake", "")),
                String.valueOf(motor.getOrDefault("ovenFault", "none")));
    }
}
