package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The bench in its order, by simulated instruments: three machines from lock-out to the run, a ramp broken off, the pile. */
@ExtendWith(Product.class)
class BenchOrderTest {

    private static void safe(Hand hand, String tag) {
        hand.goTo("/jobs/" + tag + "/bench/dead");
        hand.fill("By which two means", "two-pole tester and meter");
        hand.press("Record it as Mara Orre");
        hand.sees("Mara Orre, ");
        hand.pick("over range");
        hand.fill("Leads together", "0");
        hand.press("Keep the proof");
        hand.seesJudged("Holds: Tester proved");
    }

    /** Power ends a lock-out: whoever joins leads again locks out again. */
    private static void lockedOutAgain(Hand hand, String tag) {
        hand.goTo("/jobs/" + tag + "/bench/rotor");
        assertThat(hand.page().locator("main")).containsText("power was on since the lock-out");
        hand.goTo("/jobs/" + tag + "/bench/dead");
        hand.fill("By which two means", "two-pole tester and meter");
        hand.press("Record it as Mara Orre");
        hand.sees("Mara Orre, ");
    }

    private static void insulated(Hand hand, String tag, String because) {
        hand.goTo("/jobs/" + tag + "/bench/insulation");
        if (!because.isEmpty()) {
            hand.press("Test again");
        }
        hand.pick("600 times");
        hand.press("Start the simulated tester");
        assertThat(hand.page().getByLabel("reading after 600 s")).not().hasValue("");
        assertThat(hand.button("Start the simulated tester")).isVisible();
        if (!because.isEmpty()) {
            hand.fill("Why again", because);
        }
        hand.press("Keep the readings");
        assertThat(hand.button("Test again")).isVisible();
        hand.seesJudged("Holds:");
        hand.provesDischarged();
    }

    /** A test whose simulated instrument reads at a glance, kept. */
    private static void glanced(Hand hand, String tag, String step, String instrument, String judged) {
        hand.goTo("/jobs/" + tag + "/bench/" + step);
        hand.press(instrument);
        hand.seesJudged(judged);
        hand.press("Keep the readings");
        assertThat(hand.button("Measure again, this one is superseded")).isVisible();
    }

    private static void released(Hand hand, String tag, String then) {
        hand.goTo("/jobs/" + tag + "/bench/release");
        hand.sees("Test power only");
        for (String point : new String[] {"Bolted down", "Coupling and shaft end guarded", "Key captured or out"}) {
            hand.press(point);
        }
        hand.fill("At the stop", "Ivo Dalby");
        hand.fill("Rotation agreed", "clockwise");
        hand.press("Release it as Mara Orre");
        hand.seesGate(then);
    }

    private static void surged(Hand hand, String tag, String step) {
        hand.goTo("/jobs/" + tag + "/bench/" + step);
        hand.press("Surge the three phases");
        hand.seesJudged("Holds: All three alike");
        hand.grounded();
    }

    @Test
    void aThreePhaseMotorGoesThroughTheBenchInItsOrder(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        safe(hand, tag);
        hand.seesGate("Energising blocked");
        hand.goTo("/jobs/" + tag + "/bench/resistance");
        hand.press("Read the simulated bridge");
        hand.seesJudged("Holds:");
        hand.press("Keep the readings");
        insulated(hand, tag, "");
        hand.seesGate("Test power only");
        glanced(hand, tag, "balance", "Read the simulated bridge", "Holds: Inductances balance");
        hand.goTo("/jobs/" + tag + "/bench/step-voltage");
        hand.pick("600 times");
        hand.press("Run the simulated ramp");
        assertThat(hand.page().getByLabel(Pattern.compile("^voltage"))).hasCount(5);
        hand.seesJudged("Holds: Leakage");
        hand.press("Keep the readings");
        hand.grounded();
        surged(hand, tag, "surge");
        hand.goTo("/jobs/" + tag + "/bench/surge-rise");
        hand.pick("600 times");
        hand.press("Give rising pulses");
        hand.seesJudged("Holds: Stands rising pulses to 1170 V");
        hand.grounded();
        hand.seesGate("Insulation was tested before the last high voltage");
        insulated(hand, tag, "after the high voltage");
        released(hand, tag, "Energising permitted");
        glanced(hand, tag, "start", "Start the simulated motor", "Holds: Came up");
        glanced(hand, tag, "run", "Read the simulated power analyser", "Holds: Unbalance");
        glanced(hand, tag, "watch", "Watch the simulated motor", "Holds: 15 min");
        glanced(hand, tag, "vibration", "Read the simulated vibration meter", "Holds: Zone");
        lockedOutAgain(hand, tag);
        glanced(hand, tag, "rotor", "Read the simulated oscilloscope", "Holds: Sideband");
        hand.goTo("/jobs/" + tag + "/bench/insulation");
        hand.page().getByText("Record what was done to the motor since").click();
        hand.press("Washed");
        hand.seesGate("Energising blocked");
    }

