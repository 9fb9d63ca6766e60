package app.brasskettle.core.pricing;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.ShippedTable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A list of prices: new motors by power, poles and class, bearings by designation.
 *
 * @param motors new motors
 * @param bearings bearings
 */
public record PriceList(List<Motor> motors, List<BearingPrice> bearings) {

    /** Most lines of a list. */
    public static final int MOST_LINES = 20_000;

    private static final int MOST_TOLD = 100;
    private static final double MOST_PRICE = 1e9;
    private static final double SAME_POWER = 0.05;
    private static final PriceList SHIPPED = of(ShippedTable.rows(PriceList.class, "prices.csv"));
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .get();
    private static final List<String> COLUMNS =
            List.of("kind", "designation", "powerKw", "poles", "class", "efficiencyPercent", "shaftHeightMm", "price");
    private static final String CURRENCY = "currency";

    /**
     * A new motor.
     *
     * @param powerW rated power
     * @param poles number of poles
     * @param efficiencyClass its class, IE3 (IEC 60034-30-1)
     * @param efficiencyPercent its efficiency
     * @param shaftHeightMm its shaft height
     * @param price what it costs
     */
    public record Motor(
            double powerW,
            int poles,
            String efficiencyClass,
            double efficiencyPercent,
            double shaftHeightMm,
            double price) {}

    /** A bearing and what it costs. */
    public record BearingPrice(String designation, double price) {}

    public PriceList {
        motors = List.copyOf(motors);
        bearings = List.copyOf(bearings);
    }

    /** The example that ships with the product, in no currency at all. */
    public static PriceList shipped() {
        return SHIPPED;
    }

    /**
     * Reads a list from its table (RFC 4180, comma, the columns of the shipped one and perhaps {@code currency}); it is taken whole or
     * not at all.
     *
     * @param csv the table
     * @param currency the shop's currency, which a column {@code currency} must name
     * @throws InvalidInputException with what is wrong by line, a hundred at most
     */
    public static PriceList read(String csv, Optional<String> currency) {
        List<CSVRecord> rows;
        Problems problems = new Problems();
        try (CSVParser parser = CSVParser.parse(csv, FORMAT)) {
            for (String column : COLUMNS) {
                if (!parser.getHeaderNames().contains(column)) {
                    problems.add(column, Problem.Code.MISSING, "column " + column + " is missing");
                }
            }
            problems.throwIfAny();
            rows = parser.getRecords();
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            if (unreadable instanceof InvalidInputException refused) {
                throw refused;
            }
            throw new InvalidInputException(List.of(
                    new Problem("", Problem.Code.SYNTAX, "This is no table with commas: " + unreadable.getMessage())));
        }
        if (rows.isEmpty() || rows.size() > MOST_LINES) {
            problems.add(
                    "",
                    Problem.Code.COUNT,
                    "The list has " + rows.size() + " lines; 1 to " + MOST_LINES + " are needed");
        }
        for (CSVRecord row : rows) {
            if (problems.all().size() >= MOST_TOLD) {
                break;
            }
            check(row, currency, problems);
        }
        problems.throwIfAny();
        return of(rows);
    }

