package app.brasskettle.server.openapi;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class ApiDescriptionTest {

    private static final Path CHECKED_IN = Path.of("../web/openapi.json");

    /** The pages' types are made from the checked-in description; it must be what the server says of itself. */
    @Test
    void checkedInDescriptionIsTheServers(Visitor visitor) throws IOException {
        JsonNode served = visitor.as("tech").get("/v3/api-docs").with(200).json();
        JsonNode kept = JsonMapper.builder().build().readTree(Files.readString(CHECKED_IN));
        assertThat(kept)
                .as("web/openapi.json is not what the server says: start it and run scripts/describe-api")
                .isEqualTo(served);
    }

    @Test
    void absentValuesAreNullAndTermsAreWords(Visitor visitor) {
        JsonNode schemas = visitor.as("tech").get("/v3/api-docs").json().at("/components/schemas");
        JsonNode judgement = schemas.get("app.brasskettle.core.verdict.Judgement");
        assertThat(judgement.at("/properties/verdict/enum").toString())
                .isEqualTo("[\"holds\",\"watch\",\"stop\",\"unproven\"]");
        assertThat(schemas.get("app.brasskettle.core.nameplate.NameplateAssessment")
                        .at("/properties/lockedRotorCurrentLowA")
                        .toString())
                .contains("null");
        assertThat(schemas.get("app.brasskettle.core.cause.FailureRanking.Ranked")
                        .get("properties")
                        .has("for"))
                .isTrue();
    }
}
