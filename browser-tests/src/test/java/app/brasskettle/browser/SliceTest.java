package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** One motor from the door to the decision, as a technician and the office would walk it. */
@ExtendWith(Product.class)
class SliceTest {

    private static final LocatorAssertions.IsVisibleOptions PATIENT =
            new LocatorAssertions.IsVisibleOptions().setTimeout(60_000);

    @Test
    void oneMotorFromTheDoorToTheDecision(Product.Running product) {
        Hand bench = new Hand(product.page(1280, 800)).signIn("tech");
        receive(bench);
        String tag = bench.tag();
        lookItOver(bench);
        readThePlate(bench);
        makeItSafe(bench);
        measureResistance(bench);
        testInsulation(bench, tag);
        surge(bench);
        paintTheCoils(bench);
        concludeTheCause(bench);
        takeTheWinding(bench);
        bench.signOut();

        Hand office = new Hand(product.page(1280, 800)).signIn("office");
        priceAndAnswer(office, tag);
        printTheSheet(office, tag);

        product.stopServer();
        product.restartDatabase();
        product.startServer();
        itIsAllThereAgain(office, tag);
    }

    private static void receive(Hand hand) {
        hand.page().keyboard().press("n");
        hand.seesHeading("Receive a motor");
        hand.fill("Customer", "Fell Creamery");
        hand.fill("Machine it drives", "whey pump");
        hand.fill("Complaint", "Tripped after some minutes, twice, then smelt.");
        hand.fill("Supply and protection", "mains, overload relay");
        hand.fill("An hour of outage costs", "45");
        hand.press("Take it in, then look it over");
        hand.seesHeading("As it came in");
        hand.seesGate("No lock-out stands");
    }

    private static void lookItOver(Hand hand) {
        hand.pick("Turns freely");
        hand.press("burnt smell");
        hand.press("trips after minutes");
        hand.press("thermistors");
        hand.press("Keep it, then read the plate");
        hand.seesHeading("Nameplate");
    }

    /** The plate answers while it is typed, in the units it was typed in. */
    private static void readThePlate(Hand hand) {
        hand.fill("Power at the shaft", "20 hp");
        hand.sees("20 hp · 14.91 kW");
        hand.fill("Voltage", "400");
        hand.fill("Current", "11");
        hand.fill("Speed", "1460");
        hand.seesJudged("Stop: More power at the shaft");
        hand.fill("Current", "29");
        hand.seesJudged("Holds: The plate agrees with itself: 4 poles");
        hand.press("Keep the plate");
        hand.seesHeading("Lockout and tester check");
    }

    private static void makeItSafe(Hand hand) {
        hand.fill("By which two means", "two-pole tester, then the meter");
        hand.press("Record it as Mara Orre");
        hand.sees("Mara Orre, ");
        hand.pick("over range");
        hand.fill("Leads together", "0");
        hand.seesJudged("Holds: Tester proved");
        hand.press("Keep the proof");
        hand.sees("Prove it again");
    }

    private static void measureResistance(Hand hand) {
        hand.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Winding resistance"))
                .click();
        hand.page().getByText("The simulated motor behind these instruments").click();
        hand.press("turn short in phase B");
        assertThat(hand.button("turn short in phase B")).hasAttribute("aria-pressed", "true");
        hand.press("Read the simulated bridge");
        hand.seesJudged("Holds: Unbalance");
        hand.press("Keep the readings");
        hand.seesHeading("Insulation to frame");
    }

    /** Ten minutes of the tester's clock in a second, its curve, both schools, and the leads grounded after it. */
    private static void testInsulation(Hand hand, String tag) {
        hand.pick("600 times");
        hand.press("Start the simulated tester");
        assertThat(hand.page().getByLabel("reading after 600 s")).not().hasValue("");
        hand.seesJudged("Holds: ");
        hand.sees("The other school says Holds");
        hand.press("Keep the readings");
        hand.sees("simulated tester");
        assertThat(hand.page().getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Insulation over time")))
                .isVisible();
        assertThat(hand.page().getByText("Discharge: leads stay grounded"))
                .isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(60_000));
        assertThat(hand.page()).hasURL(java.util.regex.Pattern.compile(tag + "/bench/insulation"));
    }

