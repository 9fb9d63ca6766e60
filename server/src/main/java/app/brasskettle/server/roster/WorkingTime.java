package app.brasskettle.server.roster;

import app.brasskettle.core.plan.Place;
import app.brasskettle.core.plan.Span;
import app.brasskettle.core.plan.Worker;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Days and hours of the shop as minutes from the moment a plan is asked for, and back.
 *
 * @param base minute 0
 * @param zone time zone of the shop
 */
public record WorkingTime(OffsetDateTime base, ZoneId zone) {

    /** A plan looks so many days ahead; what does not fit is told as not planned. */
    static final int DAYS = 60;

    /** Minute of a moment, whole minutes down. */
    public int minute(OffsetDateTime at) {
        return (int) Math.floorDiv(Duration.between(base, at).getSeconds(), 60);
    }

    /** Moment of a minute. */
    public OffsetDateTime at(int minute) {
        return base.plusMinutes(minute);
    }

    /** People at work from now on, days off and hours past left out. */
    public List<Worker> workers(Roster roster) {
        LocalDate today = base.atZoneSameInstant(zone).toLocalDate();
        List<Worker> workers = new ArrayList<>();
        for (Roster.Member member : roster.people()) {
            WeekHours week = WeekHours.read(member.hours());
            List<Span> hours = new ArrayList<>();
            for (int d = 0; d < DAYS; d++) {
                LocalDate day = today.plusDays(d);
                if (works(roster, member, day)) {
                    week.on(day).forEach(s -> add(hours, day, s));
                }
            }
            workers.add(new Worker(member.name(), Set.copyOf(member.skills()), hours));
        }
        return workers;
    }

    private static boolean works(Roster roster, Roster.Member member, LocalDate day) {
        return roster.closed().stream().noneMatch(c -> LocalDate.parse(c.day()).equals(day))
                && roster.away().stream().noneMatch(a -> a.name().equals(member.name()) && a.on(day));
    }

    private void add(List<Span> hours, LocalDate day, WeekHours.Stretch s) {
        int from = minute(ZonedDateTime.of(day, s.from(), zone).toOffsetDateTime());
        int to = minute(ZonedDateTime.of(day, s.to(), zone).toOffsetDateTime());
        if (to > 0 && to > from) {
            hours.add(new Span(Math.max(0, from), to));
        }
    }

    /** Places as a plan takes them. */
    public static List<Place> places(Roster roster) {
        return roster.places().stream()
                .map(p -> new Place(p.name(), p.kind(), p.capacity()))
                .toList();
    }
}
