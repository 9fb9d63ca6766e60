package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
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
}
