package app.brasskettle.server.jobrecord;

import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.release.Disposal;
import app.brasskettle.core.release.EarlierRelease;
import app.brasskettle.core.release.ReleaseRecord;
import app.brasskettle.core.rewind.CoilsWound;
import app.brasskettle.core.rewind.CoreAfter;
import app.brasskettle.core.rewind.Machining;
import app.brasskettle.core.rewind.Preparation;
import app.brasskettle.core.rewind.Renewal;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rewind.Stripping;
import app.brasskettle.core.rewind.Varnishing;
import app.brasskettle.core.rewind.Washing;
import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.signature.Signed;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.sheets.SheetKind;
import java.util.List;
import java.util.Optional;

/** The second half of a stored job: what its sheets and acts say of rewind and release. */
public final class FinishFacts {

    /** Marks a job that the record itself sent back to the choice, since its core cannot take a winding. */
    public static final String BECAUSE_OF_CORE = "core";

    private final RecordedJob job;
    private final HandLog hands;

    FinishFacts(RecordedJob job) {
        this.job = job;
        this.hands = hands();
    }

    RewindRecord rewind() {
        return new RewindRecord(
                written(SheetKind.PREPARATION, Preparation.class),
                written(SheetKind.STRIPPING, Stripping.class),
                written(SheetKind.CORE_AFTER, CoreAfter.class),
                written(SheetKind.COILS_WOUND, CoilsWound.class),
                written(SheetKind.BRAZED, ConnectionSheet.class),
                written(SheetKind.WASHING, Washing.class),
                written(SheetKind.VARNISHING, Varnishing.class),
                written(SheetKind.MACHINING, Machining.class),
                written(SheetKind.RENEWAL, Renewal.class),
                hands,
                job.last(EventKind.CHOSEN).map(EventRow::epochSeconds).orElse(Double.NEGATIVE_INFINITY),
                job.here(EventKind.SENT_BACK).stream()
                        .filter(e -> e.text("because").equals(BECAUSE_OF_CORE))
                        .reduce((earlier, later) -> later)
                        .map(e -> new RewindRecord.SentBack(e.text("reason"), e.epochSeconds())));
    }

    ReleaseRecord release(Optional<EarlierRelease> earlier) {
        List<Signed> signed = job.here(EventKind.HAND_DONE).stream()
                .filter(e -> e.text("act").equals(HandAct.SIGNED.code()))
                .map(RecordDigests::signed)
                .toList();
        return new ReleaseRecord(
                hands,
                signed,
                signed.isEmpty() ? RecordMarks.none() : job.marks(),
                written(SheetKind.DISPOSAL, Disposal.class).map(RewindRecord.Written::sheet),
                job.last(EventKind.CONCLUDED)
                        .map(e -> e.texts("recommendations"))
                        .orElse(List.of()),
                earlier,
                JobClock.seconds(job.row().receivedAt()));
    }

    /** Acts done here; what a file brought was done on a bench elsewhere. */
    private HandLog hands() {
        return new HandLog(job.here(EventKind.HAND_DONE).stream()
                .flatMap(e -> Coded.parse(HandAct.class, e.text("act"))
                        .map(a -> new HandDone(a, e.text("place"), e.by(), e.epochSeconds()))
                        .stream())
                .toList());
    }

    /** A sheet written here; what a file brought is history and opens no gate. */
    private <T extends Record> Optional<RewindRecord.Written<T>> written(SheetKind kind, Class<T> type) {
        return job.sheet(kind)
                .filter(s -> !s.imported())
                .flatMap(s -> job.read(kind, type)
                        .map(sheet -> new RewindRecord.Written<>(sheet, s.by(), JobClock.seconds(s.at()))));
    }
}
