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
import org.junit.jupiter.params.provider.ValueSource;

/** Views that must be usable by everybody: by keyboard, on a tablet, through assistive technology. */
@ExtendWith(Product.class)
class ViewsTest {

    private static final List<String> GRAVE = List.of("serious", "critical");

    private static Hand lead;

    @ParameterizedTest
    @CsvSource({
        "/, What needs hands next, true",
        "/receive, Receive a motor, false",
        "/jobs/TQ-0402/receive, As it came in, false",
        "/jobs/TQ-0402/plate, Nameplate, false",
        "/jobs/TQ-0401/routing, Out of the usual order, false",
        "/jobs/TQ-0401/journal, Journal, false",
        "/motors/SW0417B, Motor SW0417B, false",
        "/customers/1, Harrow Grain Terminal, false",
        "/shop, Ivo Dalby, false",
        "/jobs/TQ-0402/bench/dead, Dead, false",
        "/jobs/TQ-0411/bench/resistance, Winding resistance, false",
        "/jobs/TQ-0402/bench/insulation, Insulation to frame, true",
        "/jobs/TQ-0403/bench/surge, Surge, true",
        "/jobs/TQ-0403/bench/balance, Balance, false",
        "/jobs/TQ-0405/bench/windings, Main and start winding, false",
        "/jobs/TQ-0407/bench/release, Release to run, false",
        "/jobs/TQ-0412/bench/step-voltage, Step voltage, false",
        "/triage, Triage, true",
        "/jobs/TQ-0408/teardown/parts, Marks and parts, true",
        "/jobs/TQ-0401/teardown/lead-map, Leads as they lie, false",
        "/jobs/TQ-0408/teardown/findings, What is found on it, true",
        "/jobs/TQ-0408/teardown/air-gap, Air gap, false",
        "/jobs/TQ-0408/teardown/together, Reassembly, false",
        "/jobs/TQ-0401/teardown/coils, What the coils say, true",
        "/jobs/TQ-0401/cause, What started it, true",
        "/jobs/TQ-0406/winding, Winding data, false",
        "/jobs/TQ-0404/winding/connection, Connection, false",
        "/jobs/TQ-0405/winding/coils, Coil by coil, false",
        "/jobs/TQ-0366/rewind/new-winding, New winding, true",
        "/bank, Winding bank, false",
        "/jobs/TQ-0404/choose, Recondition, true",
        "/jobs/TQ-0402/choose/drying, Drying, false",
        "/jobs/TQ-0404/gate, Energising blocked, true",
        "/plan, Plan, false",
        "/plan/what-if, What if this one came in, false",
        "/plan/roster, Roster, false",
        "/practice, Practice, false",
        "/figures, Figures of the shop, true",
        "/worksheets/insulation-resistance, Insulation to frame, false"
    })
    void nothingGraveStandsInTheWayOfAssistiveTechnology(
            String path, String heading, boolean dark, Product.Running product) {
        Hand hand = lead(product);
        hand.goTo(path);
        hand.seesHeading(heading);
        assertThat(grave(axe(hand, path))).as("light").isEmpty();
        // Nothing but colours differs in the dark, and they are the same few everywhere: the views that use most of
        // them tell.
        if (!dark) {
            return;
        }
        hand.press("dark setting");
        assertThat(grave(axe(hand, path).withRules(List.of("color-contrast"))))
                .as("dark")
                .isEmpty();
        hand.press("light setting");
    }

    /** The whole page of the first job; of the others the work in the middle, since band, stations and ledger are the same. */
    private static AxeBuilder axe(Hand hand, String path) {
        // No page here holds frames of others, so one page does for the whole look.
        AxeBuilder axe = new AxeBuilder(hand.page()).setLegacyMode(true);
        return path.startsWith("/jobs/") && !path.equals("/jobs/TQ-0402/receive") ? axe.include("main") : axe;
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
        hand.seesHeading("Energising blocked");
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
                "/jobs/TQ-0404/winding",
                "/jobs/TQ-0404/winding/connection",
                "/jobs/TQ-0405/winding/coils",
                "/jobs/TQ-0366/rewind/new-winding",
                "/bank",
                "/practice",
                "/plan/what-if",
                "/jobs/TQ-0401/routing",
                "/motors/SW0417B",
                "/shop",
                "/customers/1")) {
            hand.goTo(path);
            assertThat(hand.page().getByRole(AriaRole.HEADING).first()).isVisible();
            assertThat(sideways(hand)).as(path + " scrolls sideways").isLessThanOrEqualTo(0);
        }
        hand.goTo("/jobs/TQ-0401/teardown/coils");
        assertThat(hand.page().locator(".pick").first()).isVisible();
        Object smallest = hand.page()
                .evaluate("() => Math.min(...[...document.querySelectorAll('.pick, .spine a, .spine summary')]"
                        // What is folded away is no target until it is unfolded.
                        + ".filter(e => e.checkVisibility()).map(e => e.getBoundingClientRect().height))");
        assertThat(((Number) smallest).doubleValue()).isGreaterThanOrEqualTo(44);
    }

    private static int sideways(Hand hand) {
        return ((Number) hand.page().evaluate("() => document.documentElement.scrollWidth - innerWidth")).intValue();
    }

    /** The floor's band holds most: places, search and the way to receive a motor. */
    @ParameterizedTest
    @ValueSource(ints = {1024, 1180, 1280, 1440})
    void theFloorIsNotCutOffAtTheWidthsOfUsualScreens(int width, Product.Running product) {
        Hand hand = new Hand(product.page(width, 800)).signIn("tech");
        assertThat(hand.page().locator("table.floor tbody tr").first()).isVisible();
        assertThat(sideways(hand)).isLessThanOrEqualTo(0);
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
    void theReasonsOfABlockedGateLeadToWhatLiftsIt(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0410/plate");
        hand.page().locator(".gate").click();
        hand.seesHeading("Energising blocked");
        hand.page()
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Lock out, prove dead by two means, by name"))
                .first()
                .click();
        hand.seesHeading("Lockout and tester check");
    }
}
