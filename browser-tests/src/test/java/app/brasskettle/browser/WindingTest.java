package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A winding taken down twice, its joints read, before its copper comes out. */
@ExtendWith(Product.class)
class WindingTest {

    private static final String JOB = "/jobs/TQ-0409";

    @Test
    void twoTakesAreSettledBeforeTheCopperComesOut(Product.Running product) {
        Hand other = new Hand(product.page(1280, 800)).signIn("lead");
        other.goTo(JOB + "/winding/second");
        other.seesHeading("Second take");
        other.sees("The winding stays in");
        String[][] take = {
            {"Slots", "48"},
            {"Poles", "4"},
            {"Parallel circuits", "2"},
            {"Wires in hand", "2"},
            {"Bare", "1.18"},
            {"Over enamel", "1.26"},
            {"Wires counted in a coil", "42"},
            {"Span, as 1 to 11", "1 to 11"},
            {"Mean turn length", "655"},
            {"Bore", "170"},
            {"Iron length", "170"},
            {"Stacking factor", "0.95"},
            {"Tooth width", "5.6"},
            {"Back iron depth", "24.3"},
            {"Slot area", "190"}
        };
        for (String[] entry : take) {
            other.fill(entry[0], entry[1]);
        }
        other.pick("Delta");
        other.press("Keep the take");
        other.sees("count again together");
        Page page = other.page();
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Turns of a coil")))
                .containsText("22");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Turns of a coil")))
                .containsText("21");
        other.fill("Wires counted in a coil", "44");
        other.press("Correct the take");
        other.sees("Both takes agree; nobody has settled them");
        other.press("Settle the data");
        other.sees("The winding may come out: data settled by Ivo Dalby");
    }

    @Test
    void aGroupFoundTheWrongWayRoundIsNamed(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo(JOB + "/winding/connection");
        hand.seesHeading("Connection");
        hand.pick("6 leads, wye or delta outside");
        hand.sees("Joints to braze, 12");
        hand.page()
                .getByLabel("Joints as found", new Page.GetByLabelOptions().setExact(true))
                .fill(String.join(
                        "\n",
                        "T1 S1 S7",
                        "T2 S3 S9",
                        "T3 F2 F8",
                        "T4 S4 S10",
                        "T5 S6 S12",
                        "T6 S5 F11",
                        "F1 F4",
                        "S2 F5",
                        "F3 F6",
                        "F7 F10",
                        "S8 S11",
                        "F9 F12"));
        hand.seesJudged("Stop: Group 5 is the wrong way round");
        hand.press("Show it with group 5 turned round");
        hand.seesJudged("Holds: Joined as found it is a sound winding in both connections");
        hand.press("Correct it");
        hand.seesHeading("Recondition, rewind or replace");
    }

    private static final String[][] TWO_SPEEDS = {
        {"Slots", "36"},
        {"Poles", "4"},
        {"Wires in hand", "1"},
        {"Bare", "1.4"},
        {"Over enamel", "1.502"},
        {"Wires counted in a coil", "24"},
        {"Span, as 1 to 11", "1 to 6"},
        {"Mean turn length", "600"},
        {"Bore", "150"},
        {"Iron length", "160"},
        {"Stacking factor", "0.95"},
        {"Tooth width", "6.8"},
        {"Back iron depth", "24"},
        {"Slot area", "180"},
        {"Volts", "400"},
        {"Hertz", "50"},
        {"Amperes", "17"}
    };

    private static void takeTwoSpeeds(Hand hand, String circuits) {
        for (String[] entry : TWO_SPEEDS) {
            hand.fill(entry[0], entry[1]);
        }
        hand.fill("Parallel circuits", circuits);
        hand.pick("Wye");
    }

    /** A revolving stage for two speeds: twice the circuits make twice the flux, and the page says which count is wrong. */
    @Test
    void aWrongCircuitCountOfATwoSpeedWindingIsFoundByTheDensities(Product.Running product) {
        String job = "/jobs/TQ-0413";
        Hand first = new Hand(product.page(1280, 800)).signIn("tech");
        first.goTo(job + "/winding");
        first.seesHeading("Winding data");
        takeTwoSpeeds(first, "4");
        first.seesJudged("Stop: Air gap 1.64 T, usual 0.4 to 0.9 T");
        first.sees("half as many circuits (2 in parallel)");
        first.fill("Parallel circuits", "2");
        first.seesJudged("Holds: The take agrees with itself");
        first.press("Keep the take");
        first.seesHeading("Second take");

        Hand second = new Hand(product.page(1280, 800)).signIn("lead");
        second.goTo(job + "/winding/second");
        takeTwoSpeeds(second, "2");
        second.press("Keep the take");
        second.sees("Both takes agree; nobody has settled them");
        second.press("Settle the data");
        second.sees("The winding may come out: data settled by Ivo Dalby");
        second.goTo(job + "/winding/connection");
        second.pick("Two speeds, variable torque");
        second.sees("Flux at both speeds");
        second.sees("low speed, 8 poles");
    }

    @Test
    void aMotorWithoutAPlateIsToldWhatItWasMadeFor(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0410/winding");
        hand.seesHeading("Winding data");
        hand.sees("No voltage on the plate");
        String[][] take = {
            {"Slots", "54"},
            {"Poles", "6"},
            {"Parallel circuits", "1"},
            {"Wires in hand", "2"},
            {"Bare", "1.12"},
            {"Over enamel", "1.217"},
            {"Wires counted in a coil", "28"},
            {"Span, as 1 to 11", "1 to 9"},
            {"Bore", "220"},
            {"Iron length", "150"}
        };
        for (String[] entry : take) {
            hand.fill(entry[0], entry[1]);
        }
        hand.sees("Find out whether it is wye or delta inside");
        hand.pick("Delta");
        hand.sees("Measure tooth and back iron");
        hand.page()
                .getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Reckon with .* 50 Hz")))
                .first()
                .click();
        assertThat(hand.field("Hertz")).hasValue("50 Hz");
    }

    @Test
    void anotherVoltageIsWoundFromTheRackByItsTicket(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0404/rewind/new-winding");
        hand.seesHeading("New winding");
        hand.fill("Volts", "690");
        hand.sees("17.25 exactly; it had 10");
        hand.press("Take 3 × 1 mm + 2 × 1.12 mm");
        hand.sees("Coil ticket");
        hand.press("Keep the new winding");
        Page page = hand.page();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print it on one page")))
                .isVisible();
        byte[] pdf = page.request().get("/api/jobs/TQ-0404/coil-ticket.pdf").body();
        org.assertj.core.api.Assertions.assertThat(new String(pdf, 0, 4, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF");
    }

    @Test
    void theBankFindsTheTwin(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/bank");
        hand.seesHeading("Winding bank");
        hand.fill("Slots", "60");
        hand.fill("Poles", "4");
        hand.fill("Bore", "341");
        hand.fill("Iron length", "301");
        Page page = hand.page();
        assertThat(page.locator(".bank tbody tr").first()).containsText("TQ-0404");
        assertThat(page.locator(".bank tbody tr").first().locator(".differs")).hasCount(0);
        assertThat(page.locator(".bank tbody tr").nth(1).locator(".differs").first())
                .isVisible();
    }
}
