package app.brasskettle.server.choice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PriceListsTest {

    @Test
    void aListIsTakenWholeAndFromItsDayOn(Visitor visitor) {
        visitor.as("office");
        String csv = visitor.get("/api/prices/list.csv").with(200).text();
        String tag = Plates.plated(visitor);
        JsonNode before = visitor.get("/api/jobs/" + tag + "/offers/estimate").json();
        assertThat(visitor.post("/api/prices", Map.of("validFrom", "2026-01-01", "csv", csv.replace(",IE3,", ",,")))
                        .with(400)
                        .problemFields())
                .hasSize(81);
        assertThat(visitor.post("/api/prices", Map.of("validFrom", "soon", "csv", csv))
                        .with(400)
                        .problemFields())
                .containsExactly("validFrom");
        int lists = visitor.get("/api/prices").json().get("lists").size();
        visitor.post("/api/prices", Map.of("validFrom", "2999-01-01", "csv", csv.replaceAll(",IE3,", ",IE9,")))
                .with(200);
        assertThat(visitor.get("/api/prices").json().get("lists").size()).isEqualTo(lists + 1);
        assertThat(visitor.get("/api/jobs/" + tag + "/offers/estimate").json())
                .as("not before its day")
                .isEqualTo(before);
    }
}
