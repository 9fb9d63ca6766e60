package app.brasskettle.server.roster;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Hours of a usual week as they are typed: {@code mon-fri 7:00-12:00, 12:45-16:00; sat 8:00-12:00}.
 *
 * @param byDay stretches of each day, in order
 */
record WeekHours(Map<DayOfWeek, List<Stretch>> byDay) {

    /** From a time of the day to another, the same day. */
    record Stretch(LocalTime from, LocalTime to) {}

    private static final Pattern PART = Pattern.compile("([a-z]{3})(?:-([a-z]{3}))? (.+)");
    private static final Pattern STRETCH = Pattern.compile("(\\d{1,2}):(\\d{2})-(\\d{1,2}):(\\d{2})");

    /**
     * Reads them; an empty text is nobody's hours.
     *
     * @throws IllegalArgumentException with what is wrong, in a sentence
     */
    static WeekHours read(String text) {
        Map<DayOfWeek, List<Stretch>> all = new EnumMap<>(DayOfWeek.class);
        for (String part : text.toLowerCase(Locale.ROOT).split(";")) {
            String told = part.strip().replaceAll("\\s+", " ").replaceAll(" ?- ?", "-");
            if (told.isEmpty()) {
                continue;
            }
            Matcher m = PART.matcher(told);
            if (!m.matches()) {
                throw new IllegalArgumentException(
                        "“" + told + "” is no hours such as mon-fri 7:00-12:00, 12:45-16:00");
            }
            int from = day(m.group(1)).getValue();
            int to = m.group(2) == null ? from : day(m.group(2)).getValue();
            if (to < from) {
                throw new IllegalArgumentException("“" + told + "” goes over the end of the week");
            }
            List<Stretch> stretches = new ArrayList<>();
            for (String s : m.group(3).split(",")) {
                stretches.add(stretch(s.strip(), stretches));
            }
            for (int d = from; d <= to; d++) {
                if (all.put(DayOfWeek.of(d), List.copyOf(stretches)) != null) {
                    throw new IllegalArgumentException(word(DayOfWeek.of(d)) + " has its hours twice");
                }
            }
        }
        return new WeekHours(all);
    }

    private static Stretch stretch(String text, List<Stretch> before) {
        Matcher m = STRETCH.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("“" + text + "” is no stretch such as 7:00-12:00");
        }
        LocalTime from = time(m.group(1), m.group(2), text);
        LocalTime to = time(m.group(3), m.group(4), text);
        if (!from.isBefore(to)) {
            throw new IllegalArgumentException("“" + text + "” ends before it begins");
        }
        if (!before.isEmpty() && from.isBefore(before.get(before.size() - 1).to())) {
            throw new IllegalArgumentException("“" + text + "” begins before the stretch before it ends");
        }
        return new Stretch(from, to);
    }

    private static LocalTime time(String hours, String minutes, String text) {
        int h = Integer.parseInt(hours);
        int m = Integer.parseInt(minutes);
        if (h > 23 || m > 59) {
            throw new IllegalArgumentException("“" + text + "” is no time of the day");
        }
        return LocalTime.of(h, m);
    }

    private static DayOfWeek day(String word) {
        return Arrays.stream(DayOfWeek.values())
                .filter(d -> word(d).equals(word))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("“" + word + "” is no day: mon, tue, wed, thu, fri, sat, sun"));
    }

    private static String word(DayOfWeek day) {
        return day.name().substring(0, 3).toLowerCase(Locale.ROOT);
    }

    List<Stretch> on(LocalDate date) {
        return byDay.getOrDefault(date.getDayOfWeek(), List.of());
    }
}
