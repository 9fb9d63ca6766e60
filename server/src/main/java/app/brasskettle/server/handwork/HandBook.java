package app.brasskettle.server.handwork;

import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.InsertionRing;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.FinishGuard;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobs.Written;
import app.brasskettle.server.problems.RefusedException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Acts of one tap: the one way into the record, each by name and once. */
@Service
public class HandBook {

    private static final int MOST_TURNS = 10_000;

    private final EventStore events;
    private final JobBook book;

    HandBook(EventStore events, JobBook book) {
        this.events = events;
        this.book = book;
    }

    /**
     * Records an act. With the last joint the winding is there, which makes tests of the one before it grow old.
     *
     * @param act what was done
     * @param place on what; whatever is given for a signature, whose place follows from those before
     * @throws app.brasskettle.core.worksheet.InvalidInputException naming {@code place} or {@code by}
     * @throws RefusedException when its step may not begin
     */
    @Transactional
    public ReadJob record(String tag, HandAct act, String place, ChangeContext by) {
        ReadJob after = book.change(tag, by, job -> {
            JobAssessment reading =
                    ReadJob.of(job, JobClock.seconds(JobClock.now())).reading();
            Map<String, Object> detail = new LinkedHashMap<>();
            detail.put("act", act.code());
            detail.put("place", place(job, reading, act, place, by));
            if (act == HandAct.SIGNED) {
                detail.putAll(job.signedRecord());
            }
            events.add(job.row().id(), EventKind.HAND_DONE, detail, by.name(), by.at());
            return Written.of(EventKind.HAND_DONE.code(), detail);
        });
        boolean connected = act == HandAct.JOINT_BRAZED
                && after.reading().rewind().brazing().filter(BrazingList::full).isPresent();
        return connected
                ? book.addWork(
                        tag,
                        SheetWork.Said.of(after.reading().windingState().present() ? Work.RECONNECTED : Work.REWOUND),
                        by)
                : after;
    }

    private static String place(RecordedJob job, JobAssessment reading, HandAct act, String place, ChangeContext by) {
        return switch (act) {
            case COIL_IN, COIL_OUT -> {
                FinishGuard.mayBegin(reading, JobStep.INSERTION);
                yield checked(
                        job,
                        act,
                        place,
                        reading.rewind().insertion().map(InsertionRing::places).orElse(Set.of()));
            }
            case JOINT_BRAZED, JOINT_OPENED -> {
                FinishGuard.mayBegin(reading, JobStep.BRAZING);
                yield checked(
                        job,
                        act,
                        place,
                        reading.rewind().brazing().map(BrazingList::places).orElse(Set.of()));
            }
            case CHECKED, UNCHECKED -> checked(job, act, place, ReleaseAssessment.places());
            case COIL_COUNTED -> turns(place);
            case SIGNED -> signature(reading.release(), by);
        };
    }

    private static String checked(RecordedJob job, HandAct act, String place, Set<String> places) {
        job.record()
                .rewind()
                .hands()
                .since(
                        act == HandAct.CHECKED || act == HandAct.UNCHECKED
                                ? Double.NEGATIVE_INFINITY
                                : job.record().timeline().winding().strippedAt())
                .mayFollow(act, place, places);
        return place;
    }

    private static String turns(String place) {
        Problems problems = new Problems();
        if (!place.matches("\\d{1,5}")) {
            problems.add("place", Problem.Code.TYPE, "place is “" + place + "”; the turns counted are a whole number");
            problems.throwIfAny();
        }
        problems.whole("place", Integer.parseInt(place), 1, MOST_TURNS, "turns");
        problems.throwIfAny();
        return String.valueOf(Integer.parseInt(place));
    }

    private static String signature(ReleaseAssessment release, ChangeContext by) {
        if (!release.holding().isEmpty()) {
            ReleaseAssessment.Hold first = release.holding().get(0);
            throw RefusedException.gated(first.sentence() + ". " + first.opens());
        }
        return release.nextSignature(by.name(), JobClock.seconds(by.at()));
    }
}
