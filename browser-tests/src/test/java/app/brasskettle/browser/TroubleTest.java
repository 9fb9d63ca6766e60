package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What goes wrong on a shop floor, and that nothing typed is lost by it. */
@ExtendWith(Product.class)
class TroubleTest {

    private static Hand atThePlate(Product.Running product, String tag) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/jobs/" + tag + "/plate");
        hand.seesHeading("Nameplate");
        return hand;
    }

    @Test
    void aFigureThatIsNoneIsToldBesideItsFieldAndKept(Product.Running product) {
        Hand hand = atThePlate(product, "TQ-0413");
        for (String[] bad : new String[][] {
            {"1,500 kW", "has a comma"},
            {"heavy", "is not a figure"},
            {"5 stone", "is no unit here"},
            {"-3 kW", "must be above 0 W"},
            {"1e30", "lies between"}
        }) {
            hand.fill("Power at the shaft", bad[0]);
            assertThat(hand.page()
                            .locator(".wrong")
                            .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText(bad[1])))
                    .isVisible();
            assertThat(hand.field("Power at the shaft")).hasValue(bad[0]);
        }
    }

    @Test
    void anEmptySheetIsRefusedFieldByField(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/receive");
        hand.press("Take it in, then look it over");
        hand.sees("Customer is blank");
        hand.sees("Machine it drives is blank");
    }

    @Test
    void whatWasTypedSurvivesAClosedPage(Product.Running product) {
        Hand hand = atThePlate(product, "TQ-0413");
        hand.fill("Voltage", "415");
        hand.open("/");
        hand.open("/jobs/TQ-0413/plate");
        assertThat(hand.field("Voltage")).hasValue("415");
        hand.sees("not saved yet; kept on this tablet");
    }

    @Test
    void withTheServerGoneTheEntryWaitsAndIsSentLater(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/receive");
        hand.fill("Customer", "Lower Lock");
        hand.fill("Machine it drives", "spare sluice drive");
        hand.page().context().setOffline(true);
        hand.press("Take it in, then look it over");
        hand.sees("sent by itself when the server is back");
        assertThat(hand.field("Customer")).hasValue("Lower Lock");
        hand.page().context().setOffline(false);
        hand.seesHeading("As it came in");
    }

    @Test
    void anEndedSessionAsksForTheNameAndLosesNothing(Product.Running product) {
        Hand hand = atThePlate(product, "TQ-0413");
        hand.fill("Current", "33.3");
        hand.page().context().clearCookies();
        hand.press("Keep the plate");
        assertThat(hand.button("Sign in")).isVisible();
        hand.sees("What was typed on this tablet is kept: 1 entry");
        hand.fill("Name", "tech");
        hand.fill("Password", "tarnquay");
        hand.press("Sign in");
        assertThat(hand.field("Current")).hasValue("33.3");
    }

    @Test
    void aWrongPasswordIsToldAndTheNameKept(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800));
        hand.page().navigate("/");
        hand.fill("Name", "lead");
        hand.fill("Password", "wrong");
        hand.press("Sign in");
        hand.sees("Name or password is not right");
        assertThat(hand.field("Name")).hasValue("lead");
    }

    @Test
    void whatTwoPeopleWroteOnOnePlateIsMergedAndClashesAreSettled(Product.Running product) {
        Hand mine = atThePlate(product, "TQ-0405");
        Hand theirs = new Hand(product.page(1280, 800)).signIn("lead");
        theirs.open("/jobs/TQ-0405/plate");
        theirs.fill("Serial number", "PX-1.1-D");
        mine.fill("Maker", "Mole Electric, Ellan");
        theirs.press("Correct the plate");
        theirs.seesHeading("Lockout and tester check");
        mine.sees("Ivo Dalby changed this at");
        mine.press("Correct the plate");
        mine.sees("merged with what Ivo Dalby wrote meanwhile");
        mine.open("/jobs/TQ-0405/plate");
        assertThat(mine.field("Serial number")).hasValue("PX-1.1-D");
        assertThat(mine.field("Maker")).hasValue("Mole Electric, Ellan");
        theirs.open("/jobs/TQ-0405/plate");
        assertThat(theirs.field("Maker")).hasValue("Mole Electric, Ellan");
        theirs.fill("Enclosure", "IP44");
        mine.fill("Enclosure", "IP65");
        theirs.press("Correct the plate");
        theirs.seesHeading("Lockout and tester check");
        mine.press("Correct the plate");
        mine.sees("Ivo Dalby and you changed the same");
        mine.pick("Enclosure: theirs");
        mine.press("Take these");
        assertThat(mine.field("Enclosure")).hasValue("IP44");
        mine.press("Correct the plate");
        mine.seesHeading("Lockout and tester check");
    }

    @Test
    void whatIsUntouchedHereFollowsWhatOthersWrite(Product.Running product) {
        Hand mine = atThePlate(product, "TQ-0412");
        Hand theirs = new Hand(product.page(1280, 800)).signIn("lead");
        theirs.open("/jobs/TQ-0412/plate");
        theirs.fill("Enclosure", "IP56");
        theirs.press("Correct the plate");
        theirs.seesHeading("Lockout and tester check");
        assertThat(mine.field("Enclosure")).hasValue("IP56");
    }

    @Test
    void anUnknownJobSaysSo(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/jobs/TQ-7777");
        hand.sees("There is no job TQ-7777 in this shop");
        hand.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the floor"))
                .click();
        hand.sees("What needs hands next");
    }
}
