package app.brasskettle.server.winding;

import app.brasskettle.core.jobs.CoilsTaken;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.windingtake.StrippingPermit;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.server.bank.BankBook;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobs.Written;
import app.brasskettle.server.problems.RefusedException;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Windings settled by name: the one way into the record, and with it into the bank. */
@Component
public class WindingBook {

    private final EventStore events;
    private final JobBook book;
    private final BankBook bank;

    WindingBook(EventStore events, JobBook book, BankBook bank) {
        this.events = events;
        this.bank = bank;
        this.book = book;
    }

    /**
     * Settles the data of a job's winding.
     *
     * @param reason why, where a lead hand settles it in spite of what holds it; else empty
     * @throws RefusedException when it is settled already, or held and not this person's to set aside
     */
    public ReadJob settle(String tag, String reason, ChangeContext by) {
        return book.change(tag, by, job -> {
            StrippingPermit permit = JobAssessment.winding(job.record()).stripping();
            if (permit.open()) {
                throw RefusedException.stale("It is settled already, by " + permit.settled());
            }
            boolean own = job.record()
                    .coilSets()
                    .filter(c -> !c.lookedAtAgain(
                                    by.name(),
                                    JobClock.seconds(by.at()),
                                    job.record().rules().second())
                            && job.windingRecord().first().isEmpty())
                    .isPresent();
            if (permit.waivable() || own) {
                mayWaive(by, reason, permit);
            }
            Map<String, Object> detail = detail(job, permit.waivable() || own ? reason : "");
            events.add(job.row().id(), EventKind.WINDING_SETTLED, detail, by.name(), by.at());
            bank.settle(job, by.name(), by.at());
            return Written.of(EventKind.WINDING_SETTLED.code(), detail);
        });
    }

    private static void mayWaive(ChangeContext by, String reason, StrippingPermit permit) {
        boolean lead = by.person().leads();
        if (!lead || reason.isEmpty()) {
            throw RefusedException.guarded(
                    permit.holding().get(0).sentence() + ". A lead hand may settle it in spite of that, with a reason");
        }
    }

    private static Map<String, Object> detail(RecordedJob job, String reason) {
        WindingRecord taken = job.windingRecord();
        return Map.of(
                "reason",
                reason,
                "firstVersion",
                taken.first().map(WindingRecord.Taken::version).orElse(0),
                "secondVersion",
                taken.second().map(WindingRecord.Taken::version).orElse(0),
                "coilSetsVersion",
                job.record().coilSets().map(CoilsTaken::version).orElse(0));
    }
}
