package app.brasskettle.core.rewind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the simulated oven gave says so for ever; what a real one gave in its place does not. */
class SimulatedOvenMarkTest {

    private static final List<Map<String, String>> MODEL = List.of(reading(0, 20), reading(60, 345), reading(120, 346));
    private static final List<Map<String, String>> REAL = List.of(reading(0, 18), reading(60, 341), reading(120, 343));

    private static Map<String, String> reading(int minutes, int celsius) {
        return Map.of("minutes", String.valueOf(minutes), "partC", celsius + " °C");
    }

    private static Record burnout(List<Map<String, String>> readings, boolean simulated) {
        return TypedInput.read(
                        Stripping.class, Map.of("method", "burn-out", "readings", readings, "simulatedOven", simulated))
                .input();
    }

    private static Record bakes(boolean... simulated) {
        List<Map<String, Object>> passes = new ArrayList<>();
        for (boolean s : simulated) {
            passes.add(Map.of("readings", MODEL, "simulatedOven", s));
        }
        return TypedInput.read(Varnishing.class, Map.of("method", "dip", "passes", passes))
                .input();
    }

    @Test
    void itCannotBeTakenOffTheSameReadings() {
        assertThat(Refusals.fields(() -> SheetWork.marked(Optional.of(burnout(MODEL, true)), burnout(MODEL, false))))
                .containsExactly("simulatedOven");
        assertThat(Refusals.fields(() -> SheetWork.marked(Optional.of(bakes(true)), bakes(true, false))))
                .containsExactly("passes[1].simulatedOven");
    }

    /** Whoever is in a hurry leaves a line out, or touches one up. */
    @Test
    void norOffMostOfThem() {
        List<Map<String, String>> fewer = MODEL.subList(0, 2);
        List<Map<String, String>> touched = List.of(MODEL.get(0), MODEL.get(1), reading(120, 347));
        for (List<Map<String, String>> readings : List.of(fewer, touched)) {
            assertThat(Refusals.fields(
                            () -> SheetWork.marked(Optional.of(burnout(MODEL, true)), burnout(readings, false))))
                    .containsExactly("simulatedOven");
        }
    }

    @Test
    void realReadingsTakeItsPlace() {
        assertThatCode(() -> SheetWork.marked(Optional.of(burnout(MODEL, true)), burnout(REAL, false)))
                .doesNotThrowAnyException();
        assertThatCode(() -> SheetWork.marked(Optional.empty(), burnout(MODEL, false)))
                .doesNotThrowAnyException();
    }

    @Test
    void aLongLogIsDrawnThinnedAndNeverWithoutItsPeak() {
        List<Map<String, String>> log = new ArrayList<>();
        for (int minute = 0; minute < 5000; minute++) {
            log.add(reading(minute, minute == 3333 ? 402 : 350));
        }
        RewindRecord record = new RewindRecord(
                Optional.empty(),
                Optional.of(new RewindRecord.Written<>((Stripping) burnout(log, false), "A", 0)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                HandLog.empty(),
                0,
                Optional.empty());
        List<OvenReading> drawn = record.ovens(ShopRules.standard()).get(0).readings();
        assertThat(drawn).hasSizeLessThanOrEqualTo(300).anyMatch(r -> r.partC() == 402);
    }
}
