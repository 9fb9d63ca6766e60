package app.brasskettle.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.redesign.Windings;
import app.brasskettle.core.winding.WindingData;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ConnectionDrillTest {

    private static final WindingData WINDING = Windings.thirtyKilowatt();

    /** Whatever a drill spoils, the check finds unsound; a reversed group is the one that the check names. */
    @ParameterizedTest
    @EnumSource(
            value = ConnectionScheme.class,
            names = {"THREE_LEAD", "SIX_LEAD", "NINE_LEAD", "TWELVE_LEAD", "TWO_SPEED_VARIABLE_TORQUE"})
    void everythingADrillSpoilsIsFoundUnsound(ConnectionScheme scheme) {
        ConnectionDiagram diagram = ConnectionAssessment.diagram(WINDING, scheme);
        Set<Misconnection> seen = EnumSet.noneOf(Misconnection.class);
        for (int seed = 0; seed < 60; seed++) {
            ConnectionDrill drill = ConnectionDrill.of(diagram, seed);
            seen.add(drill.what());
            ConnectionAssessment found = ConnectionAssessment.of(
                    Optional.of(WINDING), new ConnectionSheet(scheme, Optional.of(drill.joints())));
            assertThat(found.found())
                    .as(scheme + " " + seed)
                    .isNotEmpty()
                    .anyMatch(c -> !c.result().sound());
            if (drill.what() == Misconnection.GROUP_REVERSED) {
                assertThat(found.found())
                        .anySatisfy(c -> assertThat(c.result().turnRound()).contains(drill.group()));
            }
        }
        assertThat(seen).containsExactlyInAnyOrder(Misconnection.values());
    }

    @ParameterizedTest
    @EnumSource(
            value = ConnectionScheme.class,
            names = {"THREE_LEAD", "SIX_LEAD"})
    void onlyTheRightAnswerIsRight(ConnectionScheme scheme) {
        ConnectionDiagram diagram = ConnectionAssessment.diagram(WINDING, scheme);
        for (int seed = 0; seed < 40; seed++) {
            ConnectionDrill drill = ConnectionDrill.of(diagram, seed);
            assertThat(drill.found(drill.what(), drill.group(), diagram)).isTrue();
            for (Misconnection other : Misconnection.values()) {
                long right = diagram.groups().stream()
                        .filter(g -> drill.found(other, g.number(), diagram))
                        .count();
                long expected = other != drill.what()
                        ? 0
                        : switch (other) {
                            case GROUP_REVERSED, JOINT_OPEN -> 1;
                            case CIRCUIT_SWAPPED -> 2;
                            case WRONG_STAR -> 4;
                        };
                assertThat(right).as(other + " " + seed).isEqualTo(expected);
            }
        }
    }
}
