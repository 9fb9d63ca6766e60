package app.brasskettle.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class InstrumentsCallTest {

    private static Map<String, Object> typed(String kind, boolean retired) {
        Map<String, Object> typed = new HashMap<>();
        typed.put("name", "bridge of the calibration test");
        typed.put("serial", "BK-31");
        typed.put("calibrationDue", "2099-01-31");
        typed.put("kind", kind);
        typed.put("retired", retired);
        return typed;
    }

    private static JsonNode listed(JsonNode list) {
        for (JsonNode i : list) {
            if (i.get("name").asString().equals("bridge of the calibration test")) {
                return i;
            }
        }
        throw new AssertionError("not on the list");
    }

    /** What an instrument is decides what its readings prove: nobody invents a kind for it, and going out of use needs none. */
    @Test
    void aKindIsSaidByAPersonOrNotAtAll(Visitor visitor) {
        Visitor lead = visitor.as("lead");
        for (boolean retired : new boolean[] {true, false}) {
            assertThat(lead.post("/api/instruments", typed(null, retired))
                            .with(400)
                            .problemFields())
                    .containsExactly("kind");
        }
        JsonNode added = listed(lead.post("/api/instruments", typed("milliohm-bridge", false))
                .with(200)
                .json());
        String path = "/api/instruments/" + added.get("id").asLong();
        assertThat(lead.put(path, typed(null, false)).with(400).problemFields()).containsExactly("kind");
        JsonNode gone = listed(lead.put(path, typed(null, true)).with(200).json());
        assertThat(gone.get("kind").asString()).isEqualTo("milliohm-bridge");
        assertThat(gone.get("retired").asBoolean()).isTrue();
    }
}
