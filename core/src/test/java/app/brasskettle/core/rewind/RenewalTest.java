package app.brasskettle.core.rewind;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Remedy;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RenewalTest {

    private static final Optional<PlateDetails> PLATE = Optional.of(
            TypedInput.read(PlateDetails.class, Map.of("driveEndBearing", "6310-2Z/C3", "nonDriveEndBearing", "NU 210"))
                    .input());

    private static Renewal of(Map<?, ?>... parts) {
        return TypedInput.read(Renewal.class, Map.of("parts", List.of(parts))).input();
    }

    private static Map<String, Object> part(String kind, String type, String end, boolean done) {
        return Map.of("kind", kind, "type", type, "end", end, "done", done);
    }

    /** What is fitted against what the plate says: clearance, seals and blanks do not make another bearing. */
    @ParameterizedTest
    @CsvSource({
        "6310, drive-end, HOLDS",
        "6310 C3, drive-end, HOLDS",
        "6310-2RS, drive-end, HOLDS",
        "6309, drive-end, STOP",
        "6310, non-drive-end, STOP",
        "NU210, non-drive-end, HOLDS",
        "nu 210 ecp, non-drive-end, HOLDS",
        "NJ 210, non-drive-end, STOP",
        "'', drive-end, UNPROVEN",
    })
    void aBearingIsHeldAgainstThePlate(String type, String end, Verdict verdict) {
        assertThat(of(part("bearing", type, end, true)).judge(PLATE))
                .extracting(Judgement::verdict)
                .containsExactly(verdict);
    }

    @Test
    void whatIsNotInYetIsUnproven() {
        assertThat(of(Map.of("kind", "capacitor", "type", "80 µF")).judge(Optional.empty()))
                .extracting(Judgement::verdict)
                .containsExactly(Verdict.UNPROVEN);
    }

    /** New leads are work on the winding, which ages its tests; a new bearing ages what the motor did while it ran. */
    @Test
    void newPartsAreWorkOnThatPart() {
        Renewal bearing = of(part("bearing", "6310", "drive-end", true));
        assertThat(remedies(List.of(), bearing)).containsExactly(Remedy.BEARING);
        assertThat(remedies(List.of(bearing), bearing)).isEmpty();
        assertThat(remedies(
                        List.of(bearing),
                        of(part("bearing", "6310", "drive-end", true), Map.of("kind", "leads", "done", true))))
                .containsExactly(Remedy.LEAD);
        assertThat(remedies(List.of(), of(part("bearing", "6310", "drive-end", false))))
                .isEmpty();
    }

    /** Taken off the sheet and put back as it was it is that entry; another type is another part. */
    @Test
    void anEntryPutBackAsItWasIsNoNewWork() {
        Renewal both = of(part("bearing", "6310", "drive-end", true), part("bearing", "6309", "non-drive-end", true));
        Renewal one = of(part("bearing", "6310", "drive-end", true));
        assertThat(remedies(List.of(both, one), both)).isEmpty();
        assertThat(remedies(List.of(both, one), of(part("bearing", "6312", "drive-end", true))))
                .containsExactly(Remedy.BEARING);
        assertThat(remedies(
                        List.of(one),
                        of(part("bearing", "6310", "drive-end", true), part("bearing", "6310", "drive-end", true))))
                .as("a second one alike is one more")
                .containsExactly(Remedy.BEARING);
    }

    private static List<Remedy> remedies(List<Renewal> past, Renewal now) {
        return SheetWork.of(past, now).stream()
                .map(w -> w.remedy().orElseThrow())
                .toList();
    }
}
