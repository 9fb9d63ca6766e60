package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Statements;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Listings ask the database a few times, however long they are, and never wait for a connection while they hold another. */
@ExtendWith(RunningServer.class)
class ListingsTest {

    /** The session is read and kept alive by three of them. */
    private static final int MOST = 8;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/jobs",
                "/api/jobs?show=gone",
                "/api/customers",
                "/api/people",
                "/api/triage",
                "/api/instruments",
                "/api/settings",
                "/api/settings/journal",
                "/api/session/turns",
                "/api/cause/priors",
                "/api/me/tokens",
                "/api/floor.csv",
                "/api/jobs/TQ-0401/journal",
                "/api/jobs/TQ-0401/photos"
            })
    void aListingIsAFewStatementsOnOneConnection(String path, Visitor visitor) {
        visitor.as("lead").get(path).with(200);
        Statements.reset();
        visitor.get(path).with(200);
        assertThat(Statements.run()).as("statements").isBetween(1, MOST);
        assertThat(Statements.mostHeld()).as("connections at once").isEqualTo(1);
    }

    /** A motor that came back often costs as many statements as one that came twice. */
    @Test
    void aPassportAsksTheSameHoweverOftenTheMotorWasHere(Visitor visitor) {
        visitor.as("tech");
        String serial = "LT-77-OFTEN";
        int once = 0;
        for (int visit = 1; visit <= 4; visit++) {
            Map<String, Object> receipt = new HashMap<>(Plates.receipt());
            receipt.put("serial", serial);
            visitor.post("/api/jobs", receipt).with(200);
            visitor.get("/api/motors/" + serial).with(200);
            Statements.reset();
            visitor.get("/api/motors/" + serial).with(200);
            once = visit == 1 ? Statements.run() : once;
            assertThat(Statements.run()).as("statements at %s visits", visit).isEqualTo(once);
        }
    }
}
