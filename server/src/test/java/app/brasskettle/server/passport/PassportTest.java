package app.brasskettle.server.passport;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PassportTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    @Test
    void aMotorIsKnownAgainHoweverItsNumberIsWritten() {
        JsonNode passport = visitor.get("/api/motors/sw%200417-b").with(200).json();
        assertThat(passport.get("mark").asString()).isEqualTo("SW0417B");
        assertThat(passport.get("visits").toString()).contains("TQ-0402", "TQ-0352", "TQ-0287");
        assertThat(passport.get("visits").size()).isGreaterThanOrEqualTo(3);
        assertThat(passport.at("/history/findings/0/verdict").asString()).isEqualTo("stop");
        assertThat(passport.at("/history/findings").toString()).contains("Failed the same way", "moisture or dirt");
        assertThat(passport.at("/history/insulation").size()).isGreaterThanOrEqualTo(3);
    }

    @Test
    void receivingAKnownMotorAddsAStay() {
        Map<String, Object> receipt = Plates.receipt();
        String serial = "KN-" + System.nanoTime();
        receipt.put("serial", serial);
        String first = visitor.post("/api/jobs", receipt)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        receipt.put("serial", serial.toLowerCase(java.util.Locale.ROOT).replace("-", " "));
        String second = visitor.post("/api/jobs", receipt)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        JsonNode visits = visitor.get("/api/motors/" + serial).with(200).json().get("visits");
        assertThat(List.of(visits.at("/0/tag").asString(), visits.at("/1/tag").asString()))
                .containsExactly(second, first);
    }

    @Test
    void theSerialOnThePlateCountsFromThenOn() {
        String tag = Plates.received(visitor);
        Map<String, Object> plate = new HashMap<>(Plates.typed());
        String serial = "PL" + System.nanoTime();
        plate.put("serial", serial);
        Plates.sheet(visitor, tag, "plate", plate);
        assertThat(visitor.get("/api/motors/" + serial)
                        .json()
                        .at("/visits/0/tag")
                        .asString())
                .isEqualTo(tag);
    }

    @Test
    void aNumberTooShortToTellMotorsApartKnowsNone() {
        JsonNode passport = visitor.get("/api/motors/12").with(200).json();
        assertThat(passport.get("mark").asString()).isEmpty();
        assertThat(passport.get("visits").size()).isZero();
    }
}
