package app.brasskettle.core.charts;

import app.brasskettle.core.airgap.AirGap;
import app.brasskettle.core.balance.BalanceReadings;
import app.brasskettle.core.rotor.RotorProof;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.withstand.StepVoltageReadings;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Readings of a test as lines, where people would look rather than read.
 *
 * @param label what the chart shows
 * @param x unit of the horizontal axis
 * @param y unit of the vertical axis
 * @param series the lines
 * @param limit a limit across all of them
 */
public record TestLines(String label, String x, String y, List<Line> series, Optional<Double> limit) {

    /** A line and its points. */
    public record Line(String name, List<Point> points) {}

    /** A point in the units of the axes. */
    public record Point(double x, double y) {}

    /**
     * Draws the lines of a test.
     *
     * @param input its readings
     * @param result what was computed of them
     * @return the lines; empty where a chart says no more than the table
     */
    public static Optional<TestLines> of(Record input, Object result) {
        return drawn(input, result)
                .filter(l -> l.series().stream().anyMatch(s -> s.points().size() > 1));
    }

    private static Optional<TestLines> drawn(Record input, Object result) {
        if (input instanceof StepVoltageReadings t) {
            return lines(
                    "Leakage over rising voltage; a straight line through zero is sound",
                    "V",
                    "µA",
                    line("leakage", t.steps(), StepVoltageReadings.Rise::voltageV, StepVoltageReadings.Rise::microamp));
        }
        if (input instanceof BalanceReadings t) {
            return lines(
                    "Inductance of the three phases over the shaft’s position",
                    "°",
                    "mH",
                    phase("phase A", t, p -> p.inductanceMh().a()),
                    phase("phase B", t, p -> p.inductanceMh().b()),
                    phase("phase C", t, p -> p.inductanceMh().c()));
        }
        if (input instanceof RunWatch t) {
            return lines(
                    "Bearing temperatures over the watch",
                    "min",
                    "°C",
                    line("drive end", t.readings(), RunWatch.Reading::minute, RunWatch.Reading::driveEndTemperatureC),
                    line(
                            "non-drive end",
                            t.readings(),
                            RunWatch.Reading::minute,
                            RunWatch.Reading::nonDriveEndTemperatureC));
        }
        if (input instanceof RotorProof t) {
            return t.turnCurrentsA().flatMap(c -> lines("Current over a turn of the shaft", "step", "A", counted(c)));
        }
        if (result instanceof SurgeRiseResult r) {
            return Optional.of(new TestLines(
                    "Each pulse against the one before, over its voltage",
                    "V",
                    "%",
                    Arrays.stream(SurgeRise.Lead.values())
                            .map(lead -> line(
                                    "lead " + lead.name().toUpperCase(Locale.ROOT),
                                    r.pairs().stream()
                                            .filter(p -> p.lead() == lead)
                                            .toList(),
                                    SurgeRiseResult.Rung::toV,
                                    SurgeRiseResult.Rung::differencePercent))
                            .toList(),
                    Optional.of(r.limitPercent())));
        }
        return Optional.empty();
    }

    /** Lists the gaps of an air-gap test in millimetres, for its ring; empty for any other test. */
    public static List<Double> gapsMm(Record input) {
        return input instanceof AirGap gap ? gap.gapsMm() : List.of();
    }

    private static Optional<TestLines> lines(String label, String x, String y, Line... series) {
        return Optional.of(new TestLines(label, x, y, List.of(series), Optional.empty()));
    }

    private static Line phase(
            String name, BalanceReadings test, ToDoubleFunction<BalanceReadings.Position> inductance) {
        return line(name, test.positions(), BalanceReadings.Position::angleDegrees, inductance);
    }

    private static <T> Line line(String name, List<T> rows, ToDoubleFunction<T> x, ToDoubleFunction<T> y) {
        return new Line(
                name,
                rows.stream()
                        .map(r -> new Point(x.applyAsDouble(r), y.applyAsDouble(r)))
                        .toList());
    }

    private static Line counted(List<Double> values) {
        return new Line(
                "current",
                IntStream.range(0, values.size())
                        .mapToObj(i -> new Point(i, values.get(i)))
                        .toList());
    }
}
