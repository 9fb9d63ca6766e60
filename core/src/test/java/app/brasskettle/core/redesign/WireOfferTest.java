package app.brasskettle.core.redesign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.redesign.WireOffer.Candidate;
import app.brasskettle.core.rules.LimitChange;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.wire.Rack;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WireOfferTest {

    private static WireOffer offer(RedesignSheet sheet, Rack rack, Optional<Double> opening, ShopRules rules) {
        RedesignAssessment a =
                RedesignAssessment.of(Optional.of(Windings.thirtyKilowatt()), true, Optional.empty(), sheet, rules);
        return WireOffer.of(a, sheet, rack, opening, rules).orElseThrow();
    }

    private static WireOffer offer(Double volts) {
        return offer(
                Windings.sheet(volts, null, null, null, null, null),
                Windings.rack(500),
                Optional.empty(),
                ShopRules.standard());
    }

    @Test
    void theWireThatCameOutIsTheFirstForTheSameAgain() {
        WireOffer same = offer(null);
        assertThat(same.candidates().get(0).winding().wires()).isEqualTo("4 × 1.25 mm");
        assertThat(same.candidates().get(0).areaErrorPercent()).isCloseTo(0, within(1e-9));
        assertThat(same.judgement().verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** Copper within the tolerance, loss as the copper: P2/P1 = A1·T2·I2²…, which with the torque kept is A1·T1/(A2·T2). */
    @Test
    void everyCandidateIsWhatItSays() {
        for (double volts : List.of(230.0, 400.0, 440.0, 525.0, 690.0)) {
            WireOffer offer = offer(volts);
            assertThat(offer.candidates()).isNotEmpty();
            for (Candidate c : offer.candidates()) {
                assertThat(Math.abs(c.areaErrorPercent())).isLessThanOrEqualTo(3 + 1e-9);
                assertThat(1 + c.changes().copperLossPercent() / 100)
                        .isCloseTo(1 / (1 + c.areaErrorPercent() / 100), within(1e-9));
                double drawn =
                        c.draws().stream().mapToDouble(WireDraw::neededKg).sum();
                assertThat(drawn).isCloseTo(1.05 * c.winding().result().copperMassKg(), within(1e-9));
                assertThat(c.price().orElseThrow()).isCloseTo(16 * c.changes().copperKg(), within(1e-9));
            }
        }
    }

    /** What speaks against a combination puts it behind those that nothing speaks against. */
    @Test
    void sizesNearOneAnotherComeFirst() {
        for (double volts : List.of(230.0, 400.0, 690.0)) {
            List<Boolean> clean = offer(volts).candidates().stream()
                    .map(c -> c.notes().isEmpty())
                    .toList();
            assertThat(clean).isSortedAccordingTo((a, b) -> Boolean.compare(b, a));
            assertThat(clean.get(0)).isTrue();
        }
    }

    @Test
    void thickWireNarrowSlotsAndAnEmptyRackAreSaid() {
        ShopRules thin =
                new ShopRules(Map.of(), List.of(new LimitChange(ShopLimit.WIRE_THICKEST_MM, 0.5, "winders’ wrists")));
        assertThat(heads(offer(Windings.sameAgain(), Windings.rack(500), Optional.empty(), thin)))
                .contains("Wire of 1.25 mm, over 0.5 mm that is wound in by hand");
        assertThat(heads(offer(Windings.sameAgain(), Windings.rack(500), Optional.of(1.3), ShopRules.standard())))
                .contains("Wire of 1.349 mm over enamel through a slot opening of 1.3 mm");
        WireOffer little = offer(Windings.sameAgain(), Windings.rack(1), Optional.empty(), ShopRules.standard());
        assertThat(little.judgement().next()).startsWith("Order ");
        assertThat(little.candidates().get(0).draws())
                .anySatisfy(d -> assertThat(d.orderKg()).isCloseTo(d.neededKg() - 1, within(1e-9)));
        WireOffer nothing = offer(Windings.sameAgain(), Rack.of(List.of()), Optional.empty(), ShopRules.standard());
        assertThat(nothing.candidates()).isEmpty();
        assertThat(nothing.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    private static List<String> heads(WireOffer offer) {
        return offer.candidates().stream()
                .flatMap(c -> c.notes().stream())
                .map(Judgement::headline)
                .toList();
    }

    /** More copper goes up to the fill that is watched and not beyond, and takes loss away. */
    @Test
    void moreCopperStaysWithinTheFill() {
        Candidate better = offer((Double) null).better().orElseThrow();
        Candidate first = offer((Double) null).candidates().get(0);
        assertThat(better.winding().result().slotFillPercent())
                .isLessThanOrEqualTo(75)
                .isGreaterThan(first.winding().result().slotFillPercent());
        assertThat(better.changes().copperLossPercent()).isLessThan(-2);
        assertThat(better.notes()).isEmpty();
    }
}
