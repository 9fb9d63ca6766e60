package app.brasskettle.core.leads;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.leads.LeadMap.MappedLead;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeadMapTest {

    /** "U1@1 W2@1" is lead U1 and lead W2 on terminal 1; a lead without @ lay on none. */
    private static LeadMap map(String text) {
        List<MappedLead> leads = new ArrayList<>();
        for (String each : text.split(" ")) {
            String[] parts = each.split("@");
            leads.add(new MappedLead(
                    Optional.of(parts[0]),
                    Optional.empty(),
                    Optional.empty(),
                    parts.length > 1 ? Optional.of(parts[1]) : Optional.empty(),
                    Optional.empty()));
        }
        return new LeadMap(leads);
    }

    private static LeadMapAssessment read(LeadMap map, Connection plate) {
        return LeadMapAssessment.of(map, Optional.empty(), plate, Optional.of("top"));
    }

    /** Six leads by IEC 60034-8; nine and twelve by the dual-voltage numbering in general use. */
    @ParameterizedTest
    @CsvSource({
        "U1@a W2@a V1@b U2@b W1@c V2@c, delta",
        "U1@a V1@b W1@c U2@s V2@s W2@s, wye",
        "T1@1 T7@1 T2@2 T8@2 T3@3 T9@3 T4@x T5@x T6@x, 'wye, low voltage'",
        "1@1 6@1 7@1 2@2 4@2 8@2 3@3 5@3 9@3, 'delta, low voltage'",
        "1@1 2@2 3@3 4@p 7@p 5@q 8@q 6@r 9@r, 'series for the high voltage, wye and delta alike'",
        "1@1 12@1 2@2 10@2 3@3 11@3 4@4 7@4 5@5 8@5 6@6 9@6, 'delta, high voltage'"
    })
    void readsTheConnectionFromWhatLiesTogether(String leads, String name) {
        assertThat(read(map(leads), Connection.UNKNOWN).connectedAs()).contains(name);
    }

    /** What lies on one terminal decides, not the order or the names of the terminals. */
    @Test
    void orderAndNamesOfTerminalsDoNotMatter() {
        List<MappedLead> leads =
                new ArrayList<>(map("U1@a W2@a V1@b U2@b W1@c V2@c").leads());
        Random random = new Random(5);
        for (int i = 0; i < 50; i++) {
            Collections.shuffle(leads, random);
            assertThat(read(new LeadMap(leads), Connection.DELTA).connectedAs()).contains("delta");
        }
    }

    @Test
    void aConnectionOtherThanThePlateSaysStops() {
        LeadMap wye = map("U1@a V1@b W1@c U2@s V2@s W2@s");
        assertThat(line(read(wye, Connection.WYE), "Was connected").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(line(read(wye, Connection.DELTA), "Was connected").verdict()).isEqualTo(Verdict.STOP);
        // One lead moved makes it no usual connection, whatever the plate says.
        LeadMap wrong = map("U1@a V1@b W1@c U2@s V2@s W2@c");
        assertThat(read(wrong, Connection.WYE).connectedAs()).isEmpty();
        assertThat(line(read(wrong, Connection.WYE), "These links").verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void aLeadThatCannotBeToldApartStops() {
        LeadMap map = new LeadMap(List.of(
                new MappedLead(
                        Optional.of("U1"), Optional.empty(), Optional.empty(), Optional.of("1"), Optional.empty()),
                new MappedLead(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of("black"),
                        Optional.of("2"),
                        Optional.of("L2"))));
        LeadMapAssessment r = LeadMapAssessment.of(map, Optional.of(3), Connection.UNKNOWN, Optional.empty());
        assertThat(line(r, "1 of 2 leads").verdict()).isEqualTo(Verdict.STOP);
        assertThat(line(r, "2 leads here, 3 by the plate").verdict()).isEqualTo(Verdict.WATCH);
        assertThat(line(r, "Terminal box: unknown as received").verdict()).isEqualTo(Verdict.WATCH);
        assertThat(r.terminals().get(1))
                .isEqualTo(new LeadMapAssessment.Terminal("2", List.of("black"), List.of("black"), List.of("L2")));
    }

    @Test
    void oneNumberOnTwoLeadsIsWatched() {
        assertThat(line(read(map("U1@1 u1@2 V1@3"), Connection.UNKNOWN), "U1 stands on")
                        .verdict())
                .isEqualTo(Verdict.WATCH);
    }

    @Test
    void threeLeadsAreConnectedInside() {
        assertThat(read(map("U@1 V@2 W@3"), Connection.DELTA).verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void refusesALeadThatNothingTells() {
        assertThat(Refusals.fields(() -> new MappedLead(
                        Optional.of(" "), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty())))
                .containsExactly("number");
        assertThat(Refusals.fields(() -> new LeadMap(List.of()))).containsExactly("leads");
    }

    private static Judgement line(LeadMapAssessment r, String start) {
        return r.lines().stream()
                .filter(l -> l.headline().startsWith(start))
                .findFirst()
                .orElseThrow();
    }
}
