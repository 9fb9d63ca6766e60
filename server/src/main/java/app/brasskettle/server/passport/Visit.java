package app.brasskettle.server.passport;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.passport.MotorLine;
import app.brasskettle.core.passport.PastJob;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import java.time.OffsetDateTime;
import java.util.Optional;

/**
 * One stay of a motor in the shop.
 *
 * @param tag the job
 * @param receivedAt when it came
 * @param customer whose it was then
 * @param machine what it drove
 * @param motor the motor in one line
 * @param complaint what was said
 * @param worst its worst verdict
 * @param winding its winding in one line, where it was taken
 * @param left how it left
 * @param read what the core compares
 */
public record Visit(
        String tag,
        OffsetDateTime receivedAt,
        String customer,
        String machine,
        String motor,
        String complaint,
        Verdict worst,
        Optional<String> winding,
        Optional<JobRow.Left> left,
        PastJob read) {

    static Visit of(RecordedJob job) {
        JobRow row = job.row();
        JobRecord record = job.record();
        JobAssessment reading = JobAssessment.of(record, JobClock.seconds(JobClock.now()));
        Optional<EventRow> concluded = job.last(EventKind.CONCLUDED);
        return new Visit(
                row.tag(),
                row.receivedAt(),
                row.customer(),
                row.machine(),
                MotorLine.of(job.plate()),
                row.complaint(),
                reading.worst().verdict(),
                record.winding().data().map(Visit::line),
                row.left(),
                new PastJob(
                        row.tag(),
                        JobClock.seconds(row.receivedAt()),
                        concluded.map(e -> e.text("explanation")),
                        concluded.map(e -> e.text("label")),
                        job.last(EventKind.CHOSEN).map(e -> e.text("option")),
                        trusted(reading, WindingTests.INSULATION_RESISTANCE, InsulationResult.class)
                                .filter(r -> !r.atLeast())
                                .map(InsulationResult::correctedMegohm),
                        trusted(reading, WindingTests.WINDING_RESISTANCE, ResistanceResult.class)
                                .flatMap(ResistanceResult::meanOhmAt25C)));
    }

    /** What a test read, unless something casts doubt on the reading itself. */
    private static <T> Optional<T> trusted(JobAssessment reading, TestKind kind, Class<T> type) {
        return reading.tests()
                .standing(kind, 1)
                .filter(t -> t.unaged().verdict() != Verdict.UNPROVEN)
                .flatMap(t -> t.result(type));
    }

    private static String line(WindingData d) {
        return d.slots() + " slots, " + d.poles() + " poles, " + Figures.plain(d.turnsPerCoil()) + " turns, span 1 to "
                + (d.spanSlots() + 1) + ", " + d.parallelCircuits() + " circuit"
                + (d.parallelCircuits() == 1 ? "" : "s")
                + " " + d.connection().code();
    }
}
