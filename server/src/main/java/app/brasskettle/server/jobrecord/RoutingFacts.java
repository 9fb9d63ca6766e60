package app.brasskettle.server.jobrecord;

import app.brasskettle.core.jobs.Routing;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** Where a stored job departs from the usual order. */
final class RoutingFacts {

    private final RecordedJob job;

    RoutingFacts(RecordedJob job) {
        this.job = job;
    }

    /** Skips, a return and holds, as the events and the row tell them. */
    Routing read() {
        Map<Station, String> skipped = new EnumMap<>(Station.class);
        Optional<EventRow> back = Optional.empty();
        for (EventRow e : job.events()) {
            Optional<Station> station = Coded.parse(Station.class, e.text("station"));
            switch (e.kind()) {
                case SKIPPED -> station.ifPresent(s -> skipped.put(s, e.text("reason")));
                case TAKEN_UP -> station.ifPresent(skipped::remove);
                case SENT_BACK -> {
                    station.ifPresent(skipped::remove);
                    // What the record itself sent back stays there until the customer chose again, whatever is written.
                    back = e.text("because").equals(FinishFacts.BECAUSE_OF_CORE) ? back : Optional.of(e);
                }
                default -> {}
            }
        }
        return new Routing(
                skipped,
                back.filter(e -> !doneSince(e))
                        .map(e -> new Routing.Back(
                                Coded.parse(Station.class, e.text("station")).orElseThrow(), e.text("reason"))),
                job.row()
                        .waiting()
                        .map(w -> new Routing.Hold(
                                Coded.parse(Routing.WaitsFor.class, w.what()).orElseThrow(), w.reason())),
                job.row().left().map(JobRow.Left::how));
    }

    /** Whether something was recorded at the station a job was sent back to, since it was. */
    private boolean doneSince(EventRow back) {
        Station to = Coded.parse(Station.class, back.text("station")).orElseThrow();
        boolean written = job.sheets().stream().anyMatch(s -> s.kind().station() == to && s.at().isAfter(back.at()));
        boolean tested = to == Station.BENCH && job.tests().stream().anyMatch(t -> t.at().isAfter(back.at()));
        boolean concluded = to == Station.CAUSE
                && job.last(EventKind.CONCLUDED)
                        .filter(e -> e.at().isAfter(back.at()))
                        .isPresent();
        return written || tested || concluded;
    }
}
