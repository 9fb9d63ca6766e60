package app.brasskettle.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.design.MadeUpWindings.MadeUp;
import app.brasskettle.core.design.RatingEstimate.Candidate;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.winding.WindingWorksheet;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.worksheet.RecordReader;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MadeUpWindingsTest {

    private static WindingTake take(WindingData w, boolean connectionKnown, boolean wireMeasured) {
        Map<String, Object> tree = new HashMap<>();
        tree.put("slots", BigDecimal.valueOf(w.slots()));
        tree.put("poles", BigDecimal.valueOf(w.poles()));
        tree.put("turnsPerCoil", BigDecimal.valueOf(w.turnsPerCoil()));
        tree.put("spanSlots", BigDecimal.valueOf(w.spanSlots()));
        tree.put("parallelCircuits", BigDecimal.valueOf(w.parallelCircuits()));
        tree.put("boreDiameterM", BigDecimal.valueOf(w.boreDiameterM()));
        tree.put("coreLengthM", BigDecimal.valueOf(w.coreLengthM()));
        tree.put("toothWidthM", BigDecimal.valueOf(w.toothWidthM()));
        tree.put("backIronDepthM", BigDecimal.valueOf(w.backIronDepthM()));
        if (connectionKnown) {
            tree.put("connection", w.connection().code());
        }
        if (wireMeasured) {
            tree.put(
                    "strands",
                    w.strands().stream()
                            .map(s -> Map.of(
                                    "count",
                                    BigDecimal.valueOf(s.count()),
                                    "bareDiameterMm",
                                    BigDecimal.valueOf(s.bareDiameterMm()),
                                    "insulatedDiameterMm",
                                    BigDecimal.valueOf(s.insulatedDiameterMm())))
                            .toList());
        }
        return RecordReader.read(WindingTake.class, tree);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 1860})
    void everyWindingMadeUpIsSound(long seed) {
        List<MadeUp> all = MadeUpWindings.of(300, seed);
        assertThat(all)
                .hasSize(300)
                .isEqualTo(MadeUpWindings.of(300, seed))
                .allSatisfy(m -> assertThat(WindingWorksheet.create(WindingLimits.standard())
                                .work()
                                .apply(m.winding())
                                .judgement()
                                .verdict())
                        .isEqualTo(Verdict.HOLDS));
    }

    /**
     * What a motor was made for is among what its winding is held to be for. The windings are made by the rules that the estimate
     * goes back by: this proves the way back, not how far real designs spread.
     */
    @Test
    void theRatingIsFoundAgainWithoutThePlate() {
        int power = 0;
        for (MadeUp m : MadeUpWindings.of(300, 5)) {
            WindingData w = m.winding();
            List<Candidate> candidates = RatingEstimate.of(take(w, true, true)).candidates();
            assertThat(candidates).hasSize(2).anySatisfy(c -> {
                assertThat(c.frequencyHz()).isEqualTo(w.frequencyHz());
                assertThat(w.ratedVoltageV()).isBetween(c.lowV(), c.highV());
                assertThat(c.synchronousRpm()).isEqualTo(120 * w.frequencyHz() / w.poles());
            });
            Candidate right = candidates.stream()
                    .filter(c -> c.frequencyHz() == w.frequencyHz())
                    .findFirst()
                    .orElseThrow();
            power += m.ratedPowerW() >= right.lowPowerW() && m.ratedPowerW() <= right.highPowerW() ? 1 : 0;
        }
        assertThat(power).isGreaterThanOrEqualTo(285);
    }

    @Test
    void whatIsNotMeasuredIsTheNextMeasurement() {
        WindingData w = MadeUpWindings.of(1, 9).get(0).winding();
        RatingEstimate unknown = RatingEstimate.of(take(w, false, true));
        assertThat(unknown.candidates())
                .hasSize(3)
                .extracting(Candidate::connection)
                .contains(WindingConnection.WYE, WindingConnection.DELTA);
        assertThat(unknown.next()).contains("wye or delta");
        assertThat(RatingEstimate.of(take(w, true, false)).next()).startsWith("Measure the wire");
        RatingEstimate nothing = RatingEstimate.of(RecordReader.read(WindingTake.class, Map.of()));
        assertThat(nothing.candidates()).isEmpty();
        assertThat(nothing.missing()).startsWith("slots").contains("bore").hasSize(7);
    }

    /** 400 V at 50 Hz and 480 V at 60 Hz make the same flux: no winding tells them apart, and the estimate says so. */
    @Test
    void whatAWindingCannotTellIsAsked() {
        WindingData w = MadeUpWindings.of(300, 9).stream()
                .map(MadeUp::winding)
                .filter(m -> m.ratedVoltageV() == 400)
                .findFirst()
                .orElseThrow();
        RatingEstimate e = RatingEstimate.of(take(w, true, true));
        Candidate first = e.candidates().get(0);
        Candidate second = e.candidates().get(1);
        assertThat(second.sharePercent() / first.sharePercent()).isGreaterThan(0.6);
        assertThat(e.next()).contains("cannot tell").contains("50 Hz").contains("60 Hz");
        assertThat(first.sharePercent() + second.sharePercent()).isBetween(99.999, 100.001);
    }
}
