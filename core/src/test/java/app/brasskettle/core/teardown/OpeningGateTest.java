package app.brasskettle.core.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OpeningGateTest {

    @ParameterizedTest
    @CsvSource({
        "false, , , true, 0",
        "true, , , false, 1",
        "true, EX-17, , true, 0",
        "false, , asbestos, false, 1",
        "true, EX-17, asbestos, false, 1",
        "true, , asbestos, false, 2"
    })
    void onlyACertificateAndADeclarationOpenIt(
            boolean protectedMotor, String certificate, String exposure, boolean open, int reasons) {
        DismantlingPermit gate =
                DismantlingPermit.of(protectedMotor, Optional.ofNullable(certificate), Optional.ofNullable(exposure));
        assertThat(gate.open()).isEqualTo(open);
        assertThat(gate.holding())
                .hasSize(reasons)
                .allSatisfy(r -> assertThat(r.opens()).isNotBlank());
    }
}
