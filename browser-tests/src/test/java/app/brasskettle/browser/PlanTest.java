package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A week of the demonstration shop: planned, disturbed, planned again; a rush job asked about and accepted. */
@ExtendWith(Product.class)
class PlanTest {

    private static Locator lane(Hand hand, String who) {
        return hand.page().locator(".lane").filter(new Locator.FilterOptions().setHasText(who));
    }

    @Test
    void aWeekIsPlannedDisturbedAndPlannedAgain(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        Planning.planned(lead);
        assertThat(lane(lead, "Jonna Reke").locator(".piece").first()).isVisible();

        // By keyboard: to a task, to its neighbour, behind the one after it; nothing changes before somebody accepts.
        lane(lead, "Mara Orre").locator(".piece").first().focus();
        lead.page().keyboard().press("ArrowDown");
        assertThat(lead.page().locator(".picked b")).isVisible();
        lead.page().keyboard().press("ArrowUp");
        lead.page().keyboard().press("]");
        lead.sees("Moved: ");
        lead.press("Discard");
        lead.gone("Discard");

        lead.goTo("/plan/roster");
        lead.press("Somebody is away");
        lead.fill("Who is away", "Jonna Reke");
        lead.fill("From", LocalDate.now(ZoneOffset.UTC).toString());
        lead.fill("To, that day too", LocalDate.now(ZoneOffset.UTC).plusDays(70).toString());
        lead.press("Keep the roster");
        assertThat(lead.button("Keep the roster")).isDisabled();
        lead.goTo("/plan");
        lead.sees("Left the plan");
        lead.sees("Jonna Reke is away on");

        Planning.planned(lead);
        assertThat(lane(lead, "Jonna Reke").locator(".piece")).hasCount(0);
        assertThat(lead.page().getByText("Left the plan")).hasCount(0);
        lead.goTo("/plan/roster");
        lead.press("Jonna Reke is not away");
        lead.press("Keep the roster");
        assertThat(lead.button("Keep the roster")).isDisabled();
    }

    @Test
    void aRushJobIsAskedAboutAndAcceptedByName(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        Planning.planned(lead);
        Planning.asked(lead);
        assertThat(lead.page().getByLabel("Plan to decide about")).containsText("Harrow Grain Terminal, elevator 3");
        assertThat(lead.page().getByLabel("Plan to decide about"))
                .containsText(Pattern.compile("would be ready|later"));
        lead.press("Accept as Ivo Dalby");
        lead.seesHeading("Plan");
        assertThat(lead.page().getByText(Pattern.compile("^E-\\d+$")).first()).isVisible();
        lead.press("Arrived, or not coming");
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        tech.goTo("/plan");
        tech.sees("accepted by Ivo Dalby");
        assertThat(tech.button("Plan anew")).hasCount(0);
    }
}
