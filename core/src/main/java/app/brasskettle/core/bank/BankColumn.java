package app.brasskettle.core.bank;

import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The columns of a bank as a table, each with how it is written and read: a row a column, the header derives from them. */
enum BankColumn {
    KEY("key", Kind.WORDS, BankRecord::key),
    MAKER("maker", Kind.WORDS, r -> r.maker().orElse("")),
    MODEL("model", Kind.WORDS, r -> r.model().orElse("")),
    POWER(
            "ratedPowerW",
            Kind.FIGURE,
            r -> r.ratedPowerW().map(BankColumn::plain).orElse("")),
    SLOTS("winding.slots", Kind.FIGURE, w(w -> String.valueOf(w.slots()))),
    POLES("winding.poles", Kind.FIGURE, w(w -> String.valueOf(w.poles()))),
    TURNS("winding.turnsPerCoil", Kind.FIGURE, w(w -> String.valueOf(w.turnsPerCoil()))),
    SPAN("winding.spanSlots", Kind.FIGURE, w(w -> String.valueOf(w.spanSlots()))),
    CIRCUITS("winding.parallelCircuits", Kind.FIGURE, w(w -> String.valueOf(w.parallelCircuits()))),
    CONNECTION("winding.connection", Kind.WORDS, w(w -> w.connection().code())),
    WIRES("winding.strands", Kind.WIRES, w(BankColumn::wires)),
    GROUPS("winding.groupPattern", Kind.COUNTS, w(BankColumn::groups)),
    MEAN_TURN("winding.meanTurnLengthM", Kind.FIGURE, w(w -> plain(w.meanTurnLengthM()))),
    BORE("winding.boreDiameterM", Kind.FIGURE, w(w -> plain(w.boreDiameterM()))),
    LENGTH("winding.coreLengthM", Kind.FIGURE, w(w -> plain(w.coreLengthM()))),
    STACKING("winding.stackingFactor", Kind.FIGURE, w(w -> plain(w.stackingFactor()))),
    TOOTH("winding.toothWidthM", Kind.FIGURE, w(w -> plain(w.toothWidthM()))),
    BACK_IRON("winding.backIronDepthM", Kind.FIGURE, w(w -> plain(w.backIronDepthM()))),
    SLOT_AREA("winding.slotAreaMm2", Kind.FIGURE, w(w -> plain(w.slotAreaMm2()))),
    VOLTAGE("winding.ratedVoltageV", Kind.FIGURE, w(w -> plain(w.ratedVoltageV()))),
    FREQUENCY("winding.frequencyHz", Kind.FIGURE, w(w -> plain(w.frequencyHz()))),
    CURRENT("winding.ratedCurrentA", Kind.FIGURE, w(w -> plain(w.ratedCurrentA()))),
    TAKEN_BY("takenBy", Kind.WORDS, BankRecord::takenBy),
    TAKEN_ON("takenOn", Kind.WORDS, BankRecord::takenOn),
    REWOUND("rewound", Kind.FIGURE, r -> String.valueOf(r.rewound())),
    PROVED("proved", Kind.FIGURE, r -> String.valueOf(r.proved())),
    CHANGED("changed", Kind.WORDS, r -> r.changed().orElse(""));

    /** How a cell is read. */
    private enum Kind {
        WORDS,
        FIGURE,
        WIRES,
        COUNTS
    }

    private static final Pattern FIGURE = Pattern.compile("-?\\d{1,12}(?:\\.\\d{1,20})?");
    private static final Pattern WIRE =
            Pattern.compile("(\\d{1,2})x(\\d{1,2}(?:\\.\\d{1,6})?)/(\\d{1,2}(?:\\.\\d{1,6})?)");
    private static final String PART = "winding.";

    private final String header;
    private final Kind kind;
    private final Function<BankRecord, String> written;

    BankColumn(String header, Kind kind, Function<BankRecord, String> written) {
        this.header = header;
        this.kind = kind;
        this.written = written;
    }

    private static Function<BankRecord, String> w(Function<WindingData, String> of) {
        return r -> of.apply(r.winding());
    }

    String header() {
        return header;
    }

    String write(BankRecord record) {
        return written.apply(record);
    }

    /** Puts a cell into the tree that the record is read from; blank cells are absent. */
    void read(String cell, Map<String, Object> tree, Problems problems) {
        String text = cell.strip();
        if (text.isEmpty()) {
            return;
        }
        switch (kind) {
            case WORDS -> put(tree, text);
            case FIGURE -> {
                if (FIGURE.matcher(text).matches()) {
                    put(tree, new BigDecimal(text));
                } else {
                    problems.add(header, Problem.Code.SYNTAX, header + " is “" + cut(text) + "”; " + hint(text));
                }
            }
            case WIRES -> wires(text, tree, problems);
            case COUNTS -> counts(text, tree, problems);
        }
    }

    private static String hint(String text) {
        return text.contains(",")
                ? "a table has points, not commas: 0.19"
                : "a table has plain figures in the unit of the header, such as 0.19";
    }

    private void wires(String text, Map<String, Object> tree, Problems problems) {
        List<Map<String, Object>> strands = new ArrayList<>();
        for (String wire : text.split("\\s+")) {
            Matcher m = WIRE.matcher(wire);
            if (!m.matches()) {
                problems.add(
                        header,
                        Problem.Code.SYNTAX,
                        header + " has “" + cut(wire) + "”; write number x bare/over enamel in mm: 4x1.25/1.349");
                return;
            }
            strands.add(Map.of(
                    "count",
                    new BigDecimal(m.group(1)),
                    "bareDiameterMm",
                    new BigDecimal(m.group(2)),
                    "insulatedDiameterMm",
                    new BigDecimal(m.group(3))));
        }
        put(tree, strands);
    }

    private void counts(String text, Map<String, Object> tree, Problems problems) {
        if (!text.matches("\\d{1,3}(\\s+\\d{1,3})*")) {
            problems.add(header, Problem.Code.SYNTAX, header + " is “" + cut(text) + "”; write counts apart: 3 2 3 2");
            return;
        }
        put(tree, Arrays.stream(text.split("\\s+")).map(BigDecimal::new).toList());
    }

    private static String cut(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    private void put(Map<String, Object> tree, Object value) {
        if (!header.startsWith(PART)) {
            tree.put(header, value);
            return;
        }
        @SuppressWarnings("unchecked")
        Map<String, Object> winding =
                (Map<String, Object>) tree.computeIfAbsent("winding", w -> new LinkedHashMap<String, Object>());
        winding.put(header.substring(PART.length()), value);
    }

    private static String wires(WindingData w) {
        return w.strands().stream().map(BankColumn::wire).collect(Collectors.joining(" "));
    }

    private static String wire(Strand s) {
        return s.count() + "x" + plain(s.bareDiameterMm()) + "/" + plain(s.insulatedDiameterMm());
    }

    private static String groups(WindingData w) {
        return w.groupPattern()
                .map(g -> g.stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .orElse("");
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
