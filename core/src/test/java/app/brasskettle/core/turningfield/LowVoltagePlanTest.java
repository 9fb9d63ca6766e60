package app.brasskettle.core.turningfield;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LowVoltagePlanTest {

    /** 18.5 kW, 48 slots, 4/8 poles of constant torque. */
    private static WindingData winding(int turns) {
        return new WindingData(
                48,
                4,
                turns,
                6,
                2,
                WindingConnection.WYE,
                List.of(new Strand(3, 1.25, 1.349)),
                Optional.empty(),
                0.72,
                0.19,
                0.17,
                0.95,
                0.0055,
                0.026,
                150,
                400,
                50,
                36);
    }

    private static ConnectionDiagram diagram() {
        return DiagramWorksheet.create()
                .work()
                .apply(new DiagramQuestion(
                        48, 4, 6, 1, ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE, Optional.empty(), Optional.empty()));
    }

    private static LowVoltagePlan plan(int turns, int poles, double ohm, double ratedA) {
        return LowVoltagePlan.of(
                        winding(turns),
                        diagram().forPoles(poles, WindingConnection.WYE).orElseThrow(),
                        ohm,
                        ratedA)
                .orElseThrow();
    }

    @Test
    void keepsEachSpeedUnderHalfOfItsCurrentAtAFewPercentOfItsVoltage() {
        for (int poles : List.of(4, 8)) {
            LowVoltagePlan plan = plan(15, poles, 0.4, 36);
            assertThat(plan.currentA()).isBetween(0.36 * 36, 0.4 * 36);
            assertThat(plan.voltageV()).isBetween(0.03 * 400, 0.25 * 400);
        }
    }

    @Test
    void reactanceGrowsWithTheSquareOfTheTurns() {
        double once = plan(10, 4, 1e-6, 36).phaseOhm();
        assertThat(plan(20, 4, 1e-6, 36).phaseOhm()).isCloseTo(4 * once, within(1e-6 * once));
    }

    @Test
    void aDeltaOfTheSameCoilsTakesAThirdOfTheVoltageOfAWye() {
        ConnectionDiagram six = DiagramWorksheet.create()
                .work()
                .apply(new DiagramQuestion(
                        48, 4, 10, 1, ConnectionScheme.SIX_LEAD, Optional.empty(), Optional.empty()));
        LowVoltagePlan wye = LowVoltagePlan.of(
                        winding(15), six.forPoles(4, WindingConnection.WYE).orElseThrow(), 0.6, 30)
                .orElseThrow();
        LowVoltagePlan delta = LowVoltagePlan.of(
                        winding(15), six.forPoles(4, WindingConnection.DELTA).orElseThrow(), 0.2, 30)
                .orElseThrow();
        assertThat(delta.phaseOhm()).isCloseTo(wye.phaseOhm(), within(1e-9));
        assertThat(wye.voltageV() / delta.voltageV()).isCloseTo(3, within(0.3));
    }
}