    /** The list in a table that {@link #read} took once. */
    public static PriceList stored(String csv) {
        try (CSVParser parser = CSVParser.parse(csv, FORMAT)) {
            return of(parser.getRecords());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The list as a table that {@link #read} takes. */
    public String csv() {
        StringBuilder out = new StringBuilder(String.join(",", COLUMNS)).append("\n");
        for (Motor m : motors) {
            out.append("motor,,")
                    .append(plain(m.powerW() / 1000))
                    .append(',')
                    .append(m.poles())
                    .append(',')
                    .append(m.efficiencyClass())
                    .append(',')
                    .append(plain(m.efficiencyPercent()))
                    .append(',')
                    .append(plain(m.shaftHeightMm()))
                    .append(',')
                    .append(plain(m.price()))
                    .append('\n');
        }
        for (BearingPrice b : bearings) {
            out.append("bearing,")
                    .append(b.designation())
                    .append(",,,,,,")
                    .append(plain(b.price()))
                    .append('\n');
        }
        return out.toString();
    }

    private static String plain(double figure) {
        return BigDecimal.valueOf(figure).stripTrailingZeros().toPlainString();
    }

    private static void check(CSVRecord row, Optional<String> currency, Problems problems) {
        String line = "line " + (row.getRecordNumber() + 1);
        if (!row.isConsistent()) {
            problems.add(line, Problem.Code.COUNT, line + " has " + row.size() + " cells, not as many as the header");
            return;
        }
        if (row.isMapped(CURRENCY) && currency.filter(row.get(CURRENCY)::equals).isEmpty()) {
            problems.add(
                    line + " currency",
                    Problem.Code.CONTRADICTION,
                    line + " is in “" + row.get(CURRENCY) + "”; this shop reckons in "
                            + currency.map(c -> "“" + c + "”").orElse("no named currency"));
        }
        figure(row, line, "price", MOST_PRICE, problems);
        switch (row.get("kind")) {
            case "motor" -> {
                figure(row, line, "powerKw", 1e5, problems);
                figure(row, line, "shaftHeightMm", 2000, problems);
                figure(row, line, "efficiencyPercent", 100, problems);
                if (!row.get("poles").matches("[1-9]\\d?") || Integer.parseInt(row.get("poles")) % 2 != 0) {
                    problems.add(
                            line + " poles",
                            Problem.Code.RANGE,
                            line + ": poles is “" + row.get("poles") + "”; 2, 4, 6 and so on");
                }
                problems.name(line + " class", row.get("class"));
            }
            case "bearing" -> problems.name(line + " designation", row.get("designation"));
            default ->
                problems.add(
                        line + " kind",
                        Problem.Code.WORD,
                        line + ": kind is “" + row.get("kind") + "”; motor or bearing");
        }
    }

    private static void figure(CSVRecord row, String line, String column, double most, Problems problems) {
        String text = row.get(column);
        if (!text.matches("-?\\d{1,12}(\\.\\d{1,6})?")) {
            problems.add(
                    line + " " + column,
                    Problem.Code.SYNTAX,
                    line + ": " + column + " is “" + text + "”; a figure such as 1250.50 is wanted");
            return;
        }
        problems.aboveTo(line + " " + column, new BigDecimal(text).doubleValue(), 0, most, "");
    }

    private static PriceList of(List<CSVRecord> rows) {
        List<Motor> motors = new ArrayList<>();
        List<BearingPrice> bearings = new ArrayList<>();
        for (CSVRecord row : rows) {
            double price = Double.parseDouble(row.get("price"));
            if (row.get("kind").equals("motor")) {
                motors.add(new Motor(
                        1000 * Double.parseDouble(row.get("powerKw")),
                        Integer.parseInt(row.get("poles")),
                        row.get("class"),
                        Double.parseDouble(row.get("efficiencyPercent")),
                        Double.parseDouble(row.get("shaftHeightMm")),
                        price));
            } else {
                bearings.add(new BearingPrice(row.get("designation"), price));
            }
        }
        return new PriceList(motors, bearings);
    }

    /** New motors of those poles that give at least that power, the smallest of each class, least efficient first. */
    List<Motor> replacing(double powerW, int poles) {
        Set<String> classes = new HashSet<>();
        return motors.stream()
                .filter(m -> m.poles() == poles && m.powerW() >= powerW * (1 - SAME_POWER))
                .sorted(Comparator.comparingDouble(Motor::powerW).thenComparingDouble(Motor::price))
                .filter(m -> classes.add(m.efficiencyClass()))
                .sorted(Comparator.comparingDouble(Motor::efficiencyPercent))
                .toList();
    }

    /** Price of a bearing; what follows the designation proper, as C3 or 2RS, is priced like the plain one where not listed. */
    Optional<Double> bearing(String designation) {
        String asked = key(designation);
        return bearings.stream()
                .filter(b -> asked.startsWith(key(b.designation())))
                .max(Comparator.comparingInt(b -> key(b.designation()).length()))
                .map(BearingPrice::price);
    }

    private static String key(String designation) {
        return designation.toUpperCase(Locale.ROOT).replaceAll("[ /-]", "");
    }
}
