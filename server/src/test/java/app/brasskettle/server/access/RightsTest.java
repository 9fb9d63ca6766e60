package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.EnumSet;
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

    private static final Set<Role> ALL = EnumSet.allOf(Role.class);
    private static final Set<Role> OFFICE = EnumSet.of(Role.OFFICE, Role.LEAD, Role.ADMIN);
    private static final Set<Role> BENCH = EnumSet.of(Role.TECHNICIAN, Role.LEAD, Role.ADMIN);
    private static final Set<Role> LEADS = EnumSet.of(Role.LEAD, Role.ADMIN);
    private static final Set<Role> ADMIN = EnumSet.of(Role.ADMIN);
    private static final Map<Role, String> PEOPLE =
            Map.of(Role.TECHNICIAN, "tech", Role.LEAD, "lead", Role.OFFICE, "office", Role.ADMIN, "admin");

    /** Bodies that get past reading, so that the answer tells of rights and not of the body. */
    private static final Map<String, Set<Role>> TABLE = new LinkedHashMap<>();

    static {
        TABLE.put("GET /api/jobs", ALL);
        TABLE.put("POST /api/jobs", ALL);
        TABLE.put("GET /api/jobs/{tag}", ALL);
        TABLE.put("GET /api/jobs/{tag}/journal", ALL);
        TABLE.put("POST /api/jobs/{tag}/hands", ALL);
        TABLE.put("GET /api/jobs/{tag}/hours", ALL);
        TABLE.put("GET /api/plan", ALL);
        TABLE.put("GET /api/plan/search", ALL);
        TABLE.put("GET /api/plan/drift", ALL);
        TABLE.put("POST /api/plan/search", OFFICE);
        TABLE.put("POST /api/plan/what-if", OFFICE);
        TABLE.put("POST /api/plan/search/stop", OFFICE);
        TABLE.put("POST /api/plan/promise", ALL);
        TABLE.put("POST /api/plan/moves", OFFICE);
        TABLE.put("POST /api/plan/proposals/{id}/accept", OFFICE);
        TABLE.put("POST /api/plan/proposals/{id}/discard", OFFICE);
        TABLE.put("POST /api/plan/expected/{tag}/end", OFFICE);
        TABLE.put("GET /api/plan/wall.pdf", ALL);
        TABLE.put("GET /api/plan/roster", ALL);
        TABLE.put("PUT /api/plan/roster", OFFICE);
        TABLE.put("GET /api/plan/feeds", OFFICE);
        TABLE.put("POST /api/plan/feeds", OFFICE);
        TABLE.put("POST /api/plan/feeds/{id}/revoke", OFFICE);
        TABLE.put("GET /api/practice", ALL);
        TABLE.put("POST /api/practice/attempts", ALL);
        TABLE.put("GET /api/practice/attempts/{id}", ALL);
        TABLE.put("POST /api/practice/attempts/{id}/acts", ALL);
        TABLE.put("POST /api/practice/attempts/{id}/answer", ALL);
        TABLE.put("POST /api/practice/sets", LEADS);
        TABLE.put("POST /api/practice/sets/{id}/show", ALL);
        TABLE.put("GET /api/practice/sets/{id}/attempt", LEADS);
        TABLE.put("GET /api/practice/drills/{drill}/{seed}", ALL);
        TABLE.put("POST /api/practice/drills/{drill}/{seed}", ALL);
        TABLE.put("GET /api/figures", ALL);
        TABLE.put("GET /api/figures/{table}.csv", ALL);
        TABLE.put("GET /api/figures.xlsx", ALL);
        TABLE.put("POST /api/jobs/{tag}/hours", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/oven", ALL);
        TABLE.put("GET /api/jobs/{tag}/certificate.pdf", ALL);
        TABLE.put("GET /api/jobs/{tag}/release-label.pdf", ALL);
        TABLE.put("POST /api/oven-log", ALL);
        TABLE.put("GET /api/sheet-forms", ALL);
        TABLE.put("GET /api/jobs/{tag}/sheet.pdf", ALL);
        TABLE.put("PUT /api/jobs/{tag}/sheets/{kind}", OFFICE);
        TABLE.put("POST /api/jobs/{tag}/sheets/{kind}/preview", ALL);
        TABLE.put("POST /api/jobs/{tag}/tests/{kind}", ALL);
        TABLE.put("POST /api/jobs/{tag}/tests/{kind}/preview", ALL);
        TABLE.put("POST /api/jobs/{tag}/set-down", ALL);
        TABLE.put("POST /api/jobs/{tag}/pick-up", ALL);
        TABLE.put("POST /api/jobs/{tag}/skip", ALL);
        TABLE.put("POST /api/jobs/{tag}/take-up", ALL);
        TABLE.put("POST /api/jobs/{tag}/send-back", ALL);
        TABLE.put("POST /api/jobs/{tag}/hold", ALL);
        TABLE.put("POST /api/jobs/{tag}/resume", ALL);
        TABLE.put("POST /api/jobs/{tag}/leave", OFFICE);
        TABLE.put("POST /api/jobs/{tag}/come-back", OFFICE);
        TABLE.put("GET /api/jobs/{tag}/connection.pdf", ALL);
        TABLE.put("GET /api/jobs/{tag}/coil-ticket.pdf", ALL);
        TABLE.put("GET /api/jobs/{tag}/winding/drill/{seed}", ALL);
        TABLE.put("POST /api/jobs/{tag}/winding/drill/{seed}", ALL);
        TABLE.put("GET /api/rack", ALL);
        TABLE.put("POST /api/rack", BENCH);
        TABLE.put("PUT /api/rack/{id}", BENCH);
        TABLE.put("POST /api/bank/search", ALL);
        TABLE.put("POST /api/bank/import", LEADS);
        TABLE.put("GET /api/bank/export.csv", ALL);
        TABLE.put("GET /api/bank/export.json", ALL);
        TABLE.put("GET /api/jobs/{tag}/condition.pdf", ALL);
        TABLE.put("GET /api/jobs/{tag}/tag.pdf", ALL);
        TABLE.put("GET /api/jobs/{tag}/photos", ALL);
        TABLE.put("POST /api/jobs/{tag}/photos", ALL);
        TABLE.put("GET /api/jobs/{tag}/photos/{id}", ALL);
        TABLE.put("GET /api/jobs/{tag}/photos/{id}/thumbnail", ALL);
        TABLE.put("PUT /api/jobs/{tag}/photos/{id}", ALL);
        TABLE.put("POST /api/jobs/{tag}/photos/{id}/remove", ALL);
        TABLE.put("GET /api/jobs/{tag}/export.zip", ALL);
        TABLE.put("POST /api/jobs/import", OFFICE);
        TABLE.put("GET /api/floor.csv", ALL);
        TABLE.put("GET /api/motors/{serial}", ALL);
        TABLE.put("GET /api/customers", ALL);
        TABLE.put("GET /api/customers/{id}", ALL);
        TABLE.put("PUT /api/customers/{id}", OFFICE);
        TABLE.put("GET /api/settings", ALL);
        TABLE.put("PUT /api/settings", LEADS);
        TABLE.put("GET /api/settings/journal", LEADS);
        TABLE.put("GET /api/security-journal", ADMIN);
        TABLE.put("GET /api/people/{username}/tokens", ADMIN);
        TABLE.put("DELETE /api/people/{username}/tokens/{id}", ADMIN);
        TABLE.put("DELETE /api/people/{username}/second-factor", ADMIN);
        TABLE.put("GET /api/me/second-factor", LEADS);
        TABLE.put("POST /api/me/second-factor", LEADS);
        TABLE.put("POST /api/me/second-factor/confirm", LEADS);
        TABLE.put("POST /api/me/second-factor/off", LEADS);
        TABLE.put("GET /api/session/turns", ALL);
        TABLE.put("POST /api/session/turns", ALL);
        TABLE.put("POST /api/me/pin", ALL);
        TABLE.put("PUT /api/me/preferences", ALL);
        TABLE.put("POST /api/jobs/{tag}/lock-out", ALL);
        TABLE.put("POST /api/jobs/{tag}/lock-out/end", ALL);
        TABLE.put("POST /api/jobs/{tag}/isolated", ALL);
        TABLE.put("POST /api/jobs/{tag}/discharge-proof", ALL);
        TABLE.put("POST /api/jobs/{tag}/worked", ALL);
        TABLE.put("POST /api/jobs/{tag}/winding/settle", ALL);
        TABLE.put("POST /api/jobs/{tag}/gate", LEADS);
        TABLE.put("POST /api/jobs/{tag}/settle", LEADS);
        TABLE.put("POST /api/jobs/{tag}/instruments/insulation-tester", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/bridge", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/surge-set", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/readings/{kind}", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/step-ramp", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/withstand-set", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/off", ALL);
        TABLE.put("POST /api/jobs/{tag}/instruments/surge-rise", ALL);
        TABLE.put("GET /api/jobs/{tag}/tests/{kind}/readings.csv", ALL);
        TABLE.put("GET /api/jobs/{tag}/tests/{kind}/readings.json", ALL);
        TABLE.put("POST /api/jobs/{tag}/tests/{kind}/file", ALL);
        TABLE.put("GET /api/jobs/{tag}/past-surges", ALL);
        TABLE.put("GET /api/jobs/{tag}/tests/{kind}/earlier", ALL);
        TABLE.put("GET /api/triage", ALL);
        TABLE.put("POST /api/triage", ALL);
        TABLE.put("POST /api/triage/preview", ALL);
        TABLE.put("POST /api/triage/{id}/job", ALL);
        TABLE.put("GET /api/triage/{id}/label.pdf", ALL);
        TABLE.put("POST /api/jobs/{tag}/overrule", LEADS);
        TABLE.put("POST /api/jobs/{tag}/run-release", ALL);
        TABLE.put("GET /api/instruments", ALL);
        TABLE.put("GET /api/instruments/kinds", ALL);
        TABLE.put("POST /api/instruments", LEADS);
        TABLE.put("PUT /api/instruments/{id}", LEADS);
        TABLE.put("GET /api/jobs/{tag}/instruments/faults", ALL);
        TABLE.put("PUT /api/jobs/{tag}/instruments/motor", ALL);
        TABLE.put("POST /api/jobs/{tag}/evidence", ALL);
        TABLE.put("POST /api/jobs/{tag}/parts/{id}", ALL);
        TABLE.put("POST /api/jobs/{tag}/cause/what-if", ALL);
        TABLE.put("GET /api/cause/priors", ALL);
        TABLE.put("POST /api/cause/priors/reset", LEADS);
        TABLE.put("GET /api/teardown/vocabulary", ALL);
        TABLE.put("POST /api/jobs/{tag}/conclusion", ALL);
        TABLE.put("GET /api/jobs/{tag}/offers/estimate", ALL);
        TABLE.put("GET /api/jobs/{tag}/quotes", ALL);
        TABLE.put("POST /api/jobs/{tag}/quotes", OFFICE);
        TABLE.put("GET /api/jobs/{tag}/quotes/{version}/quote.pdf", ALL);
        TABLE.put("POST /api/jobs/{tag}/quotes/{version}/answer", OFFICE);
        TABLE.put("POST /api/jobs/{tag}/quotes/{version}/addresses", OFFICE);
        TABLE.put("DELETE /api/jobs/{tag}/quotes/{version}/addresses/{id}", OFFICE);
        TABLE.put("POST /api/jobs/{tag}/quotes/{version}/mail", OFFICE);
        TABLE.put("GET /api/prices", ALL);
        TABLE.put("GET /api/prices/{kind}.csv", ALL);
        TABLE.put("POST /api/prices", OFFICE);
        TABLE.put("GET /api/cause/vocabulary", ALL);
        TABLE.put("GET /api/test-kinds", ALL);
        TABLE.put("GET /api/worksheets/{name}/example", ALL);
        TABLE.put("GET /api/worksheets", ALL);
        TABLE.put("POST /api/worksheets/{name}", ALL);
        TABLE.put("POST /api/worksheets/{name}/typed", ALL);
        TABLE.put("GET /api/people", LEADS);
        TABLE.put("POST /api/people", ADMIN);
        TABLE.put("PUT /api/people/{username}", ADMIN);
        TABLE.put("POST /api/people/{username}/password", ADMIN);
        TABLE.put("POST /api/me/password", ALL);
        TABLE.put("GET /api/me/tokens", ALL);
        TABLE.put("POST /api/me/tokens", ALL);
        TABLE.put("DELETE /api/me/tokens/{id}", ALL);
    }

    /** Calls that make somebody signed in, and those of a customer, whose address is the key. */
    private static final Set<String> OPEN = Set.of(
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "GET /api/quotes/{address}",
            "GET /api/quotes/{address}/quote.pdf",
            "GET /api/quotes/{address}/photos/{id}",
            "POST /api/quotes/{address}/answer",
            "GET /api/calendars/{secret}.ics");

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
        calls.removeAll(OPEN);
        assertThat(calls).containsExactlyInAnyOrderElementsOf(TABLE.keySet());
    }

    @Test
    void eachRoleMayDoWhatItsRowSaysAndNothingElse(Visitor visitor) {
        Map<Role, Visitor> people = new LinkedHashMap<>();
        PEOPLE.forEach((role, name) -> people.put(role, visitor.stranger().as(name)));
        TABLE.forEach((call, allowed) -> {
            assertThat(send(visitor, call).status()).as(call + " by nobody").isIn(401, 403);
            people.forEach((role, person) -> {
                int status = send(person, call).status();
                if (allowed.contains(role)) {
                    assertThat(status).as(call + " by " + role).isNotIn(401, 403, 405, 500);
                } else {
                    assertThat(status).as(call + " by " + role).isEqualTo(403);
                }
            });
        });
    }

    /** A call on things that are not there, so that whoever may send it changes nothing. */
    private static Visitor.Answer send(Visitor visitor, String call) {
        String[] parts = call.split(" ");
        String path = (parts[1].endsWith("/photos") ? parts[1] + "?step=receive" : parts[1])
                .replace("{tag}", "TQ-9999")
                .replace("{kind}", parts[1].contains("/sheets/") ? "offers" : "tester-proof")
                .replace("{seed}", "1")
                .replace("{drill}", "count")
                .replace("{table}", "causes")
                .replace("{version}", "1")
                .replace("{name}", "no-such-sheet")
                .replace("{username}", "no-such-person")
                .replace("{serial}", "no-such-motor")
                .replace("{id}", "999999999");
        return switch (parts[0]) {
            case "GET" -> visitor.get(path);
            case "DELETE" -> visitor.delete(path);
            default ->
                visitor.raw(
                        parts[0],
                        path,
                        "{\"version\":0,\"seconds\":1,\"pace\":1,\"rotorFitted\":true,"
                                + "\"how\":\"telephone\",\"windingTemperatureC\":20,\"closed\":false,\"typed\":{},\"station\":\"bench\","
                                + "\"reason\":\"rights\",\"name\":\"Nobody\"}");
        };
    }
}
