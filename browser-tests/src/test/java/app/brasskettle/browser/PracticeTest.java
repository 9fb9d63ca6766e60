package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** An exercise of the practice bench, solved badly and well, and a drill. */
@ExtendWith(Product.class)
class PracticeTest {

    @Test
    void badlyStraightForPowerAndGuessing(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Planning.begun(tech, "Ground and a squeal", 7);
        Planning.does(tech, "Release it and run it");
        tech.sees("Held: ");
        Planning.does(tech, "Resistance of the windings");
        Planning.does(tech, "Ask the customer");
        Planning.does(tech, "Ask the customer");
        Planning.answers(tech, "overload");
        tech.seesJudged("You said overload. It was: bearing failed, rotor dragged");
        assertThat(tech.page().getByLabel("Held")).containsText("The frame would have stood at");
        assertThat(tech.page().getByLabel("Points")).containsText("2 attempts were held");
        assertThat(tech.page().getByLabel("Points")).containsText("Brought nothing: Ask the customer");
        assertThat(tech.page().getByLabel("Replay").locator("tr[data-held]")).hasCount(2);
    }

    @Test
    void wellWithTheShaftTurnedFirst(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Planning.begun(tech, "Ground and a squeal", 7);
        for (String act : new String[] {
            "Ask the customer",
            "Look it over",
            "Read the nameplate",
            "Lock out",
            "Mark it and take it apart",
            "Look inside"
        }) {
            Planning.does(tech, act);
        }
        Planning.answers(tech, "bearing failed, rotor dragged");
        tech.seesJudged("Right: bearing failed, rotor dragged");
        assertThat(tech.page().getByLabel("Held")).containsText("No gate had to hold you");
        assertThat(tech.page().getByLabel("Points")).containsText("30 of 30");
        tech.goTo("/practice");
        tech.sees("best");
    }

    @Test
    void aDrillIsAnsweredAndTold(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        tech.goTo("/practice/drills/count");
        assertThat(tech.page().locator("svg.cut circle").first()).isVisible();
        int wires = tech.page().locator("svg.cut circle").count();
        tech.fill("Answer", String.valueOf(wires));
        tech.press("Answer");
        tech.sees("Right.");
    }
}
