package app.brasskettle.server.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.core.plan.Span;
import app.brasskettle.core.plan.Worker;
import java.time.DayOfWeek;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeekHoursTest {

    @Test
    void hoursAreReadAsPeopleWriteThem() {
        WeekHours week = WeekHours.read("Mon - Thu 7:00-12:00, 12:45-16:00; fri 7:00 - 13:30");
        assertThat(week.byDay().get(DayOfWeek.THURSDAY)).hasSize(2);
        assertThat(week.byDay().get(DayOfWeek.FRIDAY)).hasSize(1);
        assertThat(week.byDay()).doesNotContainKey(DayOfWeek.SATURDAY);
        assertThat(WeekHours.read("").byDay()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "mon 7-12 | no stretch",
                "7:00-12:00 | no hours such as",
                "mun 7:00-12:00 | no day",
                "fri-mon 7:00-12:00 | over the end of the week",
                "mon 12:00-7:00 | ends before it begins",
                "mon 7:00-25:00 | no time of the day",
                "mon 7:00-12:00, 11:00-13:00 | begins before",
                "mon-fri 7:00-12:00; fri 8:00-9:00 | twice"
            })
    void whatIsWrongIsSaid(String text, String said) {
        assertThatThrownBy(() -> WeekHours.read(text)).hasMessageContaining(said);
    }

    private static List<Span> hours(String base, String zone, Roster roster) {
        Worker worker = new WorkingTime(OffsetDateTime.parse(base), ZoneId.of(zone))
                .workers(roster)
                .get(0);
        return worker.hours();
    }

    private static Roster roster(List<Roster.Closed> closed, List<Roster.Absence> away) {
        return new Roster(
                List.of(new Roster.Member("P", List.of("wind"), "mon-fri 7:00-12:00")), List.of(), closed, away);
    }

    /** Friday 27 March 2026, 08:00 in Athens: the rest of the day, then Monday, an hour of clock change between them. */
    @Test
    void summerTimeMovesTheShiftAsItMovesTheClock() {
        List<Span> spans = hours("2026-03-27T06:00:00Z", "Europe/Athens", roster(List.of(), List.of()));
        assertThat(spans.get(0)).isEqualTo(new Span(0, 240));
        assertThat(spans.get(1).from()).isEqualTo((2 * 24 + 23 - 1) * 60);
    }

    @Test
    void nobodyWorksOnAHolidayOrWhileAway() {
        Roster.Closed monday = new Roster.Closed("2026-11-30", "holiday");
        Roster.Absence days = new Roster.Absence("P", "2026-12-01", "2026-12-02", Optional.empty());
        List<Span> spans = hours("2026-11-30T00:00:00Z", "UTC", roster(List.of(monday), List.of(days)));
        assertThat(spans.get(0).from()).isEqualTo(3 * 1440 + 420);
    }
}
