package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who may call what: a table of calls and roles that a new call must enter. */
@ExtendWith(RunningServer.class)
class RightsTest {

    @Test
    void everyCallStandsInTheTable(RunningServer.Running server) {
        Set<String> calls = new TreeSet<>();
        for (RequestMappingInfo info : server.context()
                .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()) {
            for (String path : info.getPatternValues()) {
                info.getMethodsCondition().getMethods().forEach(m -> calls.add(m + " " + path));
            }
        }
        calls.removeIf(c -> !c.contains(" /api/"));
        calls.removeAll(CallTable.OPEN);
        assertThat(calls).containsExactlyInAnyOrderElementsOf(CallTable.ROLES.keySet());
    }

    @Test
    void eachRoleMayDoWhatItsRowSaysAndNothingElse(Visitor visitor) {
        Map<Role, Visitor> people = new LinkedHashMap<>();
        CallTable.PEOPLE.forEach(
                (role, name) -> people.put(role, visitor.stranger().as(name)));
        CallTable.ROLES.forEach((call, allowed) -> {
            assertThat(CallTable.send(visitor, call).status())
                    .as(call + " by nobody")
                    .isIn(401, 403);
            people.forEach((role, person) -> {
                int status = CallTable.send(person, call).status();
                if (allowed.contains(role)) {
                    assertThat(status).as(call + " by " + role).isNotIn(401, 403, 405, 500);
                } else {
                    assertThat(status).as(call + " by " + role).isEqualTo(403);
                }
            });
        });
    }
}
