package app.brasskettle.server.winding;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A concentric winding taken coil by coil, and its copper kept in until another person settles it. */
@ExtendWith(RunningServer.class)
class CoilSetsTest {

    private Visitor tech;
    private Visitor lead;
    private String job;

    @BeforeEach
    void aMotorThatMayBeOpened(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
        job = "/api/jobs/" + Plates.plated(tech);
        tech.post(job + "/worked", Map.of("work", "opened")).with(200);
    }

    /** By hand: 2·90·0.9598 = 172.8 turns count; 6.02 mWb, 0.75 T in the gap, 5.1 A/mm². */
    private static Map<String, Object> take(String turns) {
        return Map.of(
                "slots", "36",
                "boreDiameterM", "120 mm",
                "coreLengthM", "134 mm",
                "stackingFactor", "0.95",
                "toothWidthM", "5.2 mm",
                "backIronDepthM", "17 mm",
                "sets",
                        List.of(Map.ofEntries(
                                Map.entry("purpose", "three-phase"),
                                Map.entry("poles", "4"),
                                Map.entry("groupsPerPhase", "2"),
                                Map.entry("parallelCircuits", "1"),
                                Map.entry("connection", "wye"),
                                Map.entry(
                                        "coils",
                                        List.of(
                                                Map.of("spanSlots", "1 to 12", "turns", turns),
                                                Map.of("spanSlots", "1 to 10", "turns", turns),
                                                Map.of("spanSlots", "1 to 8", "turns", turns))),
                                Map.entry(
                                        "strands",
                                        List.of(Map.of(
                                                "count", "1", "bareDiameterMm", "1.12", "insulatedDiameterMm", "1.2"))),
                                Map.entry("meanTurnLengthM", "520 mm"),
                                Map.entry("ratedVoltageV", "400"),
                                Map.entry("frequencyHz", "50"),
                                Map.entry("ratedCurrentA", "5"))));
    }

    private JsonNode keep(Visitor who, String turns) {
        int version = who.get(job).json().at("/sheets/coil-sets/version").asInt(0);
        return who.put(job + "/sheets/coil-sets", Map.of("version", version, "typed", take(turns)))
                .with(200)
                .json();
    }

    private Visitor.Answer strip() {
        return tech.post(job + "/worked", Map.of("work", "stripped"));
    }

    @Test
    void theCopperStaysInUntilAnotherPersonCountedTheCoils() {
        JsonNode kept = keep(tech, "30");
        assertThat(kept.at("/coilSets/judgement/verdict").asString()).isEqualTo("holds");
        assertThat(kept.at("/coilSets/lap/turnsPerCoil").asInt()).isEqualTo(15);
        assertThat(strip().with(409).text()).contains("Nobody but Mara Orre counted the coils");
        tech.post(job + "/winding/settle", Map.of("reason", "")).with(409);
        lead.post(job + "/winding/settle", Map.of("reason", "")).with(200);
        // A change of the take is a new take.
        keep(tech, "31");
        strip().with(409);
        lead.post(job + "/winding/settle", Map.of("reason", "")).with(200);
        assertThat(strip().with(409).text()).contains("Nobody chose to rewind it");
    }

    @Test
    void aStopIsSettledByALeadHandWithAReasonOnly() {
        JsonNode kept = keep(lead, "15");
        assertThat(kept.at("/coilSets/judgement/verdict").asString()).isEqualTo("stop");
        tech.post(job + "/winding/settle", Map.of("reason", "looks right")).with(409);
        lead.post(job + "/winding/settle", Map.of("reason", "")).with(409);
        lead.post(job + "/winding/settle", Map.of("reason", "burnt to ash, half the coils counted"))
                .with(200);
        assertThat(strip().with(409).text()).contains("Nobody chose to rewind it");
    }
}
