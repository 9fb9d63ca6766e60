package app.brasskettle.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A server killed, and a database away, while a voltage is on a winding. */
@ExtendWith(Product.class)
class PowerCutTest {

    /** Begins a ramp at the pace of the wall and comes back with what was told until its voltage is on. */
    private static final String RAMP = """
            async (tag) => {
              const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
              const answer = await fetch('/api/jobs/' + tag + '/instruments/step-ramp', { method: 'POST',
                body: JSON.stringify({ pace: 1 }),
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } });
              window.ramp = answer.body.getReader();
              let told = '';
              while (!/event:reading[^]*\\n\\n/.test(told)) {
                const { value, done } = await window.ramp.read();
                if (done) throw new Error('it ended: ' + told);
                told += new TextDecoder().decode(value);
              }
              return told;
            }""";

    /** Reads what the ramp still tells, until it says how it ended. */
    private static final String REST = """
            async () => {
              let told = '';
              while (!/event:ended[^]*\\n\\n/.test(told)) {
                const { value, done } = await window.ramp.read();
                if (done) throw new Error('it never said how it ended: ' + told);
                told += new TextDecoder().decode(value);
              }
              return told;
            }""";

    private static String readyForHighVoltage(Hand hand) {
        String tag = Prepared.threePhase(hand);
        Prepared.lockedOut(hand, tag);
        Prepared.insulatedFast(hand, tag);
        return tag;
    }

    private static List<String> holding(Hand hand, String tag) {
        return ((List<?>) ((Map<?, ?>) Prepared.job(hand, tag).get("gate")).get("holding"))
                .stream().map(r -> (String) ((Map<?, ?>) r).get("code")).toList();
    }

    private static double secondsLeft(Hand hand, String tag) {
        Map<?, ?> discharge = (Map<?, ?>) Prepared.job(hand, tag).get("discharge");
        return ((Number) discharge.get("secondsLeft")).doubleValue();
    }

    private static void untilTheRunIsOver(Hand hand, String tag) {
        while (holding(hand, tag).contains("run-under-way")) {
            Thread.onSpinWait();
        }
    }

    @Test
    void aServerKilledInTheMiddleOfARampLeavesItsVoltageOnRecord(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = readyForHighVoltage(hand);
        hand.page().evaluate(RAMP, tag);
        assertThat(holding(hand, tag)).contains("run-under-way");
        product.killServer();
        product.startServer();
        assertThat(holding(hand, tag))
                .as("on until somebody knows better, then discharging")
                .containsAnyOf("run-under-way", "discharging");
        untilTheRunIsOver(hand, tag);
        assertThat(holding(hand, tag)).contains("discharging");
        assertThat(secondsLeft(hand, tag)).isGreaterThan(30);
    }

    @Test
    void withTheDatabaseAwayOffTakesTheVoltageOffAtOnceAndTheRunIsOnRecord(Product.Running product)
            throws IOException, InterruptedException {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = readyForHighVoltage(hand);
        Matcher key = Pattern.compile("\"off\":\"([^\"]+)\"")
                .matcher((String) hand.page().evaluate(RAMP, tag));
        assertThat(key.find()).isTrue();
        product.stopDatabase();
        try {
            String answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(product.address() + "/api/off/" + key.group(1)))
                                    .POST(HttpRequest.BodyPublishers.noBody())
                                    .build(),
                            BodyHandlers.ofString())
                    .body();
            assertThat(answer).contains("\"stopped\":1");
            assertThat((String) hand.page().evaluate(REST)).contains("event:ended", "\"aborted\":true");
        } finally {
            product.restartDatabase();
        }
        untilTheRunIsOver(hand, tag);
        assertThat(holding(hand, tag)).contains("discharging");
        assertThat(secondsLeft(hand, tag)).isPositive();
    }

    /** Nobody presses anything: a server that cannot keep its claim alive takes the voltage off by itself. */
    @Test
    void aVoltageThatCannotBeKeptOnRecordGoesOffByItself(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = readyForHighVoltage(hand);
        hand.page().evaluate(RAMP, tag);
        product.stopDatabase();
        try {
            assertThat((String) hand.page().evaluate(REST)).contains("event:ended", "\"aborted\":true");
        } finally {
            product.restartDatabase();
        }
        untilTheRunIsOver(hand, tag);
        assertThat(holding(hand, tag)).contains("discharging");
    }
}
