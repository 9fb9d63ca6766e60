package app.brasskettle.core.redesign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.redesign.CoilTicket.Line;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.windingtake.SlotShape;
import app.brasskettle.core.windingtake.SlotShape.SlotBottom;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CoilTicketTest {

    private static final Map<String, Object> TAKE = Map.of(
            "slots",
            "48",
            "poles",
            "4",
            "coreLengthM",
            "200 mm",
            "ducts",
            "2",
            "ductWidthM",
            "10 mm",
            "slot",
            Map.of(
                    "slotDepthM",
                    "26 mm",
                    "topWidthM",
                    "7 mm",
                    "bottomWidthM",
                    "9 mm",
                    "bottom",
                    "round",
                    "openingWidthM",
                    "3 mm"));

    private static CoilTicket ticket(Map<String, Object> more) {
        Map<String, Object> typed = new HashMap<>(TAKE);
        typed.putAll(more);
        WindingData old = Windings.thirtyKilowatt();
        RedesignSheet sheet =
                Windings.sheet(null, null, null, null, null, List.of(new ChosenWire("1.25 mm", 4, 1.25, 1.349)));
        RedesignAssessment a = RedesignAssessment.of(
                Optional.of(old), true, Optional.of(ConnectionScheme.SIX_LEAD), sheet, ShopRules.standard());
        return CoilTicket.of(
                        a,
                        sheet,
                        TypedInput.read(WindingTake.class, typed).input(),
                        Windings.rack(500),
                        ShopRules.standard())
                .orElseThrow();
    }

    private static String figure(List<Line> lines, String what) {
        return lines.stream()
                .filter(l -> l.what().equals(what))
                .map(Line::figure)
                .findFirst()
                .orElseThrow();
    }

    /** Sides and heads of the former add up to the mean turn: 2·240 + 2·150 = 780 mm. */
    @Test
    void theFormerAddsUpToTheMeanTurn() {
        List<Line> former = ticket(Map.of()).former();
        assertThat(figure(former, "Round the former, mean turn")).isEqualTo("780 mm");
        assertThat(figure(former, "Straight side")).isEqualTo("240 mm");
        assertThat(figure(former, "Wire of each head")).isEqualTo("150 mm");
        // π·(190 + 26)·10/48
        assertThat(figure(former, "From side to side")).isEqualTo("141 mm");
    }

    @Test
    void insulationIsCutByTheSlot() {
        CoilTicket t = ticket(Map.of("barriers", "within-groups"));
        assertThat(figure(t.insulation(), "Slot liners")).isEqualTo("48 of 240 mm");
        assertThat(figure(t.insulation(), "Phase barriers")).isEqualTo("96");
        assertThat(figure(ticket(Map.of()).insulation(), "Phase barriers")).isEqualTo("24");
        assertThat(figure(t.coils(), "Span")).isEqualTo("1 to 11");
        // Wye, one lead a line: 56 A at 5 A/mm² are 11.2 mm², and the next cable is 16.
        assertThat(figure(t.leads(), "Leads")).isEqualTo("6 of 16 mm²");
    }

    /** Worked by hand: 26 mm deep, 7 over 9 mm, round: 21.5·8 + π·4.5²/2 = 203.8 mm²; flat: 26·8 = 208 mm². */
    @Test
    void theSlotIsATrapeziumWithItsBottom() {
        assertThat(slot(SlotBottom.ROUND).areaMm2().orElseThrow()).isCloseTo(203.8, within(0.05));
        assertThat(slot(SlotBottom.FLAT).areaMm2().orElseThrow()).isCloseTo(208, within(1e-9));
        assertThat(TypedInput.read(WindingTake.class, TAKE).input().slotArea().orElseThrow())
                .isCloseTo(203.8, within(0.05));
        assertThat(Refusals.fields(() -> new SlotShape(
                        Optional.of(0.008),
                        Optional.of(0.004),
                        Optional.of(0.007),
                        Optional.of(0.009),
                        Optional.of(SlotBottom.ROUND))))
                .containsExactly("openingWidthM", "bottomWidthM");
    }

    private static SlotShape slot(SlotBottom bottom) {
        return new SlotShape(
                Optional.empty(), Optional.of(0.026), Optional.of(0.007), Optional.of(0.009), Optional.of(bottom));
    }
}
