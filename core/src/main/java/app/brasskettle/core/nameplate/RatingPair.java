package app.brasskettle.core.nameplate;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.worksheet.Problems;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Figures that stand in pairs on a plate, "230/400 V, 26.1/15.1 A", as two ratings. The rating of the higher voltage is the first, since
 * insulation is proved for it; where one voltage stands there, the first of each pair is.
 *
 * @param first by field of the plate, the text for the first rating; fields with one value are not in it
 * @param further by field of a rating, the text for the other one, whole
 */
public record RatingPair(Map<String, String> first, Map<String, String> further) {

    private static final String VOLTAGE = "ratedVoltageV";
    private static final List<String> FIELDS =
            List.of("ratedPowerW", VOLTAGE, "ratedCurrentA", "ratedSpeedRpm", "frequencyHz");

    public RatingPair {
        first = Map.copyOf(first);
        further = Map.copyOf(further);
    }

    /**
     * Reads the pairs of a plate as it is typed.
     *
     * @param typed by field
     * @return empty where nothing stands in pairs, or a field names more than two values
     */
    public static Optional<RatingPair> of(Map<String, ?> typed) {
        Map<String, List<String>> named = new LinkedHashMap<>();
        for (String field : FIELDS) {
            String text = typed.get(field) instanceof String s ? s : "";
            List<String> values = Quantity.sideBySide(text);
            named.put(field, values.isEmpty() ? List.of(text) : values);
        }
        boolean paired = named.values().stream().anyMatch(v -> v.size() == 2);
        if (!paired || named.values().stream().anyMatch(v -> v.size() > 2)) {
            return Optional.empty();
        }
        int higher = higher(named.get(VOLTAGE));
        Map<String, String> first = new LinkedHashMap<>();
        Map<String, String> further = new LinkedHashMap<>();
        named.forEach((field, values) -> {
            if (values.size() == 2) {
                first.put(field, values.get(higher));
            }
            further.put(field, values.get(values.size() == 2 ? 1 - higher : 0));
        });
        return Optional.of(new RatingPair(first, further));
    }

    private static int higher(List<String> volts) {
        return volts.size() == 2 && volts(volts.get(1)) > volts(volts.get(0)) ? 1 : 0;
    }

    private static double volts(String text) {
        return Quantity.parse(VOLTAGE, text, Dimension.VOLTAGE, new Problems())
                .map(Quantity::value)
                .orElse(0.0);
    }
}
