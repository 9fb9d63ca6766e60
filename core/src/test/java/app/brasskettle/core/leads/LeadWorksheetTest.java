package app.brasskettle.core.leads;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeadWorksheetTest {

    /** Leads "1 2 3", pairs "1-2 2-3". */
    private static LeadSets ring(String leads, String pairs) {
        List<List<String>> continuity = pairs == null || pairs.isBlank()
                ? List.of()
                : Arrays.stream(pairs.split(" "))
                        .map(p -> List.of(p.split("-")))
                        .toList();
        return LeadWorksheet.create().work().apply(new LeadTrace(List.of(leads.split(" ")), continuity));
    }

    /** Usual marks by NEMA MG 1, part 2. */
    @ParameterizedTest
    @CsvSource({
        "U V W, U-V V-W, THREE_LEAD,",
        "T1 T2 T3, T1-T2 T2-T3, THREE_LEAD, true",
        "1 2 3 4 5 6, 1-4 2-5 3-6, SIX_LEAD_OPEN_PHASES, true",
        "1 2 3 4 5 6, 1-2 3-4 5-6, SIX_LEAD_OPEN_PHASES, false",
        "1 2 3 4 5 6, 1-2 2-3 4-5 5-6, SIX_LEAD_TWO_WINDINGS,",
        "1 2 3 4 5 6, 1-2 2-3 3-4 4-5 5-6, SIX_LEAD_ONE_WINDING,",
        "T1 T2 T3 T4 T5 T6 T7 T8 T9, T1-T4 T2-T5 T3-T6 T7-T8 T8-T9, NINE_LEAD_WYE, true",
        "T1 T2 T3 T4 T5 T6 T7 T8 T9, T1-T4 T4-T9 T2-T5 T5-T7 T3-T6 T6-T8, NINE_LEAD_DELTA, true",
        "T1 T2 T3 T4 T5 T6 T7 T8 T9, T1-T5 T2-T4 T3-T6 T7-T8 T8-T9, NINE_LEAD_WYE, false",
        "1 2 3 4 5 6 7 8 9 10 11 12, 1-4 2-5 3-6 7-10 8-11 9-12, TWELVE_LEAD, true",
        "T1 U2 T3 T4 T5 T6, T1-T4 U2-T5 T3-T6, SIX_LEAD_OPEN_PHASES,",
        "1 2 3 4 5 6 7, 1-4 2-5 3-6, NO_SOUND_MATCH,",
        "1 2, , NO_SOUND_MATCH,"
    })
    void setsSayWhatTheWindingCanBe(String leads, String pairs, Arrangement arrangement, Boolean agree) {
        LeadSets r = ring(leads, pairs);
        assertThat(r.arrangement()).isEqualTo(arrangement);
        assertThat(r.marksAgree().orElse(null)).isEqualTo(agree);
    }

    @Test
    void everyLeadIsInOneSetWhateverTheOrderOfTheReadings() {
        Random random = new Random(5);
        List<List<String>> pairs = new ArrayList<>(List.of(
                List.of("1", "4"),
                List.of("4", "9"),
                List.of("2", "5"),
                List.of("7", "5"),
                List.of("6", "3"),
                List.of("8", "3")));
        List<String> leads = List.of("1", "2", "3", "4", "5", "6", "7", "8", "9");
        for (int i = 0; i < 50; i++) {
            Collections.shuffle(pairs, random);
            LeadSets r = LeadWorksheet.create().work().apply(new LeadTrace(leads, pairs));
            assertThat(r.sets())
                    .containsExactly(List.of("1", "4", "9"), List.of("2", "5", "7"), List.of("3", "6", "8"));
        }
    }

    @Test
    void smallestSetsComeFirstThenInTheOrderOfTheLeads() {
        assertThat(ring("c b a e d", "a-b b-c").sets())
                .containsExactly(List.of("e"), List.of("d"), List.of("c", "b", "a"));
    }

    @Test
    void swappedMarksAreWatchedAndNoMatchStops() {
        assertThat(ring("1 2 3 4 5 6", "1-2 3-4 5-6").verdict()).isEqualTo(Verdict.WATCH);
        assertThat(ring("1 2 3 4", "1-2").verdict()).isEqualTo(Verdict.STOP);
        assertThat(ring("1 2 3 4 5 6", "1-4 2-5 3-6").verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** IEC 60034-8: U1 and U2 are the ends of one phase, whatever the arrangement. */
    @Test
    void endsOfTwoPhasesThatRingTogetherAreCrossed() {
        LeadSets crossed = ring("U1 U2 V1 V2 W1 W2", "U1-V2 V1-U2 W1-W2");
        assertThat(crossed.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(crossed.judgement().headline()).contains("Crossed leads: U1 and V2");
        assertThat(crossed.marksAgree()).isEmpty();
        assertThat(ring("U1 U2 V1 V2 W1 W2", "U1-U2 V1-V2 W1-W2").verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void refusesUnknownLeadsAndMarksTwice() {
        assertThat(Refusals.fields(() -> ring("1 2 1", "1-2"))).containsExactly("leads[2]");
        assertThat(Refusals.fields(() -> ring("1 2 3", "1-2 2-9"))).containsExactly("continuity[1][1]");
        assertThat(Refusals.fields(() -> new LeadTrace(List.of("1"), List.of())))
                .containsExactly("leads");
        assertThat(Refusals.fields(() -> new LeadTrace(List.of("1", " "), List.of(List.of("1")))))
                .containsExactlyInAnyOrder("leads[1]", "continuity[0]");
    }
}
