package app.brasskettle.server.calendars;

import app.brasskettle.server.planning.ToldPlan;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Method;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** The plan as iCalendar (RFC 5545): an event for each stretch of work of a person, or for each time a place is taken. */
final class PlanCalendar {

    private PlanCalendar() {}

    /**
     * A calendar.
     *
     * @param tasks of the plan people were told
     */
    static String of(FeedKind kind, String name, String shop, List<ToldPlan.Task> tasks, Instant stamp) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//" + shop + "//plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new Method("PUBLISH"));
        for (ToldPlan.Task t : tasks) {
            if (kind == FeedKind.PERSON && t.worker().equals(name)) {
                for (int i = 0; i < t.work().size(); i++) {
                    ToldPlan.Stretch s = t.work().get(i);
                    calendar.add(event(t, t.id() + "-" + (i + 1), s.from(), s.to(), t.place(), stamp));
                }
            } else if (kind == FeedKind.PLACE
                    && t.place().equals(name)
                    && t.from().isBefore(t.to())) {
                calendar.add(event(t, t.id(), t.from(), t.to(), t.worker(), stamp));
            }
        }
        return calendar.toString();
    }

    private static VEvent event(
            ToldPlan.Task t, String uid, OffsetDateTime from, OffsetDateTime to, String where, Instant stamp) {
        VEvent event = new VEvent(from.toInstant(), to.toInstant(), t.job() + " " + t.name());
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(stamp));
        event.add(new Uid(uid.replace('/', '-') + "@brass-kettle"));
        event.add(new Location(where));
        event.add(new Description(t.words()));
        return event;
    }
}
