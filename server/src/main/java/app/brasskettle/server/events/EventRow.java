package app.brasskettle.server.events;

import app.brasskettle.server.clock.JobClock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;

/** An event as stored. */
public record EventRow(EventKind kind, Map<String, Object> detail, boolean imported, String by, OffsetDateTime at) {

    public String text(String name) {
        Object value = detail.get(name);
        return value == null ? "" : value.toString();
    }

    /** A list of texts; none where the event has no such list. */
    public List<String> texts(String name) {
        return detail.get(name) instanceof List<?> list
                ? list.stream().map(String::valueOf).toList()
                : List.of();
    }

    public double figure(String name) {
        return detail.get(name) instanceof Number n ? n.doubleValue() : 0;
    }

    public double epochSeconds() {
        return JobClock.seconds(at);
    }
}
