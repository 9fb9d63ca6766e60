package app.brasskettle.server.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a machine's keeper asks when it is slow; paths of calls are nobody else's. */
@ExtendWith(RunningServer.class)
class MetricsTest {

    private static final String CALLS = "/actuator/metrics/http.server.requests?tag=uri:/api/jobs/{tag}";

    @Test
    void anAdministratorReadsHowOftenACallWasMadeAndHowLongItTook(Visitor visitor) {
        Visitor admin = visitor.stranger().as("admin");
        admin.get("/api/jobs/TQ-0401").with(200);
        assertThat(admin.get(CALLS.replace("{", "%7B").replace("}", "%7D"))
                        .with(200)
                        .json()
                        .at("/measurements/0/value")
                        .asDouble())
                .isPositive();
        admin.get("/actuator/metrics/hikaricp.connections.pending").with(200);
    }

    @Test
    void nobodyElseDoes(Visitor visitor) {
        visitor.get("/actuator/metrics").with(401);
        for (String person : new String[] {"tech", "lead", "office"}) {
            visitor.stranger().as(person).get("/actuator/metrics").with(403);
        }
        visitor.stranger().get("/actuator/health").with(200);
    }
}
