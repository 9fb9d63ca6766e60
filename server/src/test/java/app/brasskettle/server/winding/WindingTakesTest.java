package app.brasskettle.server.winding;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class WindingTakesTest {

    private Visitor tech;
    private Visitor lead;
    private String tag;

    @BeforeEach
    void aMotorThatMayBeOpened(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
        tag = Plates.plated(tech);
    }

    private static Map<String, Object> take() {
        Map<String, Object> take = new LinkedHashMap<>();
        take.put("slots", "48");
        take.put("poles", "4");
        take.put("parallelCircuits", "2");
        take.put("connection", "wye");
        take.put("wiresPerCoil", "40");
        take.put("strands", List.of(Map.of("count", "4", "bareDiameterMm", "1.25", "insulatedDiameterMm", "1.33")));
        take.put("spanSlots", "1 to 11");
        take.put("meanTurnLengthM", "780 mm");
        take.put("boreDiameterM", "190 mm");
        take.put("coreLengthM", "200 mm");
        take.put("stackingFactor", "0.95");
        take.put("toothWidthM", "6.2 mm");
        take.put("backIronDepthM", "27 mm");
        take.put("slotAreaMm2", "228");
        take.put("ratedVoltageV", "400");
        take.put("frequencyHz", "50");
        take.put("ratedCurrentA", "55");
        return take;
    }

    private static Map<String, Object> with(String field, Object value) {
        Map<String, Object> take = take();
        take.put(field, value);
        return take;
    }

    private int version(String kind) {
        return tech.get("/api/jobs/" + tag)
                .json()
                .at("/sheets/" + kind + "/version")
                .asInt(0);
    }

    private Visitor.Answer keep(Visitor who, String kind, Map<String, Object> typed) {
        return who.put("/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", version(kind), "typed", typed));
    }

    private Visitor.Answer settle(Visitor who, String reason) {
        return who.post("/api/jobs/" + tag + "/winding/settle", Map.of("reason", reason));
    }

    private Visitor.Answer strip() {
        return tech.post("/api/jobs/" + tag + "/worked", Map.of("work", "stripped"));
    }

    @Test
    void theCopperStaysInUntilTwoTakesAreSettled() {
        assertThat(strip().with(409).text()).contains("The winding is not taken down");
        keep(tech, "winding", Map.of("slots", "48", "poles", "4")).with(200);
        assertThat(strip().with(409).text()).contains("figures are not taken yet");
        keep(tech, "winding", take()).with(200);
        assertThat(strip().with(409).text()).contains("Nobody took it a second time");
        assertThat(settle(tech, "").with(409).text()).contains("A lead hand may settle it");
        keep(tech, "winding-second", take()).with(200);
        assertThat(strip().with(409).text()).contains("Both takes were last written by Mara Orre");
        keep(lead, "winding-second", with("wiresPerCoil", "44")).with(200);
        JsonNode unlike = tech.get("/api/jobs/" + tag).json().at("/winding/differences");
        assertThat(unlike).hasSize(1);
        assertThat(unlike.at("/0/first").asString()).isEqualTo("10");
        assertThat(unlike.at("/0/second").asString()).isEqualTo("11");
        assertThat(strip().with(409).text()).contains("The two takes differ in turns of a coil");
        keep(lead, "winding-second", take()).with(200);
        assertThat(strip().with(409).text()).contains("nobody has settled them");
        settle(tech, "").with(200);
        settle(tech, "").with(409);
        assertThat(strip().with(409).text()).contains("Nobody chose to rewind it");
    }

    @Test
    void aTakeThatIsChangedIsSettledNoMore() {
        keep(tech, "winding", take()).with(200);
        keep(lead, "winding-second", take()).with(200);
        settle(lead, "").with(200);
        keep(tech, "winding", with("meanTurnLengthM", "785 mm")).with(200);
        assertThat(strip().with(409).text()).contains("nobody has settled them");
    }

    @Test
    void whereNothingIsLeftToCountALeadHandSettlesItWithAReason() {
        assertThat(settle(lead, " ").with(409).text()).contains("with a reason");
        settle(tech, "ash").with(409);
        JsonNode job =
                settle(lead, "burnt to ash, the maker’s data ordered").with(200).json();
        assertThat(job.get("ledger").toString()).contains("burnt to ash");
        assertThat(strip().with(409).text()).contains("Nobody chose to rewind it");
    }

    /** Whatever is done in whatever order, the copper comes out for nothing but a settlement that stands. */
    @Test
    void noOrderOfStepsStripsAnUnsettledWinding() {
        Random random = new Random(20261128);
        for (int sequence = 0; sequence < 6; sequence++) {
            tag = Plates.plated(tech);
            List<Runnable> steps = new ArrayList<>(List.of(
                    () -> keep(tech, "winding", take()),
                    () -> keep(lead, "winding-second", take()),
                    () -> keep(lead, "winding", take()),
                    () -> keep(tech, "winding-second", with("wiresPerCoil", "44")),
                    () -> settle(tech, ""),
                    () -> settle(tech, "in a hurry"),
                    () -> keep(tech, "winding", with("parallelCircuits", "1"))));
            Collections.shuffle(steps, random);
            for (Runnable step : steps) {
                step.run();
                JsonNode permit = tech.get("/api/jobs/" + tag).json().at("/winding/stripping");
                boolean open = permit.get("open").asBoolean();
                assertThat(permit.get("settled").asString().isEmpty()).isEqualTo(!open);
                if (!open) {
                    strip().with(409);
                    tech.post("/api/jobs/" + tag + "/worked", Map.of("work", "rewound"))
                            .with(409);
                    tech.post("/api/jobs/" + tag + "/worked", Map.of("work", "partly-rewound"))
                            .with(409);
                }
            }
        }
    }

    @Test
    void theConnectionIsDrawnCheckedAndPrinted() {
        keep(tech, "winding", take()).with(200);
        JsonNode kept = keep(tech, "connection", Map.of("scheme", "six-lead", "joints", List.of()))
                .with(200)
                .json();
        assertThat(kept.at("/winding/connection/judgement/verdict").asString()).isEqualTo("unproven");
        List<List<String>> joints = new ArrayList<>();
        kept.at("/winding/connection/diagram/joints").forEach(j -> {
            List<String> joint = new ArrayList<>();
            j.forEach(t -> joint.add(turned(t.asString())));
            joints.add(joint);
        });
        JsonNode preview = tech.post(
                        "/api/jobs/" + tag + "/sheets/connection/preview",
                        Map.of("scheme", "six-lead", "joints", joints))
                .with(200)
                .json();
        assertThat(preview.at("/connection/judgement/headline").asString()).isEqualTo("Group 7 is the wrong way round");
        assertThat(preview.at("/drawings/found").asString()).startsWith("<svg").contains(">7A<");
        assertThat(tech.get("/api/jobs/" + tag + "/connection.pdf").with(200).bytes())
                .startsWith('%', 'P', 'D', 'F');
        assertThat(keep(tech, "connection", Map.of("scheme", "twelve-lead", "joints", List.of()))
                        .with(200)
                        .json()
                        .at("/winding/connection/judgement/headline")
                        .asString())
                .isEqualTo("The joints of this winding are not read yet");
    }

    private static String turned(String terminal) {
        return switch (terminal) {
            case "S7" -> "F7";
            case "F7" -> "S7";
            default -> terminal;
        };
    }
}
