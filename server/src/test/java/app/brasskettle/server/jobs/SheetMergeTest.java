package app.brasskettle.server.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.sheets.SheetMerge;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SheetMergeTest {

    private static Map<String, Object> part(int id, String state) {
        return Map.of("id", id, "part", "part " + id, "state", state);
    }

    private static Map<String, Object> log(Object... parts) {
        return Map.of("parts", List.of(parts));
    }

    private static SheetMerge.Outcome merge(
            Map<String, Object> before, Map<String, Object> theirs, Map<String, Object> mine) {
        return SheetMerge.of(before, theirs, mine);
    }

    /** Two people take one motor apart: each one's parts and corrections stand. */
    @Test
    void partsOfTwoPeopleAreMergedByTheirNumbers() {
        SheetMerge.Outcome merged = merge(
                log(part(1, "good"), part(2, "good")),
                log(part(1, "good"), part(2, "worn"), part(7, "good")),
                log(part(1, "damaged"), part(2, "good"), part(9, "missing")));
        assertThat(merged.clashes()).isEmpty();
        assertThat(merged.merged())
                .isEqualTo(log(part(1, "damaged"), part(2, "worn"), part(7, "good"), part(9, "missing")));
    }

    @Test
    void aPartOneTookOutIsGoneAndOneBothChangedIsAClash() {
        SheetMerge.Outcome out = merge(
                log(part(1, "good"), part(2, "good")), log(part(2, "good")), log(part(1, "good"), part(2, "worn")));
        assertThat(out.merged()).isEqualTo(log(part(2, "worn")));
        SheetMerge.Outcome clash = merge(log(part(1, "good")), log(part(1, "worn")), log(part(1, "damaged")));
        assertThat(clash.clashes()).singleElement().satisfies(c -> {
            assertThat(c.field()).isEqualTo("parts[0].state");
            assertThat(c.theirs()).isEqualTo("worn");
            assertThat(c.mine()).isEqualTo("damaged");
        });
    }

    @Test
    void bothBeginningAtOnceKeepsWhatEachTookOff() {
        SheetMerge.Outcome merged = merge(Map.of("parts", List.of()), log(part(5, "good")), log(part(6, "good")));
        assertThat(merged.clashes()).isEmpty();
        assertThat(merged.merged()).isEqualTo(log(part(5, "good"), part(6, "good")));
    }

    @Test
    void marksAreMergedByTheirJoint() {
        Map<String, Object> drive = Map.of("joint", "Bracket", "end", "drive-end", "mark", "one dot");
        Map<String, Object> other = Map.of("joint", "Bracket", "end", "non-drive-end", "mark", "two dots");
        assertThat(merge(Map.of(), Map.of("marks", List.of(drive)), Map.of("marks", List.of(other)))
                        .merged())
                .isEqualTo(Map.of("marks", List.of(drive, other)));
    }

    @Test
    void listsWithoutNamesAreMergedPlaceByPlace() {
        assertThat(merge(
                                Map.of("groups", List.of("bright", "bright")),
                                Map.of("groups", List.of("dark", "bright")),
                                Map.of("groups", List.of("bright", "burst")))
                        .merged())
                .isEqualTo(Map.of("groups", List.of("dark", "burst")));
    }

    /** A group of fields that nobody filled is nothing, whether it is sent or left out: filling it in is no clash. */
    @Test
    void aGroupOfBlanksIsNothing() {
        Map<String, Object> blank = Map.of("mass", Map.of("kg", "", "seat", Map.of("kg", " ")));
        Map<String, Object> filled = Map.of("mass", Map.of("kg", "52"));
        assertThat(merge(blank, Map.of(), filled)).isEqualTo(new SheetMerge.Outcome(filled, List.of()));
        assertThat(merge(Map.of(), blank, filled)).isEqualTo(new SheetMerge.Outcome(filled, List.of()));
    }
}
