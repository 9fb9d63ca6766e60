package app.brasskettle.core.rewind;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Work;
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
    void newPartsAreWork() {
        Renewal bearing = of(part("bearing", "6310", "drive-end", true));
        assertThat(SheetWork.of(Optional.empty(), bearing)).containsExactly(Work.MACHINED);
        assertThat(SheetWork.of(Optional.of(bearing), bearing)).isEmpty();
        assertThat(SheetWork.of(
                        Optional.of(bearing),
                        of(part("bearing", "6310", "drive-end", true), Map.of("kind", "leads", "done", true))))
                .containsExactly(Work.REPAIRED);
        assertThat(SheetWork.of(Optional.empty(), of(part("bearing", "6310", "drive-end", false))))
                .isEmpty();
    }
}