    @Test
    void eachSpeedOfATwoSpeedMotorIsTestedOnItsOwn(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.twoSpeed(hand);
        safe(hand, tag);
        hand.goTo("/jobs/" + tag + "/bench/resistance");
        hand.press("Read the simulated bridge");
        hand.press("Keep the readings");
        // Keeping leads on to the next step: whoever goes elsewhere waits until it has.
        assertThat(hand.page().getByLabel("Ledger")).containsText("Unbalance");
        glanced(hand, tag, "resistance/2", "Read the simulated bridge", "Holds:");
        hand.seesHeading("Winding resistance, 965 Δ");
        insulated(hand, tag, "");
        glanced(hand, tag, "balance/2", "Read the simulated bridge", "Holds: Inductances balance");
        surged(hand, tag, "surge");
        surged(hand, tag, "surge/2");
        hand.seesHeading("Surge, 965 Δ");
        insulated(hand, tag, "after surge");
        released(hand, tag, "Energising permitted");
        glanced(hand, tag, "run", "Read the simulated power analyser", "Holds: Unbalance");
        glanced(hand, tag, "run/2", "Read the simulated power analyser", "usual 30 to 60 %");
    }

    @Test
    void aSinglePhaseMotorIsTestedByMeterAndEar(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.singlePhase(hand, "stuck-switch");
        safe(hand, tag);
        glanced(hand, tag, "windings", "Read the simulated bridge", "Holds: Windings whole");
        insulated(hand, tag, "");
        released(hand, tag, "Start switch and capacitor are not tested yet");
        glanced(hand, tag, "gear", "Read the simulated capacitance meter", "Stop: The start switch does not drop out");
        hand.seesGate("Test power only");
        hand.goTo("/jobs/" + tag + "/cause");
        hand.sees("start switch worn");
    }

    @Test
    void aRampIsBrokenOffAndTheWindingIsGroundedForIt(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        safe(hand, tag);
        hand.goTo("/jobs/" + tag + "/bench/step-voltage");
        hand.sees("High voltage blocked");
        assertThat(hand.button("Run the simulated ramp")).isDisabled();
        insulated(hand, tag, "");
        hand.goTo("/jobs/" + tag + "/bench/step-voltage");
        hand.pick("Real time");
        hand.press("Run the simulated ramp");
        assertThat(hand.page().getByText("Voltage off ·")).containsText("4:");
        hand.page().keyboard().press("Escape");
        hand.sees("Voltage taken off before its time");
        assertThat(hand.page().getByLabel("Discharge clock")).isVisible();
        assertThat(hand.button("Run the simulated ramp")).isVisible();
    }

    @Test
    void aLeadHandsWordStandsBesideTheLimitsAndShutsTheGate(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(tech);
        safe(tech, tag);
        tech.goTo("/jobs/" + tag + "/bench/resistance");
        tech.press("Read the simulated bridge");
        tech.press("Keep the readings");
        insulated(tech, tag, "");
        tech.seesGate("Test power only");
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        lead.goTo("/jobs/" + tag + "/bench/resistance");
        lead.page().getByText("Overrule this verdict").click();
        lead.pick("Stop");
        lead.fill("Why you overrule it", "joint of phase B is warm to the hand");
        lead.press("Overrule");
        lead.seesGate("Energising blocked");
        assertThat(lead.page().getByLabel("Ledger")).containsText("joint of phase B is warm to the hand");
    }

    @Test
    void aPileIsGoneThroughByKeysAlone(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/triage");
        hand.seesHeading("Triage");
        hand.fill("Chalked on it", "PILE-70");
        hand.field("Chalked on it").blur();
        for (String key : "f 5 0 0 Enter s".split(" ")) {
            hand.page().keyboard().press(key);
        }
        hand.seesJudged("Sound as far as a minute tells");
        hand.page().keyboard().press("Enter");
        assertThat(hand.field("Chalked on it")).hasValue("PILE-71");
        hand.page().keyboard().press("j");
        hand.sees("PILE-70");
        hand.page().locator("tbody tr").first().getByText("TQ-").click();
        assertThat(hand.page().locator("main")).containsText("From triage. Sound");
    }
}
