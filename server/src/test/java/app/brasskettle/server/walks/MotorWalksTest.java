package app.brasskettle.server.walks;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sound and mended motors of every kind, by the honest order from the door to the certificate. None needs a lead hand but the one whose
 * plate looks wrong and is not. How many calls and fields each takes stands in docs/gates.md, which this test holds.
 */
@ExtendWith(RunningServer.class)
class MotorWalksTest {

    private static int count;

    private Visitor tech;
    private Visitor second;
    private Visitor office;
    private Visitor lead;
    private JdbcClient db;

    @BeforeEach
    void signIn(Visitor visitor, RunningServer.Running server) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
        office = visitor.stranger().as("office");
        db = server.context().getBean(JdbcClient.class);
        String name = "walker" + ++count;
        visitor.stranger().as("admin").hire(name, "Una Brack " + count, "technician", "second-hand");
        second = visitor.stranger().as(name, "second-hand");
    }

    static Stream<Map.Entry<String, UnaryOperator<Walk>>> kinds() {
        Map<String, UnaryOperator<Walk>> kinds = new LinkedHashMap<>();
        kinds.put("nothing wrong with it", Reconditioned::noFault);
        kinds.put("new bearings", Reconditioned::bearings);
        kinds.put("wet, dried only", Reconditioned::dried);
        kinds.put("dipped and baked, and once more", Reconditioned::dippedTwice);
        kinds.put("single-phase, new start capacitor", Reconditioned::capacitor);
        kinds.put("two speeds, new bearings", Reconditioned::twoSpeeds);
        kinds.put("form-wound 3.3 kV, washed and dried", Reconditioned::formWound);
        kinds.put("torque motor, its plate stamped so", Reconditioned::torqueMotor);
        kinds.put("burnt 7.5 kW, rewound", Rewound::lap);
        return kinds.entrySet().stream();
    }

    /** A shop of one: whoever winds it also counts, takes it again and signs twice, each a while later, and the print says so. */
    @Test
    void aShopOfOnePersonRewindsAMotor() throws IOException {
        Visitor alone = lead.stranger().as("admin");
        settle(alone, true);
        try {
            Walk walk = new Walk(alone, alone, alone, lead, db);
            Rewound.lap(walk);
            assertThat(walk.held()).isEmpty();
            assertThat(walk.certified()).isTrue();
            assertThat(walk.count().leads()).isZero();
            assertThat(walk.certificate()).contains("One-person shop");
        } finally {
            settle(alone, false);
        }
    }

    private static void settle(Visitor admin, boolean onePerson) {
        JsonNode now = admin.get("/api/settings").with(200).json();
        ObjectNode typed = (ObjectNode) now.get("settings").deepCopy();
        typed.put("onePerson", onePerson);
        admin.put("/api/settings", Map.of("version", now.get("version").asInt(), "typed", typed))
                .with(200);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void aSoundMotorReachesItsCertificate(Map.Entry<String, UnaryOperator<Walk>> kind) throws IOException {
        Walk walk = new Walk(tech, second, office, lead, db);
        kind.getValue().apply(walk);
        assertThat(walk.held()).isEmpty();
        assertThat(walk.certified()).isTrue();
        assertThat(walk.count().row(kind.getKey()))
                .as("docs/gates.md says how many calls and fields it takes")
                .isIn(Files.readAllLines(Path.of("..", "docs", "gates.md")));
    }
}
