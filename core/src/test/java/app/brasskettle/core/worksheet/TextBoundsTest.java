package app.brasskettle.core.worksheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TextBoundsTest {

    record Note(String machine, String notes) {}

    @ParameterizedTest
    @CsvSource({
        "machine,500",
        "notes,2000",
        "typed.notes,2000",
        "lines[3].reason,500",
        "parts[2],500",
        "a.notes[0],2000"
    })
    void theLastNameOfAPathSaysHowLong(String path, int most) {
        assertThat(TextBounds.of(path)).isEqualTo(most);
        assertThat(TextBounds.fault(path, "x".repeat(most))).isEmpty();
        assertThat(TextBounds.fault(path, "x".repeat(most + 1)).orElseThrow().message())
                .startsWith(path + " has " + (most + 1) + " characters; at most " + most + " fit");
    }

    /** C0 and C1 of ISO 6429; non-characters and surrogates of Unicode chapter 23. */
    @ParameterizedTest
    @ValueSource(
            ints = {
                0, 7, 8, 0xB, 0xC, 0x1B, 0x1F, 0x7F, 0x80, 0x9F, 0xD800, 0xDFFF, 0xFDD0, 0xFDEF, 0xFFFE, 0xFFFF,
                0x1FFFE, 0x10FFFF
            })
    void whatNoPageCanPrintIsNamedByItsNumberAndPlace(int code) {
        String text = "Pump" + new String(new int[] {code}, 0, 1);

        Problem problem = TextBounds.fault("machine", text).orElseThrow();

        assertThat(problem.message()).contains(String.format("U+%04X at place 5", code));
        assertThat(problem.field()).isEqualTo("machine");
    }

    @ParameterizedTest
    @ValueSource(strings = {"a\nb\tc\r\n", "Ω µ é ß", "電動機", "\uD83D\uDD27 wrench", "\uFEFF", "\u200D"})
    void whatPeopleWriteIsTaken(String text) {
        assertThat(TextBounds.fault("notes", text)).isEmpty();
    }

    @Test
    void aRecordIsReadWithinThem() {
        assertThat(Refusals.of(
                        () -> RecordReader.read(Note.class, Map.of("machine", "Fan\u0007", "notes", "x".repeat(2001)))))
                .extracting(Problem::field)
                .containsExactly("machine", "notes");
    }
}
