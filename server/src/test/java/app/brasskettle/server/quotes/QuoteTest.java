package app.brasskettle.server.quotes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Together;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class QuoteTest {

    /** A job with prices and its first quote. */
    private static String quoted(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Plates.sheet(visitor, tag, "offers", Plates.offers(visitor, tag));
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        return tag;
    }

    private static String address(Visitor visitor, String tag, int version) {
        String address = visitor.post("/api/jobs/" + tag + "/quotes/" + version + "/addresses", Map.of())
                .with(200)
                .json()
                .get("address")
                .asString();
        return "/api/quotes/" + address.substring(address.lastIndexOf('/') + 1);
    }

    private static Visitor customer(Visitor visitor, String address) {
        Visitor customer = visitor.stranger();
        customer.get(address).with(200);
        return customer;
    }

    private static Map<String, Object> accepts(String option, String who) {
        return Map.of("answer", "accepted", "option", option, "who", who, "words", "");
    }

    /** ISO 19005-2, level B: everything needed to show the pages is inside the file. */
    @ParameterizedTest
    @ValueSource(strings = {"TQ-0404", "TQ-0409", "TQ-0410"})
    void itsPagesArePdfA(String tag, Visitor visitor) throws Exception {
        visitor.as("office");
        if (visitor.get("/api/jobs/" + tag).json().at("/sheets/offers").isMissingNode()) {
            Plates.sheet(visitor, tag, "offers", Plates.offers(visitor, tag));
        }
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        int newest = visitor.get("/api/jobs/" + tag + "/quotes")
                .json()
                .at("/0/version")
                .asInt();
        byte[] pdf = visitor.get("/api/jobs/" + tag + "/quotes/" + newest + "/quote.pdf")
                .with(200)
                .bytes();
        assertThat(wrongWith(pdf)).isEmpty();
        assertThat(wrongWith(visitor.get("/api/jobs/" + tag + "/condition.pdf")
                        .with(200)
                        .bytes()))
                .isEmpty();
    }

    /** What a validator finds wrong with a PDF/A-2b file. */
    private static Set<String> wrongWith(byte[] pdf) throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFA_2_B);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFA_2_B, false)) {
            ValidationResult result = validator.validate(parser);
            Set<String> wrong = result.getTestAssertions().stream()
                    .filter(a -> a.getStatus() == TestAssertion.Status.FAILED)
                    .map(a -> a.getRuleId() + " " + a.getMessage())
                    .collect(Collectors.toSet());
            assertThat(result.isCompliant()).isEqualTo(wrong.isEmpty());
            return wrong;
        }
    }

    /** The validator finds what is wrong: the shop's own sheet is no PDF/A, and is not meant to be. */
    @Test
    void whatIsNoPdfAIsFound(Visitor visitor) throws Exception {
        assertThat(wrongWith(
                        visitor.as("office").get("/api/jobs/TQ-0404/sheet.pdf").bytes()))
                .isNotEmpty();
    }

    @Test
    void theConditionOnArrivalSaysNothingOfPrices(Visitor visitor) throws IOException {
        byte[] bytes = visitor.as("tech")
                .get("/api/jobs/TQ-0401/condition.pdf")
                .with(200)
                .bytes();
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("Condition on arrival", "bucket elevator", "You told us", "How it came", "plate says")
                    .contains("Winding resistance", "says how the motor was when it came")
                    .doesNotContain("crowns", "a year in all");
        }
    }

    @Test
    void theOwnerReadsWhatWasFoundWhyAndWhatCanBeDone(Visitor visitor) throws IOException {
        visitor.as("office").post("/api/jobs/TQ-0404/quotes", Map.of()).with(200);
        int newest =
                visitor.get("/api/jobs/TQ-0404/quotes").json().at("/0/version").asInt();
        byte[] bytes =
                visitor.get("/api/jobs/TQ-0404/quotes/" + newest + "/quote.pdf").bytes();
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(pdf).replaceAll("\\s+", " "))
                    .contains("Quote " + newest, "jaw crusher", "Valid until", "What we found", "Why it failed")
                    .contains("Overload", "What can be done", "Rewind – recommended", "ready in");
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("What would change this advice", "What was measured", "simulated", "licensed practice");
        }
    }

    @Test
    void aPriceThatComesLaterCannotTouchAQuote(Visitor visitor) {
        String tag = quoted(visitor);
        String quotes = "/api/jobs/" + tag + "/quotes";
        byte[] before = visitor.get(quotes + "/1/quote.pdf").bytes();
        String price = visitor.get(quotes).json().at("/0/options/1/net").asString();
        customer(visitor, address(visitor, tag, 1))
                .post(address(visitor, tag, 1) + "/answer", accepts("Rewind", "R. Ashe"));
        JsonNode job = visitor.get("/api/jobs/" + tag).json();
        assertThat(job.at("/chosen").isNull())
                .as("another visitor’s token does not serve")
                .isFalse();
        Map<String, Object> dearer = Plates.offers(visitor, tag);
        raiseFirstLine(dearer);
        visitor.put("/api/jobs/" + tag + "/sheets/offers", Map.of("version", 1, "typed", dearer))
                .with(200);
        assertThat(visitor.get(quotes + "/1/quote.pdf").bytes()).isEqualTo(before);
        assertThat(visitor.get(quotes).json().at("/0/options/1/net").asString()).isEqualTo(price);
        JsonNode now = visitor.get("/api/jobs/" + tag).json();
        assertThat(now.at("/chosen/price").asString()).isEqualTo(price);
        assertThat(now.at("/chosen/exceeded/headline").asString()).contains("Rewind comes to", "approved are " + price);
    }

    @SuppressWarnings("unchecked")
    private static void raiseFirstLine(Map<String, Object> typed) {
        JsonNode offers = (JsonNode) typed.get("offers");
        List<Map<String, Object>> changed = new ArrayList<>();
        offers.forEach(o -> {
            Map<String, Object> offer = new HashMap<>();
            o.propertyStream().forEach(p -> offer.put(p.getKey(), p.getValue()));
            if (o.get("kind").asString().equals("rewind")) {
                List<Object> lines = new ArrayList<>();
                o.get("lines").forEach(lines::add);
                Map<String, Object> line = new HashMap<>();
                ((JsonNode) lines.get(0)).propertyStream().forEach(p -> line.put(p.getKey(), p.getValue()));
                line.put("quantity", "90");
                line.put("reason", "seized bolts");
                lines.set(0, line);
                offer.put("lines", lines);
            }
            changed.add(offer);
        });
        typed.put("offers", changed);
    }

    @Test
    void theStoreRefusesToChangeAQuote(Visitor visitor, RunningServer.Running server) {
        quoted(visitor);
        JdbcClient db = server.context().getBean(JdbcClient.class);
        assertThatThrownBy(() ->
                        db.sql("update quote set issued_by = 'somebody else'").update())
                .hasMessageContaining("a quote is not changed");
        assertThatThrownBy(() -> db.sql("delete from quote").update()).hasMessageContaining("a quote is not changed");
    }

    @Test
    void anAddressOpensItsQuoteAndNothingElseAndEndsWhenTakenBack(Visitor visitor) {
        String tag = quoted(visitor);
        String address = address(visitor, tag, 1);
        Visitor customer = customer(visitor, address);
        JsonNode seen = customer.get(address).with(200).json();
        assertThat(seen.at("/quote/tag").asString()).isEqualTo(tag);
        assertThat(seen.at("/state").asString()).isEqualTo("open");
        assertThat(customer.get(address + "/quote.pdf").with(200).type()).isEqualTo("application/pdf");
        customer.get(address + "/photos/1").with(404);
        customer.get("/api/jobs/" + tag).with(401);
        customer.get("/api/jobs/" + tag + "/quotes").with(401);
        JsonNode mine = visitor.get("/api/jobs/" + tag + "/quotes").json();
        assertThat(mine.toString()).doesNotContain(address.substring(address.lastIndexOf('/') + 1));
        visitor.delete("/api/jobs/" + tag + "/quotes/1/addresses/"
                        + mine.at("/0/addresses/0/id").asInt())
                .with(200);
        customer.get(address).with(404);
        assertThat(customer.post(address + "/answer", accepts("Rewind", "R. Ashe"))
                        .with(404)
                        .json()
                        .get("detail")
                        .asString())
                .contains("taken back");
    }

    @Test
    void aLaterQuoteTakesThePlaceOfAnEarlierOne(Visitor visitor) {
        String tag = quoted(visitor);
        String address = address(visitor, tag, 1);
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        Visitor customer = customer(visitor, address);
        assertThat(customer.post(address + "/answer", accepts("Rewind", "R. Ashe"))
                        .with(409)
                        .json()
                        .get("detail")
                        .asString())
                .contains("quote 2 took its place");
        customer.post(address + "/answer", Map.of("answer", "question", "who", "R. Ashe", "words", "Why dearer?"))
                .with(200);
        assertThat(visitor.get("/api/jobs/" + tag).json().at("/ledger").toString())
                .contains("Why dearer?");
    }

    @Test
    void aQuoteOutOfDateTakesNoAnswer(Visitor visitor, RunningServer.Running server) {
        String tag = quoted(visitor);
        // The only way to an old quote is a clock; here the row is written as if it had been issued long ago.
        JdbcClient db = server.context().getBean(JdbcClient.class);
        db.sql("""
                insert into quote (job_id, version, content, pdf, pdf_sha256, valid_until, issued_by, issued_at)
                select job_id, 2, content || '{"version": 2}', pdf, pdf_sha256, now() - interval '1 day', issued_by, issued_at
                from quote q join job j on j.id = q.job_id where j.tag = :tag""").param("tag", tag).update();
        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/quotes/2/answer",
                                Map.of("option", "rewind", "customer", "x", "how", "telephone", "reason", ""))
                        .with(409)
                        .json()
                        .get("detail")
                        .asString())
                .contains("no longer valid");
    }

    /** Of many who answer at once one settles it, and the others hear who was first. */
    @Test
    void twoAnswersAtOnceAreOneAnswer(Visitor visitor) throws Exception {
        String tag = quoted(visitor);
        String address = address(visitor, tag, 1);
        int many = 8;
        List<Visitor> customers = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            customers.add(customer(visitor, address));
        }
        List<Integer> statuses = Together.all(many, i -> {
            Map<String, Object> body = i % 2 == 0
                    ? accepts("Rewind", "customer " + i)
                    : Map.of("answer", "declined", "who", "customer " + i, "words", "");
            return customers.get(i).post(address + "/answer", body).status();
        });
        assertThat(statuses).containsOnlyOnce(200);
        assertThat(Set.copyOf(statuses)).containsExactlyInAnyOrder(200, 409);
        assertThat(visitor.get("/api/jobs/" + tag + "/quotes")
                        .json()
                        .at("/0/answers")
                        .size())
                .isEqualTo(1);
    }

    /** One key sent many times at once is one quote and one answer, whoever of them comes through first. */
    @Test
    void retriesAtOnceDoubleNothing(Visitor visitor) throws Exception {
        String tag = quoted(visitor);
        int many = 6;
        assertThat(Together.all(
                        many,
                        i -> visitor.post("/api/jobs/" + tag + "/quotes", Map.of(), "Idempotency-Key", "issue-" + tag)
                                .status()))
                .contains(200)
                .containsOnly(200, 409);
        assertThat(visitor.get("/api/jobs/" + tag + "/quotes").json().size()).isEqualTo(2);
        assertThat(Together.all(
                        many,
                        i -> visitor.post(
                                        "/api/jobs/" + tag + "/quotes/2/answer",
                                        Map.of(
                                                "answer", "question",
                                                "customer", "R. Ashe",
                                                "how", "telephone",
                                                "reason", "When?"),
                                        "Idempotency-Key",
                                        "ask-" + tag)
                                .status()))
                .contains(200)
                .containsOnly(200, 409);
        assertThat(visitor.get("/api/jobs/" + tag + "/quotes")
                        .json()
                        .at("/0/answers")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void anAnswerSentTwiceIsOneAnswer(Visitor visitor) {
        String tag = quoted(visitor);
        String address = address(visitor, tag, 1);
        Visitor customer = customer(visitor, address);
        for (int i = 0; i < 2; i++) {
            customer.post(
                            address + "/answer",
                            Map.of("answer", "question", "who", "R. Ashe", "words", "When?"),
                            "Idempotency-Key",
                            "q-" + tag)
                    .with(200);
        }
        assertThat(visitor.get("/api/jobs/" + tag + "/quotes")
                        .json()
                        .at("/0/answers")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void whoeverGuessesAddressesIsStopped(Visitor visitor, RunningServer.Running server) {
        String tag = quoted(visitor);
        String address = address(visitor, tag, 1);
        Visitor guesser = visitor.stranger();
        Set<Integer> statuses = new java.util.TreeSet<>();
        for (int i = 0; i < 1000; i++) {
            statuses.add(guesser.get("/api/quotes/guess" + i).status());
        }
        assertThat(statuses).containsExactly(404, 429);
        assertThat(guesser.get(address).status())
                .as("even the right one waits then")
                .isEqualTo(429);
        server.context().getBean(Throttle.class).clear(Attempt.QUOTE_ADDRESS, "127.0.0.1");
        guesser.get(address).with(200);
    }
}