    /** High voltage waits for what it would harm; with the rotor in, a second position of the shaft names the shorted phase. */
    private static void surge(Hand hand) {
        hand.page().keyboard().press("]");
        hand.seesHeading("Inductance balance");
        hand.press("Read the simulated bridge");
        hand.seesJudged("Stop: The winding is unbalanced");
        hand.press("Keep the readings");
        hand.page().keyboard().press("]");
        hand.seesHeading("Step voltage");
        hand.page().keyboard().press("]");
        hand.seesHeading("Surge");
        hand.sees("High voltage blocked");
        assertThat(hand.button("Surge the three phases")).isDisabled();
        hand.press("thermistors");
        assertThat(hand.button("Surge the three phases")).isEnabled();
        hand.fill("Shaft stands at", "0");
        hand.press("Surge the three phases");
        hand.seesJudged("Unproven: Phase B is the odd one");
        assertThat(hand.page().getByText("AB", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        hand.seesGate("Energising blocked");
        for (String degrees : List.of("22.5", "45", "67.5")) {
            hand.grounded();
            hand.press("Surge again");
            hand.fill("Shaft stands at", degrees);
            hand.fill("Why again", "rotor or winding");
            hand.press("Surge the three phases");
            hand.seesJudged(degrees.equals("67.5") ? "Stop: Phase B is the odd one" : "Unproven: Over the limit");
        }
    }

    /** By keyboard alone round the ring, then a spot by pointer. */
    private static void paintTheCoils(Hand hand) {
        hand.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Teardown"))
                .click();
        hand.seesHeading("Marks and parts");
        hand.pick("Ball bearings, no caps");
        hand.press("all 3 as usual");
        hand.sees("3 of 3 joints marked");
        hand.page()
                .locator("a.step", new Page.LocatorOptions().setHasText("Coil map"))
                .click();
        hand.seesHeading("What the coils say");
        Locator ring = hand.page().getByRole(AriaRole.APPLICATION);
        ring.focus();
        for (int g = 0; g < 12; g++) {
            hand.page().keyboard().press(g % 3 == 2 ? "1" : "4");
        }
        hand.sees("In wye, that is what losing line B leaves");
        hand.page().keyboard().press("u");
        hand.page().keyboard().press("4");
        hand.press("inside one coil");
        ring.getByText("C2", new Locator.GetByTextOptions().setExact(true)).click();
        hand.sees("A burnt spot inside one coil");
        hand.press("Keep the map, then weigh the cause");
        hand.seesHeading("What started it");
    }

    private static void concludeTheCause(Hand hand) {
        assertThat(hand.page().locator(".explanation")).hasCount(6);
        hand.sees("surge: one phase differs");
        hand.page().getByLabel("Add evidence").click();
        hand.page().keyboard().type("no overload");
        hand.page().keyboard().press("Enter");
        assertThat(hand.page()
                        .getByRole(AriaRole.ROW)
                        .filter(new Locator.FilterOptions().setHasText("no overload relay")))
                .not()
                .hasCount(0);
        hand.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Conclude "))
                .click();
        hand.sees("The evidence gave it");
    }

    private static void takeTheWinding(Hand hand) {
        hand.page()
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Winding").setExact(true))
                .or(hand.page()
                        .locator(".spine a", new Page.LocatorOptions().setHasText("Winding"))
                        .last())
                .last()
                .click();
        hand.seesHeading("Winding data");
        String[][] take = {
            {"Slots", "48"},
            {"Poles", "4"},
            {"Parallel circuits", "4"},
            {"Wires in hand", "4"},
            {"Bare", "1.25"},
            {"Over enamel", "1.33"},
            {"Wires counted in a coil", "42"},
            {"Span, as 1 to 11", "1 to 11"},
            {"Mean turn length", "780 mm"},
            {"Bore", "190"},
            {"Iron length", "200"},
            {"Stacking factor", "0.95"},
            {"Tooth width", "6.2"},
            {"Back iron depth", "27"},
            {"Slot area", "228"}
        };
        for (String[] entry : take) {
            hand.fill(entry[0], entry[1]);
        }
        hand.sees("10 turns and 2 wires over");
        hand.fill("Wires counted in a coil", "40");
        hand.sees("One figure is not taken yet");
        hand.pick("Wye");
        hand.sees("half as many circuits (2 in parallel)");
        hand.fill("Parallel circuits", "2");
        hand.sees("Air gap 0.7");
        hand.press("Keep the take");
        hand.seesHeading("Second take");
        hand.sees("Nobody took it a second time");
        hand.page()
                .locator("a.station", new Page.LocatorOptions().setHasText("Choose"))
                .click();
        hand.seesHeading("Recondition, rewind or replace");
        hand.sees("Prices, quotes and the answer are the office’s");
    }

    private static void priceAndAnswer(Hand office, String tag) {
        office.goTo("/jobs/" + tag + "/choose");
        office.seesHeading("Recondition, rewind or replace");
        office.sees("found shorted turns");
        office.fill("Runs a year", "5200");
        office.press("Keep these prices");
        office.sees("priced by Petra Lunn");
        assertThat(office.page().getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Money spent")))
                .isVisible();
        assertThat(office.page().getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Recondition")))
                .hasCount(0);
        office.press("Issue the quote");
        office.sees("waits for an answer");
        office.pick("Rewind");
        office.fill("Who answered", "R. Ashe");
        office.fill("What was said", "In the season, three weeks are too long.");
        office.press("Record the answer");
        office.sees("chosen by R. Ashe");
    }

    private static void printTheSheet(Hand office, String tag) {
        APIResponse pdf = office.page().request().get("/api/jobs/" + tag + "/sheet.pdf");
        assertThat(pdf.status()).isEqualTo(200);
        assertThat(new String(pdf.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    private static void itIsAllThereAgain(Hand office, String tag) {
        office.goTo("/jobs/" + tag + "/choose");
        assertThat(office.page().getByText("chosen by R. Ashe").first()).isVisible(PATIENT);
        office.goTo("/jobs/" + tag + "/bench/surge");
        office.seesJudged("Stop: Phase B is the odd one");
        office.goTo("/jobs/" + tag + "/teardown/coils");
        office.sees("losing line B");
        office.goTo("/");
        office.sees("To be rewound");
    }
}
