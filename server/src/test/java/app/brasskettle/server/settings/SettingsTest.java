package app.brasskettle.server.settings;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class SettingsTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("lead");
    }

    private static Map<String, Object> typed(Map<String, Object> other) {
        Map<String, Object> typed = new HashMap<>(Map.of(
                "shopName",
                "Tarn Quay Motor Works",
                "tagPrefix",
                "TQ",
                "currency",
                "",
                "rates",
                Map.of("hour", "62", "copperPerKg", "14.5", "energyPricePerKwh", "0.16", "discountRatePercent", "6"),
                "schools",
                List.of(),
                "limits",
                List.of(),
                "simulatedInstruments",
                true));
        typed.putAll(other);
        return typed;
    }

    private JsonNode settle(Map<String, Object> other) {
        int version =
                visitor.get("/api/settings").with(200).json().get("version").asInt();
        return visitor.put("/api/settings", Map.of("version", version, "typed", typed(other)))
                .with(200)
                .json();
    }

    private JsonNode insulation(String tag) {
        return visitor.get("/api/jobs/" + tag).json().at("/bench/insulation");
    }

    /** It takes the second person out of the count: an administrator settles it, and a lead hand's save changes nothing of it. */
    @Test
    void onlyAnAdministratorSaysThatOnePersonWorksHere() throws IOException {
        int version = visitor.get("/api/settings").json().get("version").asInt();
        Map<String, Object> body = Map.of("version", version, "typed", typed(Map.of("onePerson", true)));
        visitor.put("/api/settings", body).with(403);
        Visitor admin = visitor.stranger().as("admin");
        admin.put("/api/settings", body).with(200);
        try {
            assertThat(sheet()).contains("(one-person shop)");
            visitor.put("/api/settings", Map.of("version", version + 1, "typed", typed(Map.of())))
                    .with(403);
        } finally {
            admin.put("/api/settings", Map.of("version", version + 1, "typed", typed(Map.of())))
                    .with(200);
        }
        assertThat(sheet()).doesNotContain("one-person");
    }

    @Test
    void printIsInTheTimeZoneOfTheShop() throws IOException {
        try {
            settle(Map.of("timeZone", "Asia/Tokyo"));
            assertThat(sheet()).contains("JST").doesNotContain("UTC");
            int version = visitor.get("/api/settings").json().get("version").asInt();
            assertThat(visitor.put(
                                    "/api/settings",
                                    Map.of("version", version, "typed", typed(Map.of("timeZone", "Middle/Earth"))))
                            .with(400)
                            .problemFields())
                    .containsExactly("timeZone");
        } finally {
            settle(Map.of());
        }
        assertThat(sheet()).contains("UTC");
    }

    private String sheet() throws IOException {
        byte[] pdf = visitor.get("/api/jobs/TQ-0402/sheet.pdf").with(200).bytes();
        try (PDDocument read = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(read);
        }
    }

    @Test
    void aSettingChangesEveryJobThatAPageHasSeen() {
        String seen = visitor.get("/api/jobs/TQ-0402").with(200).version();
        assertThat(visitor.newerThan(seen, "/api/jobs/TQ-0402").status()).isEqualTo(304);
        settle(Map.of());
        assertThat(visitor.newerThan(seen, "/api/jobs/TQ-0402").status()).isEqualTo(200);
    }

    @Test
    void aChangedLimitJudgesShowsItsReasonAndIsJournalled() {
        try {
            assertThat(insulation("TQ-0402").at("/standing/judgement/source").asString())
                    .doesNotContain("shop's limit");
            settle(Map.of(
                    "limits",
                    List.of(Map.of(
                            "limit", "random-wound-megohm", "figure", "2", "reason", "customer's specification 7"))));
            JsonNode after = insulation("TQ-0402");
            assertThat(after.at("/standing/judgement/source").asString())
                    .contains("shop's limit 2 MΩ in place of 5: customer's specification 7");
            assertThat(after.at("/result/verdict").asString()).isNotEqualTo("stop");
            JsonNode journal = visitor.get("/api/settings/journal").with(200).json();
            assertThat(journal.at("/0/by").asString()).isEqualTo("Ivo Dalby");
            assertThat(journal.at("/0/after/limits/0/figure").asDouble()).isEqualTo(2);
            assertThat(journal.at("/0/before/limits").size()).isZero();
        } finally {
            settle(Map.of());
        }
    }

    @Test
    void theOtherSchoolStandsBesideTheOneThatDecides() {
        try {
            String standard =
                    insulation("TQ-0402").at("/standing/judgement/headline").asString();
            settle(Map.of("schools", List.of(Map.of("question", "insulation-acceptance", "school", "practice"))));
            JsonNode after = insulation("TQ-0402");
            assertThat(after.at("/standing/other/headline").asString()).isEqualTo(standard);
            assertThat(after.at("/standing/judgement/headline").asString()).isNotEqualTo(standard);
        } finally {
            settle(Map.of());
        }
    }

    @Test
    void aValidCertificateOpensTheGateAndAnExpiredOneDoesNot() {
        try {
            assertThat(visitor.get("/api/jobs/TQ-0414")
                            .json()
                            .at("/opening/open")
                            .asBoolean())
                    .isFalse();
            Map<String, Object> certificate = Map.of("number", "EX-17", "from", "the examiner", "until", "2999-12-31");
            assertThat(settle(Map.of("certificate", certificate))
                            .get("certified")
                            .asBoolean())
                    .isTrue();
            assertThat(visitor.get("/api/jobs/TQ-0414")
                            .json()
                            .at("/opening/open")
                            .asBoolean())
                    .isTrue();
            Map<String, Object> expired = new HashMap<>(certificate);
            expired.put("until", "2020-12-31");
            assertThat(settle(Map.of("certificate", expired)).get("certified").asBoolean())
                    .isFalse();
            assertThat(visitor.get("/api/jobs/TQ-0414")
                            .json()
                            .at("/opening/open")
                            .asBoolean())
                    .isFalse();
        } finally {
            settle(Map.of());
        }
    }

    @Test
    void ratesPriceTheFirstEstimate() {
        try {
            String before = visitor.get("/api/jobs/TQ-0401/offers/estimate")
                    .json()
                    .at("/offers/0/lines/0/rate")
                    .asString();
            settle(Map.of(
                    "rates",
                    Map.of(
                            "hour",
                            "90",
                            "copperPerKg",
                            "14.5",
                            "energyPricePerKwh",
                            "0.2",
                            "discountRatePercent",
                            "6")));
            JsonNode after = visitor.get("/api/jobs/TQ-0401/offers/estimate").json();
            assertThat(before).isEqualTo("62");
            assertThat(after.at("/offers/0/lines/0/rate").asString()).isEqualTo("90");
            assertThat(after.at("/energyPricePerKwh").asString()).isEqualTo("0.2");
        } finally {
            settle(Map.of());
        }
    }

    @Test
    void whatNoShopShouldSettleIsRefusedAtItsField() {
        int version = visitor.get("/api/settings").json().get("version").asInt();
        Map<String, Object> wrong = typed(Map.of(
                "tagPrefix", "T7",
                "certificate", Map.of("number", "", "from", "x", "until", "soon"),
                "limits",
                        List.of(
                                Map.of("limit", "random-wound-megohm", "figure", "0.01", "reason", "x"),
                                Map.of("limit", "gravity", "figure", "9.81", "reason", "x"))));
        assertThat(visitor.put("/api/settings", Map.of("version", version, "typed", wrong))
                        .with(400)
                        .problemFields())
                .contains(
                        "tagPrefix", "certificate.number", "certificate.until", "limits[0].figure", "limits[1].limit");
        visitor.put("/api/settings", Map.of("version", version - 1, "typed", typed(Map.of())))
                .with(409);
    }
}
