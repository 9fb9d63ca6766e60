package app.brasskettle.server.floor;

import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.shops.ShopsTogether;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The floor's list, and what moves a job out of the usual order. */
@RestController
@RequestMapping("/api/jobs")
class FloorController {

    /** Where the hands were, and the rush job it is set down for. */
    record SetDownBody(String workNote, String displacedBy) {}

    /** A station and why. */
    record StationBody(String station, String reason) {}

    /** What the job waits for (parts or customer), and what exactly. */
    record HoldBody(String what, String reason) {}

    /** How the job leaves. */
    record LeaveBody(String how, Boolean readyForService) {}

    private final FloorBook floor;

    FloorController(FloorBook floor) {
        this.floor = floor;
    }

    @ShopsTogether
    @GetMapping
    List<FloorRow> floor(
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "live") String show,
            @RequestParam(required = false) String after) {
        FloorStore.Show wanted = Coded.parse(FloorStore.Show.class, show)
                .orElseThrow(() -> RefusedException.unknown("The floor has no list called " + show));
        return floor.floor(wanted, find, Optional.ofNullable(after));
    }

    @PostMapping("/{tag}/set-down")
    JobView setDown(@PathVariable String tag, @RequestBody SetDownBody body, Authentication who) {
        Optional<String> displacedBy = Optional.ofNullable(body.displacedBy()).filter(by -> !by.isBlank());
        return JobViews.of(floor.setDown(tag, body.workNote(), displacedBy, ChangeContext.of(People.of(who))));
    }

    @PostMapping("/{tag}/pick-up")
    JobView pickUp(@PathVariable String tag, Authentication who) {
        return JobViews.of(floor.pickUp(tag, ChangeContext.of(People.of(who))));
    }

    @PostMapping("/{tag}/skip")
    JobView skip(@PathVariable String tag, @RequestBody StationBody body, Authentication who) {
        return routing(tag, EventKind.SKIPPED, body, who);
    }

    @PostMapping("/{tag}/take-up")
    JobView takeUp(@PathVariable String tag, @RequestBody StationBody body, Authentication who) {
        return routing(tag, EventKind.TAKEN_UP, body, who);
    }

    @PostMapping("/{tag}/send-back")
    JobView sendBack(@PathVariable String tag, @RequestBody StationBody body, Authentication who) {
        return routing(tag, EventKind.SENT_BACK, body, who);
    }

    private JobView routing(String tag, EventKind kind, StationBody body, Authentication who) {
        Station station = Coded.parse(Station.class, body.station() == null ? "" : body.station())
                .filter(s -> JobStep.stations().contains(s))
                .orElseThrow(() -> RefusedException.unknown("A job has no station called " + body.station()));
        return JobViews.of(floor.routing(tag, kind, station, body.reason(), hand(who)));
    }

    @PostMapping("/{tag}/hold")
    JobView hold(@PathVariable String tag, @RequestBody HoldBody body, Authentication who) {
        return JobViews.of(floor.hold(
                tag,
                Optional.of(new JobRow.Waiting(body.what() == null ? "" : body.what(), body.reason())),
                hand(who)));
    }

    @PostMapping("/{tag}/resume")
    JobView resume(@PathVariable String tag, Authentication who) {
        return JobViews.of(floor.hold(tag, Optional.empty(), hand(who)));
    }

    @PostMapping("/{tag}/leave")
    JobView leave(@PathVariable String tag, @RequestBody LeaveBody body, Authentication who) {
        People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN);
        return JobViews.of(floor.leave(
                tag, body.how() == null ? "" : body.how(), Boolean.TRUE.equals(body.readyForService()), hand(who)));
    }

    @PostMapping("/{tag}/come-back")
    JobView comeBack(@PathVariable String tag, Authentication who) {
        People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN);
        return JobViews.of(floor.comeBack(tag, hand(who)));
    }

    private static ChangeContext hand(Authentication who) {
        return ChangeContext.of(People.of(who));
    }
}
