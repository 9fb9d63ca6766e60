package app.brasskettle.server.winding;

import app.brasskettle.core.jobs.CoilsTaken;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.windingtake.StrippingPermit;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.bank.BankBook;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobStore;
import app.brasskettle.server.jobs.RecordedJob;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The data of a winding settled by name, so that its copper may come out. */
@RestController
class WindingController {

    private final JobBook book;
    private final JobStore store;
    private final BankBook bank;

    WindingController(JobBook book, JobStore store, BankBook bank) {
        this.bank = bank;
        this.book = book;
        this.store = store;
    }

    /**
     * A winding settled.
     *
     * @param reason why, where a lead hand settles it in spite of what holds it; else empty
     */
    record Settling(String reason) {}

    /** Settles two takes that agree; what holds them otherwise is a lead hand's to set aside, with a reason. */
    @PostMapping("/api/jobs/{tag}/winding/settle")
    JobView settle(
            @PathVariable String tag,
            @RequestBody Settling body,
            @RequestHeader(value = "Idempotency-Key", required = false) String key,
            Authentication who) {
        String reason = body.reason() == null ? "" : body.reason().strip();
        ChangeContext by = ChangeContext.of(People.of(who), key);
        return JobViews.of(book.change(tag, by, job -> {
            StrippingPermit permit = JobAssessment.winding(job.record()).stripping();
            if (permit.open()) {
                throw RefusedException.stale("It is settled already, by " + permit.settled());
            }
            // Who counted the coils alone is no second pair of eyes for them.
            boolean own = job.record()
                    .coilSets()
                    .filter(c -> c.by().equals(by.name())
                            && job.windingRecord().first().isEmpty())
                    .isPresent();
            if (permit.waivable() || own) {
                mayWaive(by, reason, permit);
            }
            Map<String, Object> detail = detail(job, permit.waivable() || own ? reason : "");
            store.addEvent(job.row().id(), EventKind.WINDING_SETTLED, detail, by.name(), by.at());
            bank.settle(job, by.name(), by.at());
            return JobBook.Written.of(EventKind.WINDING_SETTLED.code(), detail);
        }));
    }

    private static void mayWaive(ChangeContext by, String reason, StrippingPermit permit) {
        boolean lead = by.person().role() == Role.LEAD || by.person().role() == Role.ADMIN;
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
