package app.brasskettle.server.customers;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class CustomerTest {

    private Visitor visitor;
    private String name;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("office");
        name = "Customer " + System.nanoTime();
    }

    private JsonNode customer() {
        JsonNode found = visitor.get("/api/customers?find=" + name.replace(" ", "%20"))
                .with(200)
                .json();
        assertThat(found.size()).isEqualTo(1);
        return found.get(0);
    }

    private void receive(String customer, Map<String, Object> contact) {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", customer);
        receipt.put("contact", contact);
        visitor.post("/api/jobs", receipt).with(200);
    }

    @Test
    void isMadeOnceWhateverTheCaseAndKeepsWhomToCall() {
        Map<String, Object> somebody =
                Map.of("name", "Aud Fell", "part", "approves cost", "phone", "ext. 9", "email", "");
        receive(name, somebody);
        receive(name.toUpperCase(java.util.Locale.ROOT), somebody);
        JsonNode customer = customer();
        assertThat(customer.get("jobs").asInt()).isEqualTo(2);
        assertThat(customer.get("contacts").size()).isEqualTo(1);
        assertThat(customer.at("/contacts/0/phone").asString()).isEqualTo("ext. 9");
    }

    @Test
    void somebodyWhoCannotBeReachedIsRefusedAndNoJobIsMade() {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", name);
        receipt.put("contact", Map.of("name", "", "part", "", "phone", "", "email", "nowhere"));
        assertThat(visitor.post("/api/jobs", receipt).with(400).problemFields())
                .containsExactlyInAnyOrder("contact.name", "contact.email");
        assertThat(visitor.get("/api/customers?find=" + name.replace(" ", "%20"))
                        .json()
                        .size())
                .isZero();
    }

    @Test
    void isChangedByTheOfficeAndNotOverAnothersChange() {
        receive(name, null);
        String path = "/api/customers/" + customer().get("id").asString();
        Map<String, Object> change = Map.of(
                "version",
                1,
                "name",
                name,
                "note",
                "gate closes at four",
                "contacts",
                List.of(Map.of("name", "B", "part", "", "phone", "1", "email", "")));
        assertThat(visitor.put(path, change).with(200).json().get("version").asInt())
                .isEqualTo(2);
        visitor.put(path, change).with(409);
        visitor.stranger().as("tech").put(path, change).with(403);
        Map<String, Object> taken = new HashMap<>(change);
        taken.put("version", 2);
        taken.put("name", "fell creamery");
        assertThat(visitor.put(path, taken).with(400).problemFields()).containsExactly("name");
    }
}
