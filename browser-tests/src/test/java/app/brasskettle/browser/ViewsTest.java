package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Views that must be usable by everybody: by keyboard, on a tablet, through assistive technology. */
@ExtendWith(Product.class)
class ViewsTest {

    private static final List<String> GRAVE = List.of("serious", "critical");

    private static Hand lead;

    @ParameterizedTest
    @CsvSource({
        "/, What needs hands next",
        "/receive, Receive a motor",
        "/jobs/TQ-0402/receive, As it came in",
        "/jobs/TQ-0402/plate, Nameplate",
        "/jobs/TQ-0410/plate, Nameplate",
        "/jobs/TQ-0401/course, Out of the usual order",
        "/jobs/TQ-0401/journal, Journal",
        "/motors/SW0417B, Motor SW0417B",
        "/customers/1, Harrow Grain Terminal",
        "/shop, Ivo Dalby",
        "/jobs/TQ-0402/bench/dead, Dead",
        "/jobs/TQ-0411/bench/resistance, Winding resistance",
        "/jobs/TQ-0402/bench/insulation, Insulation to frame",
        "/jobs/TQ-0403/bench/surge, Surge",
        "/jobs/TQ-0403/bench/balance, Balance",
        "/jobs/TQ-0405/bench/windings, Main and start winding",
        "/jobs/TQ-0405/bench/gear, Switch",
        "/jobs/TQ-0407/bench/watch, Quarter-hour watch",
        "/jobs/TQ-0407/bench/release, Release to run",
        "/jobs/TQ-0412/bench/step-voltage, Step voltage",
        "/jobs/TQ-0412/bench/surge-rise, Surge",
        "/triage, The pile",
        "/jobs/TQ-0408/teardown/parts, Marks and parts",
        "/jobs/TQ-0401/teardown/lead-map, Leads as they lie",
        "/jobs/TQ-0408/teardown/findings, What is found on it",
        "/jobs/TQ-0408/teardown/air-gap, Air gap",
        "/jobs/TQ-0408/teardown/together, Reassembly",
        "/jobs/TQ-0401/teardown/coils, What the coils say",
        "/jobs/TQ-0401/cause, What started it",
        "/jobs/TQ-0406/winding, Winding data",
        "/jobs/TQ-0404/choose, Recondition",
        "/jobs/TQ-0404/gate, Power: shut",
        "/worksheets/insulation-resistance, Insulation to frame"
    })
    void nothingGraveStandsInTheWayOfAssistiveTechnology(String path, String heading, Product.Running product) {
        Hand hand = lead(product);
        hand.goTo(path);
        hand.seesHeading(heading);
        assertThat(grave(new AxeBuilder(hand.page()))).as("light").isEmpty();
        hand.press("dark setting");
        // Nothing but colours differs in the dark.
        assertThat(grave(new AxeBuilder(hand.page()).withRules(List.of("color-contrast"))))
                .as("dark")
                .isEmpty();
        hand.press("light setting");
    }

    private static List<String> grave(AxeBuilder axe) {
        return axe.analyze().getViolations().stream()
                .filter(v -> GRAVE.contains(v.getImpact()))
                .map(v -> v.getId() + " " + v.getNodes().get(0).getHtml())
                .toList();
    }

    /** One page serves all views, since signing in is not what is looked at here. */
    private static Hand lead(Product.Running product) {
        if (lead == null) {
            lead = new Hand(product.lastingPage(1280, 800)).signIn("lead");
        }
        return lead;
    }

    @Test
    void theFloorIsWalkedByKeyboard(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.page().keyboard().press("/");
        hand.page().keyboard().type("crusher");
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        hand.page().keyboard().press("Enter");
        hand.page().keyboard().press("Enter");
        hand.seesHeading("Recondition, rewind or replace");
        assertThat(hand.tag()).isEqualTo("TQ-0404");
        hand.page().keyboard().press("g");
        hand.seesHeading("Power: shut");
        hand.page().keyboard().press("f");
        hand.sees("What needs hands next");
    }

    @Test
    void onATabletUprightNothingIsCutOffAndTargetsFitAGlove(Product.Running product) {
        Hand hand = new Hand(product.page(820, 1180)).signIn("tech");
        for (String path : List.of(
                "/",
                "/jobs/TQ-0401/teardown/coils",
                "/jobs/TQ-0408/teardown/parts",
                "/jobs/TQ-0401/teardown/lead-map",
                "/jobs/TQ-0408/teardown/findings",
                "/jobs/TQ-0408/teardown/together",
                "/jobs/TQ-0408/cause",
                "/jobs/TQ-0402/bench/insulation",
                "/jobs/TQ-0412/bench/step-voltage",
                "/jobs/TQ-0407/bench/vibration",
                "/triage",
                "/receive",
                "/jobs/TQ-0402/receive",
                "/jobs/TQ-0410/plate",
                "/jobs/TQ-0401/course",
                "/motors/SW0417B",
                "/shop",
                "/customers/1")) {
            hand.goTo(path);
            assertThat(hand.page().getByRole(AriaRole.HEADING).first()).isVisible();
            Object across = hand.page().evaluate("() => document.documentElement.scrollWidth - innerWidth");
            assertThat(((Number) across).intValue())
                    .as(path + " scrolls sideways")
                    .isLessThanOrEqualTo(0);
        }
        hand.goTo("/jobs/TQ-0401/teardown/coils");
        assertThat(hand.page().locator(".pick").first()).isVisible();
        Object smallest = hand.page()
                .evaluate("() => Math.min(...[...document.querySelectorAll('.pick, .spine a')]"
                        + ".map(e => e.getBoundingClientRect().height))");
        assertThat(((Number) smallest).doubleValue()).isGreaterThanOrEqualTo(44);
    }

    @Test
    void aWorksheetAnswersAsItIsTyped(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/worksheets/nameplate");
        hand.seesJudged("Holds: The plate agrees with itself");
        hand.sees("50 hp · 37.28 kW");
        hand.fill("rated speed", "1175");
        hand.seesJudged("Holds: The plate agrees with itself: 6 poles");
        hand.fill("rated speed", "fast");
        hand.sees("is not a figure");
        hand.goTo("/worksheets/surge-comparison");
        hand.seesJudged("Stop: Traces differ");
    }

    @Test
    void theReasonsOfAShutGateLeadToWhatOpensIt(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0410/plate");
        hand.page().locator(".gate").click();
        hand.seesHeading("Power: shut");
        hand.page()
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Lock out, prove dead by two means, by name"))
                .click();
        hand.seesHeading("Dead, and a tester");
    }
}
