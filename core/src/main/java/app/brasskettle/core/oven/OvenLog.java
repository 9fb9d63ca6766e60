package app.brasskettle.core.oven;

import app.brasskettle.core.testfile.FileText;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * The file of a temperature logger read as readings of an oven curve.
 *
 * <p>A table with a heading: one column of time (minutes, seconds or hours as the heading says, a clock time, or a date with time)
 * and one of temperature. The temperature's heading must say °C: a figure without its unit may be either, and 340 °C and 340 °F are
 * not the same burnout. Lines above the heading are passed over.
 */
public final class OvenLog {

    private static final int MOST_ROWS = 10_000;
    private static final int MOST_HEAD_LINES = 40;
    private static final int MOST_TOLD = 20;
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,3}):(\\d{2})(?::(\\d{2})(?:[.,]\\d+)?)?");
    private static final Pattern FIGURE = Pattern.compile("[-+]?\\d+(?:[.,]\\d+)?(?:[eE][-+]?\\d+)?");
    private static final Pattern CELSIUS = Pattern.compile("(?i)°\\s*c|deg(?:rees)?\\s*c|celsius|[\\[(_ ]c[\\])]?$");
    private static final Pattern FAHRENHEIT =
            Pattern.compile("(?i)°\\s*f|deg(?:rees)?\\s*f|fahrenheit|[\\[(_ ]f[\\])]?$");
    private static final Pattern TEMPERATURE =
            Pattern.compile("(?i)temp|part|stator|winding|probe|channel|ch\\s*\\d|^t\\d|°");
    private static final Pattern TIME =
            Pattern.compile("(?i)time|minute|^min|second|^sec|^s$|hour|elapsed|date|^t$|^h$");
    private static final Pattern DATED = Pattern.compile(
            "(?:(\\d{4})[-/](\\d{1,2})[-/](\\d{1,2})|(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4}))[T ]+(\\d{1,2}:\\d{2}(?::\\d{2})?)");
    private static final double MINUTES_OF_A_DAY = 1440;

    private final Problems problems = new Problems();

    private OvenLog() {}

    /** Which columns hold what: a time a row, and how many of its figures make a minute. */
    private record Columns(int time, double perMinute, int temperature) {}

    /**
     * Reads a logger's file.
     *
     * @param bytes the file
     * @return its readings, minutes counted from the first
     * @throws InvalidInputException with what cannot be read, by line and column; where it is in °F, or does not say in what
     */
    public static List<OvenReading> read(byte[] bytes) {
        return new OvenLog().readings(FileText.of(bytes));
    }

    private List<OvenReading> readings(String text) {
        List<CSVRecord> lines = lines(text);
        int head = 0;
        Optional<Columns> columns = Optional.empty();
        while (columns.isEmpty() && head < Math.min(lines.size(), MOST_HEAD_LINES)) {
            columns = columns(lines.get(head++));
        }
        if (columns.isEmpty()) {
            problems.add(
                    "",
                    Problem.Code.SYNTAX,
                    "No heading names a time and a temperature in °C, as in “minutes,part °C”. A file in °F, or without"
                            + " its unit, is not read: set the logger to °C");
        }
        problems.throwIfAny();
        List<OvenReading> all = new ArrayList<>();
        for (CSVRecord line : lines.subList(head, lines.size())) {
            row(line, columns.orElseThrow(), all);
        }
        if (all.size() < 2 && problems.count() == 0) {
            problems.add("", Problem.Code.COUNT, "The file has " + all.size() + " readings; two or more are needed");
        }
        fewEnough();
        OvenCurve.rising("readings", all, problems);
        fewEnough();
        double first = all.get(0).minutes();
        return all.stream()
                .map(r -> new OvenReading(r.minutes() - first, r.partC()))
                .toList();
    }

    private void fewEnough() {
        if (problems.count() > 0) {
            throw new InvalidInputException(problems.first(MOST_TOLD));
        }
    }

    private List<CSVRecord> lines(String text) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(text.indexOf('\t') >= 0 ? '\t' : text.indexOf(';') >= 0 ? ';' : ',')
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<CSVRecord> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord line : parser) {
                if (lines.size() > MOST_ROWS + MOST_HEAD_LINES) {
                    problems.add("", Problem.Code.COUNT, "The file has more than " + MOST_ROWS + " readings");
                    break;
                }
                lines.add(line);
            }
        } catch (IOException | UncheckedIOException | IllegalStateException torn) {
            problems.add("", Problem.Code.SYNTAX, "The file breaks off or is torn: " + torn.getMessage());
        }
        problems.throwIfAny();
        return lines;
    }

    /** The columns a heading names; nothing where it is none. A heading in °F is refused at once. */
    private Optional<Columns> columns(CSVRecord heading) {
        int time = -1;
        int temperature = -1;
        for (int i = 0; i < heading.size(); i++) {
            String cell = heading.get(i);
            boolean warm = TEMPERATURE.matcher(cell).find();
            if (warm && FAHRENHEIT.matcher(cell).find()) {
                problems.add(
                        "",
                        Problem.Code.WORD,
                        "Line " + heading.getRecordNumber() + ", column " + (i + 1) + ": “" + cell
                                + "” is in °F. Limits and times here are in °C: set the logger to °C, or type the readings with their"
                                + " unit");
                problems.throwIfAny();
            }
            if (temperature < 0
                    && (warm || cell.contains("°"))
                    && CELSIUS.matcher(cell).find()) {
                temperature = i;
            } else if (time < 0 && !warm && TIME.matcher(cell).find()) {
                time = i;
            }
        }
        return time < 0 || temperature < 0
                ? Optional.empty()
                : Optional.of(new Columns(time, perMinute(heading.get(time)), temperature));
    }

    private static double perMinute(String heading) {
        String h = heading.toLowerCase(Locale.ROOT);
        if (h.contains("sec") || h.equals("s") || h.contains("(s)") || h.contains("[s]")) {
            return 60;
        }
        return h.contains("hour") || h.equals("h") || h.contains("(h)") || h.contains("[h]") ? 1.0 / 60 : 1;
    }

    private void row(CSVRecord line, Columns columns, List<OvenReading> all) {
        long at = line.getRecordNumber();
        if (line.size() <= Math.max(columns.time(), columns.temperature())) {
            problems.add("", Problem.Code.COUNT, "Line " + at + " has " + line.size() + " cells");
            return;
        }
        Optional<Double> minutes = minutes(line.get(columns.time()), columns.perMinute());
        Optional<Double> celsius = figure(line.get(columns.temperature()));
        if (minutes.isEmpty()) {
            blame(at, columns.time(), line, "is no time");
        }
        if (celsius.isEmpty()) {
            blame(at, columns.temperature(), line, "is no temperature; a probe that came off reads nothing");
        }
        if (minutes.isEmpty() || celsius.isEmpty()) {
            return;
        }
        double last = all.isEmpty()
                ? Double.NEGATIVE_INFINITY
                : all.get(all.size() - 1).minutes();
        boolean clock = CLOCK.matcher(line.get(columns.time())).matches();
        // A clock goes round at midnight; a time that runs back by less than half a day does not.
        double now = clock && minutes.get() < last - MINUTES_OF_A_DAY / 2
                ? minutes.get() + MINUTES_OF_A_DAY * Math.ceil((last - minutes.get()) / MINUTES_OF_A_DAY)
                : minutes.get();
        if (celsius.get() < -60 || celsius.get() > 500) {
            blame(at, columns.temperature(), line, "is outside −60 to 500 °C: is the file in °F, or the probe off?");
            return;
        }
        all.add(new OvenReading(now, celsius.get()));
    }

    private void blame(long line, int column, CSVRecord cells, String what) {
        problems.add(
                "",
                Problem.Code.SYNTAX,
                "Line " + line + ", column " + (column + 1) + ": “" + cells.get(column) + "” " + what);
    }

    private static Optional<Double> figure(String cell) {
        return FIGURE.matcher(cell).matches()
                ? Optional.of(Double.parseDouble(cell.replace(',', '.')))
                : Optional.empty();
    }

    private static Optional<Double> minutes(String cell, double perMinute) {
        Matcher clock = CLOCK.matcher(cell);
        if (clock.matches()) {
            double seconds = clock.group(3) == null ? 0 : Double.parseDouble(clock.group(3));
            return Optional.of(
                    60 * Double.parseDouble(clock.group(1)) + Double.parseDouble(clock.group(2)) + seconds / 60);
        }
        Optional<Double> figure = figure(cell);
        if (figure.isPresent()) {
            return figure.map(f -> f / perMinute);
        }
        Matcher dated = DATED.matcher(cell);
        if (!dated.matches()) {
            return Optional.empty();
        }
        int first = dated.group(1) != null ? 1 : 4;
        boolean yearFirst = first == 1;
        long day = day(
                Integer.parseInt(dated.group(yearFirst ? 1 : 6)),
                Integer.parseInt(dated.group(first + 1)),
                Integer.parseInt(dated.group(yearFirst ? 3 : 4)));
        return minutes(dated.group(7), 1).map(m -> m + MINUTES_OF_A_DAY * day);
    }

    /** Days of the Gregorian calendar since a March long ago: months counted from March have lengths that follow a rule. */
    private static long day(int year, int month, int dayOfMonth) {
        int m = (month + 9) % 12;
        int y = year - m / 10;
        return 365L * y + y / 4 - y / 100 + y / 400 + (m * 306 + 5) / 10 + dayOfMonth - 1;
    }
}
