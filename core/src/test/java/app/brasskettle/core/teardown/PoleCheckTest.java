package app.brasskettle.core.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.teardown.PoleCheck.Pull;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

class PoleCheckTest {

    private static PoleCheckResult of(Pull... felt) {
        return PoleCheckWorksheet.create().work().apply(new PoleCheck(felt.length, List.of(felt)));
    }

    @Test
    void polesThatDoNotPullAreNamed() {
        assertThat(of(Pull.PULLS, Pull.PULLS).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(of(Pull.PULLS, Pull.WEAK, Pull.PULLS, Pull.PULLS).weakPoles())
                .containsExactly(2);
        PoleCheckResult dead = of(Pull.NONE, Pull.WEAK, Pull.PULLS, Pull.NONE);
        assertThat(dead.verdict()).isEqualTo(Verdict.STOP);
        assertThat(dead.judgement().headline()).isEqualTo("No field at pole 1, 4 of 4");
    }

    @Test
    void refusesMorePullsThanPoles() {
        assertThat(Refusals.fields(() -> new PoleCheck(4, List.of(Pull.PULLS)))).containsExactly("felt");
        assertThat(Refusals.fields(() -> new PoleCheck(3, List.of(Pull.PULLS)))).containsExactly("poles");
    }
}
