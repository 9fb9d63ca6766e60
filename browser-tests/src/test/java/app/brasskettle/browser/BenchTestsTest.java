package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Single tests of the bench: by instrument and by hand, each judged at once. */
@ExtendWith(Product.class)
class BenchTestsTest {

    @Test
    void theBalanceIsReadFromTheBridgeAndKept(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        Prepared.lockedOut(hand, "TQ-0402");
        hand.goTo("/jobs/TQ-0402/bench/balance");
        hand.press("Read the simulated bridge");
        hand.seesJudged("Holds: Inductances balance");
        hand.press("Keep the readings");
        hand.press("Measure again, this one is superseded");
        hand.press("Read the simulated bridge");
        hand.press("Keep the readings");
        hand.sees("Say in a word why the test is repeated");
        hand.fill("Why again", "clips moved");
        hand.press("Keep the readings");
        hand.sees("Mara Orre");
        assertThat(hand.button("Measure again, this one is superseded")).isVisible();
    }

    @Test
    void aShortedTurnStandsInTheLedgerAndHoldsTheGate(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0403/bench/balance");
        hand.seesJudged("Stop: The winding is unbalanced");
        hand.goTo("/jobs/TQ-0403/gate");
        hand.seesHeading("Energising blocked");
        assertThat(hand.page().locator("main")).containsText("The winding is unbalanced");
    }

    @Test
    void aRunTakesItsRatingFromThePlateAndWarnsWhileEnergisingIsBlocked(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0411/bench/run");
        hand.sees("Energising blocked");
        hand.fill("line currents", "0.5 0.5 0.5");
        hand.fill("line voltages", "400 400 400");
        hand.seesJudged("Unbalance 0.0 %");
        assertThat(hand.field("rated current")).hasCount(0);
    }

    @Test
    void aSinglePhaseMotorIsNotAskedToCompareThreePhases(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0405");
        Locator steps = hand.page().getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Steps of Bench"));
        assertThat(steps.getByText("Insulation to frame")).isVisible();
        assertThat(steps.getByText("Inductance balance")).hasCount(0);
    }

    @Test
    void aLeadHandWaivesALimitMissedByALittleInWritingAndNothingElse(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(tech);
        Prepared.lockedOut(tech, tag);
        Prepared.insulation(tech, tag, "4.1");
        tech.goTo("/jobs/" + tag + "/gate");
        tech.seesHeading("Energising blocked");
        tech.sees("a lead hand may waive it");
        assertThat(tech.button("Waive it")).hasCount(0);
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        lead.goTo("/jobs/" + tag + "/gate");
        assertThat(lead.button("Waive it")).hasCount(1);
        lead.fill("Why this figure may be waived here", "spare is fitted tomorrow, pit runs wet");
        lead.press("Waive it");
        lead.sees("Waived by Ivo Dalby");
        lead.goTo("/jobs/TQ-0402/gate");
        lead.sees("3.04 MΩ at 40 °C");
        assertThat(lead.button("Waive it")).hasCount(0);
    }

    private static void readFile(Hand hand, String file) {
        hand.page().getByLabel("Readings file").setInputFiles(Path.of("../docs/test-files", file));
    }

    @Test
    void readingsComeFromAFileAndAWrongOneIsToldByLineAndColumn(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0411/bench/step-voltage");
        readFile(hand, "wrong/no-figure.csv");
        hand.sees("Line 4, column 2");
        readFile(hand, "step-voltage.csv");
        hand.seesJudged("Holds: Leakage grows 1.17 times");
        hand.press("Keep the readings");
        hand.sees("High voltage is blocked");
        hand.fill("Taken before", "on the old bench, this morning");
        hand.press("Keep the readings");
        hand.sees("Readings as a file:");
        hand.goTo("/jobs/TQ-0411/bench/surge");
        hand.fill("Peak voltage of a test read from a file", "1170");
        hand.fill("Taken before", "on the old bench, this morning");
        readFile(hand, "surge-comparison.csv");
        hand.seesJudged("Unproven:");
        hand.sees("AB");
    }
}
