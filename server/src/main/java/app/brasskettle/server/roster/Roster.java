package app.brasskettle.server.roster;

import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;

/**
 * Who works when, what each has learnt, and the places of the shop, as it is typed and kept.
 *
 * @param people who works here
 * @param places where work is done
 * @param closed days on which nobody works
 * @param away who is away when
 */
public record Roster(List<Member> people, List<ShopPlace> places, List<Closed> closed, List<Absence> away) {

    private static final int MOST_PEOPLE = 200;
    private static final int MOST_DAYS = 400;
    private static final int MOST_AT_A_TIME = 100;
    private static final int MOST_NAME = 60;

    /**
     * Somebody who works.
     *
     * @param name as the shop calls them
     * @param skills codes of tasks of the task table this person can do
     * @param hours of a usual week, such as mon-fri 7:00-12:00, 12:45-16:00
     */
    public record Member(String name, List<String> skills, String hours) {

        public Member {
            Problems problems = new Problems();
            named(problems, "name", name);
            if (problems.size("skills", skills, 0, MOST_AT_A_TIME)) {
                problems.distinct(skills, i -> "skills[" + i + "]");
            }
            if (problems.present("hours", hours)) {
                try {
                    WeekHours.read(hours);
                } catch (IllegalArgumentException wrong) {
                    problems.add("hours", Problem.Code.SYNTAX, "hours: " + wrong.getMessage());
                }
            }
            problems.throwIfAny();
        }
    }

    /**
     * A place.
     *
     * @param name as the shop calls it
     * @param kind what it is
     * @param capacity motors at a time
     */
    public record ShopPlace(String name, PlaceKind kind, int capacity) {

        public ShopPlace {
            Problems problems = new Problems();
            named(problems, "name", name);
            boolean kinded = problems.present("kind", kind);
            if (problems.whole("capacity", capacity, 1, MOST_AT_A_TIME, "motors")
                    && kinded
                    && capacity > 1
                    && !kind.batches()
                    && kind != PlaceKind.OUTSIDE) {
                problems.add(
                        "capacity",
                        Problem.Code.CONTRADICTION,
                        "capacity is " + capacity
                                + "; only ovens and work outside hold more than one motor: give each its name");
            }
            problems.throwIfAny();
        }
    }

    /** A day on which the shop is closed (ISO 8601), and why. */
    public record Closed(String day, String why) {

        public Closed {
            Problems problems = new Problems();
            date(problems, "day", day);
            named(problems, "why", why);
            problems.throwIfAny();
        }
    }

    /** Somebody away from one day to another (ISO 8601), both of them away, and why where it is said. */
    public record Absence(String name, String from, String to, Optional<String> why) {

        public Absence {
            why = Problems.orEmpty(why);
            Problems problems = new Problems();
            named(problems, "name", name);
            boolean dates = date(problems, "from", from) & date(problems, "to", to);
            if (dates && LocalDate.parse(to).isBefore(LocalDate.parse(from))) {
                problems.add("to", Problem.Code.CONTRADICTION, "to is " + to + ", before " + from);
            }
            problems.throwIfAny();
        }

        boolean on(LocalDate day) {
            return !day.isBefore(LocalDate.parse(from)) && !day.isAfter(LocalDate.parse(to));
        }
    }

    public Roster {
        Problems problems = new Problems();
        boolean people1 = problems.size("people", people, 0, MOST_PEOPLE);
        if (people1) {
            problems.distinct(people.stream().map(Member::name).toList(), i -> "people[" + i + "].name");
        }
        if (problems.size("places", places, 0, MOST_PEOPLE)) {
            problems.distinct(places.stream().map(ShopPlace::name).toList(), i -> "places[" + i + "].name");
        }
        problems.size("closed", closed, 0, MOST_DAYS);
        if (problems.size("away", away, 0, MOST_DAYS) && people1 && problems.clear("people")) {
            for (int i = 0; i < away.size(); i++) {
                String name = away.get(i).name();
                if (people.stream().noneMatch(p -> p.name().equals(name))) {
                    problems.add(
                            "away[" + i + "].name",
                            Problem.Code.WORD,
                            "away[" + i + "].name is " + name + ", who is not in the list");
                }
            }
        }
        problems.throwIfAny();
        people = List.copyOf(people);
        places = List.copyOf(places);
        closed = List.copyOf(closed);
        away = List.copyOf(away);
    }

    /** A shop that told nobody and nothing. */
    public static Roster empty() {
        return new Roster(List.of(), List.of(), List.of(), List.of());
    }

    private static void named(Problems problems, String field, String value) {
        if (problems.name(field, value) && value.strip().length() > MOST_NAME) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + MOST_NAME + " characters");
        }
    }

    private static boolean date(Problems problems, String field, String value) {
        try {
            LocalDate.parse(value == null ? "" : value);
            return true;
        } catch (DateTimeParseException wrong) {
            problems.add(field, Problem.Code.SYNTAX, field + " is no date such as 2027-03-31");
            return false;
        }
    }
}
