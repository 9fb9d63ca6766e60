package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Further tests of the bench: by instrument and by hand, each judged at once. */
@ExtendWith(Product.class)
class BenchOrderTest {

    @Test
    void theBalanceIsReadFromTheBridgeAndKept(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
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
        hand.sees("2 reasons");
    }

    @Test
    void aRunTakesItsRatingFromThePlateAndWarnsWhilePowerIsShut(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0411/bench/run");
        hand.sees("Power is shut:");
        hand.fill("line currents", "0.5 0.5 0.5");
        hand.fill("line voltages", "400 400 400");
        hand.seesJudged("Unbalance 0.0 %");
        assertThat(hand.field("rated current")).hasCount(0);
    }

    @Test
    void aSinglePhaseMotorIsNotAskedToCompareThreePhases(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0405");
        assertThat(hand.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Insulation to frame")))
                .isVisible();
        assertThat(hand.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Balance")))
                .hasCount(0);
    }
}
