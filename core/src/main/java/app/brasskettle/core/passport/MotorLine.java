package app.brasskettle.core.passport;

import app.brasskettle.core.nameplate.FieldMark;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateField;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** How a motor is named in lists. */
public final class MotorLine {

    private MotorLine() {}

    /**
     * Writes the motor in one line: power, voltage with connection, current, speeds; estimated figures with "≈".
     *
     * @param plate what is known of it
     * @return empty until its plate was read
     */
    public static String of(Optional<Plate> plate) {
        return plate.map(p -> {
                    List<String> parts = new ArrayList<>();
                    p.ratedPowerW()
                            .ifPresent(w ->
                                    parts.add(about(p, PlateField.RATED_POWER) + Figures.show(w, Dimension.POWER)));
                    p.ratedVoltageV()
                            .ifPresent(v -> parts.add(about(p, PlateField.RATED_VOLTAGE)
                                    + Figures.show(v, Dimension.VOLTAGE)
                                    + joined(p.connection())));
                    p.ratedCurrentA()
                            .ifPresent(a ->
                                    parts.add(about(p, PlateField.RATED_CURRENT) + Figures.show(a, Dimension.CURRENT)));
                    p.ratedSpeedRpm()
                            .ifPresent(n -> parts.add(about(p, PlateField.RATED_SPEED) + speeds(p, n) + " r/min"));
                    return String.join(" · ", parts);
                })
                .orElse("");
    }

    /** The speeds of a motor that has more than one. */
    private static String speeds(Plate plate, double first) {
        List<Double> all = new ArrayList<>(List.of(first));
        plate.further().orElse(List.of()).stream()
                .filter(b -> b.frequencyHz() == plate.frequencyHz())
                .map(RatingBlock::ratedSpeedRpm)
                .filter(n -> all.stream().allMatch(a -> Math.abs(a - n) > 0.1 * a))
                .forEach(all::add);
        return all.stream().map(Figures::plain).collect(Collectors.joining("/"));
    }

    private static String about(Plate plate, PlateField field) {
        return plate.state(field) == FieldMark.State.ESTIMATED ? "≈ " : "";
    }

    private static String joined(Connection connection) {
        return switch (connection) {
            case WYE -> " Y";
            case DELTA -> " Δ";
            case UNKNOWN -> "";
        };
    }
}
