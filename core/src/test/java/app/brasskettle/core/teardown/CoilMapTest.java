package app.brasskettle.core.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.resistance.Connection;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CoilMapTest {

    /** One letter a group: b bright, w warm, u dull, d dark, x burst. */
    private static List<GroupState> groups(String letters) {
        return letters.chars()
                .mapToObj(c -> switch (c) {
                    case 'b' -> GroupState.BRIGHT;
                    case 'w' -> GroupState.WARM;
                    case 'u' -> GroupState.DULL;
                    case 'd' -> GroupState.DARK;
                    default -> GroupState.BURST;
                })
                .toList();
    }

    private static List<MapFact> facts(Connection connection, int poles, String letters, Spot... spots) {
        return new CoilMap(connection, poles, groups(letters), List.of(spots)).facts();
    }

    /** Patterns of the guide: phases follow round the bore in the order A, C, B. */
    @ParameterizedTest
    @CsvSource({
        "WYE, 4, ddbddbddbddb, map-two-phases-dark-wye",
        "WYE, 4, bddbddbddbdd, map-two-phases-dark-wye",
        "WYE, 4, xdbddbdxbddb, map-two-phases-dark-wye",
        "WYE, 2, uubuub, map-two-phases-dark-wye",
        "DELTA, 4, bbdbbdbbdbbd, map-one-phase-dark-delta",
        "DELTA, 6, dbbdbbdbbdbbdbbdbb, map-one-phase-dark-delta",
        "WYE, 4, bdbbdbbdbbdb, map-one-phase-dark-wye",
        "DELTA, 4, ddbddbddbddb, map-two-phases-dark-delta",
        "UNKNOWN, 4, bbdbbdbbdbbd, map-one-phase-dark-unknown",
        "UNKNOWN, 4, ddbddbddbddb, map-two-phases-dark-unknown",
        "DELTA, 4, dddddddddddd, map-all-dark",
        "WYE, 4, duwduwduwduw, map-three-shades",
        "WYE, 4, dbbbbbdbbbbb, map-part-of-one-phase",
        "WYE, 4, bbbbdbbbbbbb, map-one-group-dark",
        "WYE, 4, bbdddbbbbbbb, map-neighbours-dark",
        "WYE, 4, bbbbbbbbbbbb, map-all-bright",
        "WYE, 4, wwwwwwwwwwww, map-evenly-warm"
    })
    void readsThePattern(Connection connection, int poles, String letters, String code) {
        assertThat(facts(connection, poles, letters).get(0).code()).isEqualTo(code);
    }

    /** Starting the count at another group of the same phase changes nothing. */
    @ParameterizedTest
    @ValueSource(strings = {"ddbddbddbddb", "bbdbbdbbdbbd", "duwduwduwduw", "dddddddddddd", "bbdddbbbbbbb"})
    void turningTheRingByAWholePhasePeriodLeavesTheReading(String letters) {
        String first = facts(Connection.WYE, 4, letters).get(0).code();
        List<GroupState> ring = new ArrayList<>(groups(letters));
        for (int turn = 0; turn < 4; turn++) {
            Collections.rotate(ring, 3);
            assertThat(new CoilMap(Connection.WYE, 4, ring, List.of())
                            .facts()
                            .get(0)
                            .code())
                    .isEqualTo(first);
        }
    }

    @Test
    void namesTheLineThatWasLost() {
        assertThat(facts(Connection.WYE, 4, "ddbddbddbddb").get(0).sentence())
                .contains(
                        "Groups 1 and 2 of every three are dark",
                        "4 times round",
                        "phases A and C in the order A, C, B",
                        "losing line B");
        assertThat(facts(Connection.WYE, 4, "dbddbddbddbd").get(0).sentence()).contains("losing line C");
        assertThat(facts(Connection.DELTA, 4, "bbdbbdbbdbbd").get(0).sentence()).contains("phase B");
    }

    @Test
    void oneGroupMisjudgedByEyeDoesNotHideThePattern() {
        assertThat(facts(Connection.WYE, 6, "ddbddbddbddbddbbdb").get(0).code()).isEqualTo("map-two-phases-dark-wye");
    }

    @Test
    void spotsAndBurstsAreFactsOfTheirOwn() {
        List<MapFact> facts = facts(Connection.WYE, 2, "bbxbbb", Spot.IN_SLOT, Spot.IN_SLOT, Spot.PHASE_BARRIER);
        assertThat(facts)
                .extracting(MapFact::code)
                .contains("map-burst", "map-spot-in-slot", "map-spot-phase-barrier")
                .doesNotHaveDuplicates();
    }

    @Test
    void consequentPolesHaveHalfTheGroups() {
        assertThat(facts(Connection.WYE, 8, "ddbddbddbddb").get(0).code()).isEqualTo("map-two-phases-dark-wye");
        assertThat(Refusals.fields(() -> facts(Connection.WYE, 6, "ddbddbddbddb")))
                .containsExactly("groups");
        assertThat(facts(Connection.WYE, 6, "")).isEmpty();
    }

    @Test
    void aSpotMustSitInAGroupThereIs() {
        var spot = new PaintedStator.PlacedSpot(13, Spot.IN_SLOT);
        assertThat(Refusals.fields(() -> new PaintedStator(
                        Connection.WYE,
                        4,
                        groups("bbbbbbbbbbbb"),
                        List.of(spot),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty())))
                .containsExactly("spots[0].group");
        assertThat(new PaintedStator(
                                Connection.WYE,
                                4,
                                groups("bbbbbbbbbbbb"),
                                List.of(new PaintedStator.PlacedSpot(12, Spot.SLOT_EDGE)),
                                null,
                                null,
                                null)
                        .map()
                        .spots())
                .containsExactly(Spot.SLOT_EDGE);
        assertThat(Refusals.fields(() -> new PaintedStator(
                        null, 5, List.of(), List.of(), Optional.empty(), Optional.empty(), Optional.empty())))
                .containsExactlyInAnyOrder("connection", "poles");
    }
}
