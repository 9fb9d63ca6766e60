package app.brasskettle.server.winding;

import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The data of a winding settled by name, so that its copper may come out. */
@RestController
class WindingController {

    private final WindingBook windings;

    WindingController(WindingBook windings) {
        this.windings = windings;
    }

    /**
     * A winding settled.
     *
     * @param reason why, where a lead hand settles it in spite of what holds it; else empty
     */
    record Settling(String reason) {}

    /** Settles two takes that agree; what holds them otherwise is a lead hand's to set aside, with a reason. */
    @PostMapping("/api/jobs/{tag}/winding/settle")
    JobView settle(@PathVariable String tag, @RequestBody Settling body, Authentication who) {
        String reason = body.reason() == null ? "" : body.reason().strip();
        return JobViews.of(windings.settle(tag, reason, ChangeContext.of(People.of(who))));
    }
}
