package app.brasskettle.core.pricing;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/**
 * A list of prices: new motors by power, poles and class, bearings by designation.
 *
 * @param motors new motors
 * @param bearings bearings
 */
public record PriceList(List<Motor> motors, List<BearingPrice> bearings) {

    private static final double MOST_PRICE = 1e9;
    private static final double SAME_POWER = 0.05;
    private static final PriceList SHIPPED = of(ShippedTable.rows(PriceList.class, "prices.csv"));
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
        return of(PricedTable.read(csv, COLUMNS, (row, problems) -> check(row, currency, problems)));
    }

    /** The list in a table that {@link #read} took once. */
    public static PriceList stored(String csv) {
        return of(PricedTable.stored(csv));
    }

    /** The list as a table that {@link #read} takes. */
    public String csv() {
        StringBuilder out = new StringBuilder(String.join(",", COLUMNS)).append("\n");
        for (Motor m : motors) {
            out.append("motor,,")
                    .append(PricedTable.plain(m.powerW() / 1000))
                    .append(',')
                    .append(m.poles())
                    .append(',')
                    .append(m.efficiencyClass())
                    .append(',')
                    .append(PricedTable.plain(m.efficiencyPercent()))
                    .append(',')
                    .append(PricedTable.plain(m.shaftHeightMm()))
                    .append(',')
                    .append(PricedTable.plain(m.price()))
                    .append('\n');
        }
        for (BearingPrice b : bearings) {
            out.append("bearing,")
                    .append(b.designation())
                    .append(",,,,,,")
                    .append(PricedTable.plain(b.price()))
                    .append('\n');
        }
        return out.toString();
    }

    private static void check(CSVRecord row, Optional<String> currency, Problems problems) {
        String line = PricedTable.line(row);
        if (row.isMapped(CURRENCY) && currency.filter(row.get(CURRENCY)::equals).isEmpty()) {
            problems.add(
                    line + " currency",
                    Problem.Code.CONTRADICTION,
                    line + " is in “" + row.get(CURRENCY) + "”; this shop reckons in "
                            + currency.map(c -> "“" + c + "”").orElse("no named currency"));
        }
        PricedTable.figure(row, "price", MOST_PRICE, problems);
        switch (row.get("kind")) {
            case "motor" -> {
                PricedTable.figure(row, "powerKw", 1e5, problems);
                PricedTable.figure(row, "shaftHeightMm", 2000, problems);
                PricedTable.figure(row, "efficiencyPercent", 100, problems);
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
