package app.brasskettle.server.jobrecord;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.signature.Topic;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What signatures rest on: the record's inputs, whatever their order of keys; and what is told of the last change. */
class RecordDigestsTest {

    private static OffsetDateTime at(int minute) {
        return OffsetDateTime.of(2026, 1, 5, 9, minute, 0, 0, ZoneOffset.UTC);
    }

    private static EventRow hand(String act, int minute) {
        return event(EventKind.HAND_DONE, Map.of("act", act, "place", "7"), minute);
    }

    private static EventRow event(EventKind kind, Map<String, Object> detail, int minute) {
        return new EventRow(kind, detail, false, "I. Dalby", at(minute));
    }

    private static SheetRow sheet(SheetKind kind, Map<String, Object> typed, int minute) {
        return new SheetRow(kind, 1, typed, false, "I. Dalby", at(minute));
    }

    private static RecordMarks marks(List<SheetRow> sheets, EventRow... events) {
        return RecordDigests.marks(sheets, List.of(events), List.of());
    }

    @Test
    void whatIsToldIsTheLastChangeAndNoEarlierOne() {
        EventRow refit = event(EventKind.PART_REFITTED, Map.of("part", 1, "name", "fan cover"), 10);
        assertThat(marks(List.of(sheet(SheetKind.RENEWAL, Map.of("parts", "a"), 5)), refit)
                        .of(Topic.PARTS)
                        .lastChange())
                .isEqualTo("fan cover");
        assertThat(marks(
                                List.of(
                                        sheet(SheetKind.RENEWAL, Map.of("parts", "a"), 5),
                                        sheet(SheetKind.MACHINING, Map.of("works", "b"), 20)),
                                refit)
                        .of(Topic.PARTS)
                        .lastChange())
                .as("the machining sheet is written later")
                .isEmpty();
        assertThat(marks(List.of(), hand("coil-in", 1), event(EventKind.CAME_BACK, Map.of(), 2), hand("coil-out", 3))
                        .of(Topic.COILS)
                        .lastChange())
                .isEqualTo("coil out, 7");
    }

    @Test
    void aSheetWrittenAfterAnEventOfItsTopicHidesTheEventsName() {
        EventRow turned = event(EventKind.SHAFT_TURNED, Map.of("shaft", "free"), 10);
        RecordMarks later = marks(List.of(sheet(SheetKind.REDESIGN, Map.of("turns", "20"), 30)), turned);
        assertThat(later.of(Topic.BUILD).lastChange()).isEmpty();
        assertThat(later.of(Topic.BUILD).changedAt()).isEqualTo(at(30).toEpochSecond());
    }

    @Test
    void theOrderOfKeysAndTheMomentSayNothingAndAFigureDoes() {
        String one = marks(List.of(sheet(SheetKind.PLATE, Map.of("a", "1", "b", List.of("x", "y")), 1)))
                .of(Topic.PLATE)
                .digest();
        assertThat(marks(List.of(sheet(SheetKind.PLATE, Map.of("b", List.of("x", "y"), "a", "1"), 9)))
                        .of(Topic.PLATE)
                        .digest())
                .isEqualTo(one);
        assertThat(marks(List.of(sheet(SheetKind.PLATE, Map.of("a", "1", "b", List.of("xy")), 1)))
                        .of(Topic.PLATE)
                        .digest())
                .isNotEqualTo(one);
    }

    @Test
    void eachActOfAHandChangesItsTopicAndASignatureNone() {
        assertThat(marks(List.of(), hand("joint-brazed", 1)).of(Topic.JOINTS).digest())
                .isNotEqualTo(marks(List.of(), hand("joint-opened", 1))
                        .of(Topic.JOINTS)
                        .digest())
                .isNotEmpty();
        RecordMarks signed = marks(List.of(), hand("signed", 1), hand("checked", 2));
        assertThat(Topic.values())
                .allSatisfy(t -> assertThat(signed.of(t).digest()).isEmpty());
    }
}
