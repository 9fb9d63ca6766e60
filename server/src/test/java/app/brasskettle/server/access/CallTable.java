package app.brasskettle.server.access;

import app.brasskettle.server.testing.Visitor;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** The calls of the product and who may send them; a new call must enter. */
final class CallTable {

    private CallTable() {}

    private static final Set<Role> ALL = EnumSet.allOf(Role.class);
    private static final Set<Role> OFFICE = EnumSet.of(Role.OFFICE, Role.LEAD, Role.ADMIN);
    private static final Set<Role> BENCH = EnumSet.of(Role.TECHNICIAN, Role.LEAD, Role.ADMIN);
    private static final Set<Role> LEADS = EnumSet.of(Role.LEAD, Role.ADMIN);
    private static final Set<Role> ADMIN = EnumSet.of(Role.ADMIN);
    static final Map<Role, String> PEOPLE =
            Map.of(Role.TECHNICIAN, "tech", Role.LEAD, "lead", Role.OFFICE, "office", Role.ADMIN, "admin");

    /** Bodies that get past reading, so that the answer tells of rights and not of the body. */
    static final Map<String, Set<Role>> ROLES = new LinkedHashMap<>();

    static {
        ROLES.put("GET /api/jobs", ALL);
        ROLES.put("POST /api/jobs", ALL);
        ROLES.put("GET /api/jobs/{tag}", ALL);
        ROLES.put("GET /api/jobs/{tag}/journal", ALL);
        ROLES.put("POST /api/jobs/{tag}/hands", ALL);
        ROLES.put("GET /api/jobs/{tag}/hours", ALL);
        ROLES.put("GET /api/plan", ALL);
        ROLES.put("GET /api/plan/search", ALL);
        ROLES.put("GET /api/plan/drift", ALL);
        ROLES.put("POST /api/plan/search", OFFICE);
        ROLES.put("POST /api/plan/what-if", OFFICE);
        ROLES.put("POST /api/plan/search/stop", OFFICE);
        ROLES.put("POST /api/plan/promise", ALL);
        ROLES.put("POST /api/plan/moves", OFFICE);
        ROLES.put("POST /api/plan/proposals/{id}/accept", OFFICE);
        ROLES.put("POST /api/plan/proposals/{id}/discard", OFFICE);
        ROLES.put("POST /api/plan/expected/{expected}/end", OFFICE);
        ROLES.put("GET /api/plan/wall.pdf", ALL);
        ROLES.put("GET /api/plan/roster", ALL);
        ROLES.put("PUT /api/plan/roster", OFFICE);
        ROLES.put("GET /api/plan/feeds", OFFICE);
        ROLES.put("POST /api/plan/feeds", OFFICE);
        ROLES.put("POST /api/plan/feeds/{id}/revoke", OFFICE);
        ROLES.put("GET /api/practice", ALL);
        ROLES.put("POST /api/practice/attempts", ALL);
        ROLES.put("GET /api/practice/attempts/{id}", ALL);
        ROLES.put("POST /api/practice/attempts/{id}/acts", ALL);
        ROLES.put("POST /api/practice/attempts/{id}/answer", ALL);
        ROLES.put("POST /api/practice/sets", LEADS);
        ROLES.put("POST /api/practice/sets/{id}/show", ALL);
        ROLES.put("GET /api/practice/sets/{id}/attempt", LEADS);
        ROLES.put("GET /api/practice/drills/{drill}/{seed}", ALL);
        ROLES.put("POST /api/practice/drills/{drill}/{seed}", ALL);
        ROLES.put("GET /api/figures", ALL);
        ROLES.put("GET /api/figures/{table}.csv", ALL);
        ROLES.put("GET /api/figures.xlsx", ALL);
        ROLES.put("POST /api/jobs/{tag}/hours", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/oven", ALL);
        ROLES.put("GET /api/jobs/{tag}/certificate.pdf", ALL);
        ROLES.put("GET /api/jobs/{tag}/release-label.pdf", ALL);
        ROLES.put("POST /api/oven-log", ALL);
        ROLES.put("GET /api/sheet-forms", ALL);
        ROLES.put("GET /api/jobs/{tag}/sheet.pdf", ALL);
        ROLES.put("PUT /api/jobs/{tag}/sheets/{kind}", OFFICE);
        ROLES.put("POST /api/jobs/{tag}/sheets/{kind}/preview", ALL);
        ROLES.put("POST /api/jobs/{tag}/tests/{kind}", ALL);
        ROLES.put("POST /api/jobs/{tag}/tests/{kind}/preview", ALL);
        ROLES.put("POST /api/jobs/{tag}/set-down", ALL);
        ROLES.put("POST /api/jobs/{tag}/pick-up", ALL);
        ROLES.put("POST /api/jobs/{tag}/skip", ALL);
        ROLES.put("POST /api/jobs/{tag}/take-up", ALL);
        ROLES.put("POST /api/jobs/{tag}/send-back", ALL);
        ROLES.put("POST /api/jobs/{tag}/hold", ALL);
        ROLES.put("POST /api/jobs/{tag}/resume", ALL);
        ROLES.put("POST /api/jobs/{tag}/leave", OFFICE);
        ROLES.put("POST /api/jobs/{tag}/come-back", OFFICE);
        ROLES.put("GET /api/jobs/{tag}/connection.pdf", ALL);
        ROLES.put("GET /api/jobs/{tag}/coil-ticket.pdf", ALL);
        ROLES.put("GET /api/jobs/{tag}/winding/drill/{seed}", ALL);
        ROLES.put("POST /api/jobs/{tag}/winding/drill/{seed}", ALL);
        ROLES.put("GET /api/rack", ALL);
        ROLES.put("POST /api/rack", BENCH);
        ROLES.put("PUT /api/rack/{id}", BENCH);
        ROLES.put("POST /api/bank/search", ALL);
        ROLES.put("POST /api/bank/import", LEADS);
        ROLES.put("GET /api/bank/export.csv", ALL);
        ROLES.put("GET /api/bank/export.json", ALL);
        ROLES.put("GET /api/jobs/{tag}/condition.pdf", ALL);
        ROLES.put("GET /api/jobs/{tag}/tag.pdf", ALL);
        ROLES.put("GET /api/jobs/{tag}/photos", ALL);
        ROLES.put("POST /api/jobs/{tag}/photos", ALL);
        ROLES.put("GET /api/jobs/{tag}/photos/{id}", ALL);
        ROLES.put("GET /api/jobs/{tag}/photos/{id}/thumbnail", ALL);
        ROLES.put("PUT /api/jobs/{tag}/photos/{id}", ALL);
        ROLES.put("POST /api/jobs/{tag}/photos/{id}/remove", ALL);
        ROLES.put("GET /api/jobs/{tag}/export.zip", ALL);
        ROLES.put("POST /api/jobs/import", OFFICE);
        ROLES.put("GET /api/floor.csv", ALL);
        ROLES.put("GET /api/motors/{serial}", ALL);
        ROLES.put("GET /api/customers", ALL);
        ROLES.put("GET /api/customers/{id}", ALL);
        ROLES.put("PUT /api/customers/{id}", OFFICE);
        ROLES.put("GET /api/settings", ALL);
        ROLES.put("PUT /api/settings", LEADS);
        ROLES.put("GET /api/settings/journal", LEADS);
        ROLES.put("GET /api/security-journal", ADMIN);
        ROLES.put("GET /api/people/{username}/tokens", ADMIN);
        ROLES.put("DELETE /api/people/{username}/tokens/{id}", ADMIN);
        ROLES.put("DELETE /api/people/{username}/second-factor", ADMIN);
        ROLES.put("GET /api/me/second-factor", LEADS);
        ROLES.put("POST /api/me/second-factor", LEADS);
        ROLES.put("POST /api/me/second-factor/confirm", LEADS);
        ROLES.put("POST /api/me/second-factor/off", LEADS);
        ROLES.put("GET /api/session/turns", ALL);
        ROLES.put("POST /api/session/turns", ALL);
        ROLES.put("POST /api/me/pin", ALL);
        ROLES.put("PUT /api/me/preferences", ALL);
        ROLES.put("POST /api/jobs/{tag}/lock-out", ALL);
        ROLES.put("POST /api/jobs/{tag}/lock-out/end", ALL);
        ROLES.put("POST /api/jobs/{tag}/isolated", ALL);
        ROLES.put("POST /api/jobs/{tag}/discharge-proof", ALL);
        ROLES.put("POST /api/jobs/{tag}/worked", ALL);
        ROLES.put("POST /api/jobs/{tag}/shaft", ALL);
        ROLES.put("GET /api/work", ALL);
        ROLES.put("POST /api/jobs/{tag}/misread", LEADS);
        ROLES.put("POST /api/jobs/{tag}/plate-stamped", LEADS);
        ROLES.put("POST /api/jobs/{tag}/winding/settle", ALL);
        ROLES.put("POST /api/jobs/{tag}/gate", LEADS);
        ROLES.put("POST /api/jobs/{tag}/settle", LEADS);
        ROLES.put("POST /api/jobs/{tag}/instruments/insulation-tester", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/bridge", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/surge-set", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/readings/{kind}", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/step-ramp", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/withstand-set", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/off", ALL);
        ROLES.put("POST /api/jobs/{tag}/instruments/surge-rise", ALL);
        ROLES.put("GET /api/jobs/{tag}/tests/{kind}/readings.csv", ALL);
        ROLES.put("GET /api/jobs/{tag}/tests/{kind}/readings.json", ALL);
        ROLES.put("POST /api/jobs/{tag}/tests/{kind}/file", ALL);
        ROLES.put("GET /api/jobs/{tag}/past-surges", ALL);
        ROLES.put("GET /api/jobs/{tag}/tests/{kind}/earlier", ALL);
        ROLES.put("GET /api/triage", ALL);
        ROLES.put("POST /api/triage", ALL);
        ROLES.put("POST /api/triage/preview", ALL);
        ROLES.put("POST /api/triage/{id}/job", ALL);
        ROLES.put("GET /api/triage/{id}/label.pdf", ALL);
        ROLES.put("POST /api/jobs/{tag}/overrule", LEADS);
        ROLES.put("POST /api/jobs/{tag}/run-release", ALL);
        ROLES.put("GET /api/instruments", ALL);
        ROLES.put("GET /api/instruments/kinds", ALL);
        ROLES.put("POST /api/instruments", LEADS);
        ROLES.put("PUT /api/instruments/{id}", LEADS);
        ROLES.put("GET /api/jobs/{tag}/instruments/faults", ALL);
        ROLES.put("PUT /api/jobs/{tag}/instruments/motor", ALL);
        ROLES.put("POST /api/jobs/{tag}/evidence", ALL);
        ROLES.put("POST /api/jobs/{tag}/parts/{id}", ALL);
        ROLES.put("POST /api/jobs/{tag}/cause/what-if", ALL);
        ROLES.put("GET /api/cause/priors", ALL);
        ROLES.put("POST /api/cause/priors/reset", LEADS);
        ROLES.put("GET /api/teardown/vocabulary", ALL);
        ROLES.put("POST /api/jobs/{tag}/conclusion", ALL);
        ROLES.put("GET /api/jobs/{tag}/offers/estimate", ALL);
        ROLES.put("GET /api/jobs/{tag}/quotes", ALL);
        ROLES.put("POST /api/jobs/{tag}/quotes", OFFICE);
        ROLES.put("GET /api/jobs/{tag}/quotes/{version}/quote.pdf", ALL);
        ROLES.put("POST /api/jobs/{tag}/quotes/{version}/answer", OFFICE);
        ROLES.put("POST /api/jobs/{tag}/quotes/{version}/addresses", OFFICE);
        ROLES.put("DELETE /api/jobs/{tag}/quotes/{version}/addresses/{id}", OFFICE);
        ROLES.put("POST /api/jobs/{tag}/quotes/{version}/mail", OFFICE);
        ROLES.put("GET /api/prices", ALL);
        ROLES.put("GET /api/prices/{kind}.csv", ALL);
        ROLES.put("POST /api/prices", OFFICE);
        ROLES.put("GET /api/cause/vocabulary", ALL);
        ROLES.put("GET /api/test-kinds", ALL);
        ROLES.put("GET /api/worksheets/{name}/example", ALL);
        ROLES.put("GET /api/worksheets", ALL);
        ROLES.put("POST /api/worksheets/{name}", ALL);
        ROLES.put("POST /api/worksheets/{name}/typed", ALL);
        ROLES.put("GET /api/shops", ADMIN);
        ROLES.put("POST /api/shops", ADMIN);
        ROLES.put("GET /api/people", LEADS);
        ROLES.put("POST /api/people", ADMIN);
        ROLES.put("PUT /api/people/{username}", ADMIN);
        ROLES.put("POST /api/people/{username}/password", ADMIN);
        ROLES.put("POST /api/me/password", ALL);
        ROLES.put("GET /api/me/tokens", ALL);
        ROLES.put("POST /api/me/tokens", ALL);
        ROLES.put("DELETE /api/me/tokens/{id}", ALL);
    }

    /** Calls that make somebody signed in, and those of a customer, whose address is the key. */
    static final Set<String> OPEN = Set.of(
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "GET /api/quotes/{address}",
            "GET /api/quotes/{address}/quote.pdf",
            "GET /api/quotes/{address}/photos/{id}",
            "POST /api/quotes/{address}/answer",
            "GET /api/calendars/{secret}.ics");

    private static final String BODY = "{\"version\":0,\"seconds\":1,\"pace\":1,\"rotorFitted\":true,"
            + "\"how\":\"telephone\",\"windingTemperatureC\":20,\"closed\":false,\"typed\":{},\"station\":\"bench\","
            + "\"reason\":\"rights\",\"name\":\"Nobody\"}";

    /** What fills a path where nothing better is known: the names of things that are not there. */
    private static final Map<String, String> NOTHING = Map.ofEntries(
            Map.entry("{tag}", "TQ-9999"),
            Map.entry("{seed}", "1"),
            Map.entry("{drill}", "count"),
            Map.entry("{table}", "causes"),
            Map.entry("{expected}", "E-999999"),
            Map.entry("{version}", "1"),
            Map.entry("{name}", "no-such-sheet"),
            Map.entry("{username}", "no-such-person"),
            Map.entry("{serial}", "no-such-motor"),
            Map.entry("{id}", "999999999"));

    /** A call on things that are not there, so that whoever may send it changes nothing. */
    static Visitor.Answer send(Visitor visitor, String call) {
        return send(visitor, call, Map.of(), BODY);
    }

    /** A call on the things that {@code there} names, by the variables of its path. */
    static Visitor.Answer send(Visitor visitor, String call, Map<String, String> there, String body) {
        String[] parts = call.split(" ");
        String path = parts[1].endsWith("/photos") ? parts[1] + "?step=receive" : parts[1];
        for (Map.Entry<String, String> e : there.entrySet()) {
            path = path.replace(e.getKey(), e.getValue());
        }
        for (Map.Entry<String, String> e : NOTHING.entrySet()) {
            path = path.replace(e.getKey(), e.getValue());
        }
        path = path.replace("{kind}", parts[1].contains("/sheets/") ? "offers" : "tester-proof");
        return switch (parts[0]) {
            case "GET" -> visitor.get(path);
            case "DELETE" -> visitor.delete(path);
            default ->
                path.endsWith("/file")
                        ? visitor.postFile(path, new byte[] {0})
                        : visitor.raw(parts[0], path, body == null ? BODY : body);
        };
    }
}
