package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Apart and together again, what it showed, what started it and who said so. */
@ExtendWith(Product.class)
class TeardownTest {

    private static Locator next(Hand hand) {
        return hand.page().locator("button.off");
    }

    private static Locator list(Hand hand, String label) {
        return hand.page()
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName(label))
                .getByRole(AriaRole.LISTITEM);
    }

    /** One tap a part; the list makes itself the other way round; power stays shut until the last part is accounted for. */
    @Test
    void aMotorComesApartByTapsAndGoesTogetherByTheList(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        Prepared.lockedOut(hand, tag);
        hand.goTo("/jobs/" + tag + "/teardown/parts");
        hand.pick("Open frame, no cowl");
        hand.sees("0 of 2 joints marked");
        hand.press("Bracket, drive end one dot");
        hand.press("Bracket, non-drive end two dots");
        hand.sees("2 of 2 joints marked");

        List<String> order =
                List.of("Coupling half or sheave", "Shaft key", "Bracket", "Wave washer", "Bracket", "Rotor", "Spacer");
        for (String part : order) {
            assertThat(next(hand)).containsText(part);
            next(hand).click();
        }
        assertThat(list(hand, "Parts off, the last one first")).hasCount(order.size());
        hand.sees("Kept.");
        hand.seesGate("Not together: 7 logged parts are not back");
        hand.sees("3 small, to be bagged and tagged");
        hand.sees("Stator not weighed");
        hand.fill("Stator with its winding", "84");
        hand.sees("Stator weighed with its winding: 84 kg");
        hand.page()
                .getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Wave washer, non-drive end is"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("damaged"))
                .click();
        hand.sees("1 to be replaced");

        hand.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("put it together"))
                .click();
        hand.seesHeading("Reassembly");
        Locator steps = list(hand, "Reassembly list");
        assertThat(steps.first()).containsText("Spacer, drive end");
        assertThat(steps.last()).containsText("Coupling half or sheave");
        for (String part : List.of(
                "Spacer, drive end",
                "Rotor",
                "Bracket, non-drive end",
                "Wave washer, non-drive end",
                "Bracket, drive end",
                "Shaft key, drive end")) {
            hand.press(part + ": back on");
            assertThat(steps.filter(new Locator.FilterOptions().setHasText(part)))
                    .containsText("back on, Mara Orre");
        }
        hand.seesGate("Not together: 1 logged part is not back");
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        lead.goTo("/jobs/" + tag + "/teardown/together");
        lead.press("stays out …");
        lead.fill("Why it stays out", "the customer fits it");
        lead.press("Stays out");
        lead.sees("All 7 parts back, 1 left out for a reason");
        assertThat(lead.page().locator(".gate")).not().containsText("Not together");
        lead.sees("Left out: Coupling half or sheave, drive end, the customer fits it");
    }

    @Test
    void leadsAndFindingsComeBackAsJudgements(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        hand.goTo("/jobs/" + tag + "/teardown/lead-map");
        hand.press("6 leads");
        String[] terminals = {"1", "2", "3", "2", "3", "1"};
        for (int n = 0; n < 6; n++) {
            hand.page().getByLabel("on terminal of lead " + (n + 1)).fill(terminals[n]);
        }
        hand.sees("Was connected in delta; the plate says wye");
        assertThat(hand.page()
                        .getByRole(
                                AriaRole.IMG,
                                new Page.GetByRoleOptions().setName(Pattern.compile("terminal 1: U1, W2"))))
                .isVisible();
        hand.press("Keep the map, then the parts");
        hand.seesHeading("Marks and parts");

        hand.goTo("/jobs/" + tag + "/teardown/findings");
        hand.press("rolling bearing");
        hand.press("electrical erosion: fluted race");
        hand.sees("Insulated bearing or shaft ring");
        hand.sees("ISO 15243, 5.4");
        hand.press("winding");
        hand.press("something else …");
        hand.sees("say what");
        hand.sees("Kept.");
        hand.fill("Note", "nest of a mouse");
        hand.sees("add what it says to the cause by hand");
        hand.sees("Counts toward the cause: bearing fluted");
        hand.sees("Kept.");
        hand.goTo("/jobs/" + tag + "/cause");
        assertThat(hand.page().locator(".explanation").first()).containsText("bearing current");
    }

    /** No pointer from the first stroke to the kept map: arrows, states, a run, a phase, spots, mirror, undo, and Tab to the button. */
    @Test
    void aStatorIsPaintedByKeysAlone(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        hand.goTo("/jobs/" + tag + "/teardown/coils");
        hand.seesHeading("What the coils say");
        var keys = hand.page().keyboard();
        Locator ring = hand.page().getByRole(AriaRole.APPLICATION);
        while (!Boolean.TRUE.equals(ring.evaluate("r => r === document.activeElement"))) {
            keys.press("Tab");
        }
        keys.press("4");
        hand.sees("One group only, number 1 in phase A, is dark");
        keys.press("ArrowLeft");
        keys.press("p");
        hand.sees("Group 1 of every three is dark, 4 times round: phase A");
        keys.press("ArrowRight");
        keys.press("p");
        hand.sees("In wye, that is what losing line B leaves");
        keys.press("m");
        hand.sees("In wye, that is what losing line C leaves");
        keys.press("u");
        hand.sees("In wye, that is what losing line B leaves");
        keys.press("k");
        keys.press("s");
        hand.sees("A burnt spot in a slot");
        keys.press("s");
        hand.sees("No single burn was found on it");
        keys.press("2");
        keys.press("Shift+ArrowRight");
        keys.press("u");
        keys.press("u");
        hand.sees("8 of 12 dark");
        while (!Boolean.TRUE.equals(
                hand.button("Keep the map, then weigh the cause").evaluate("b => b === document.activeElement"))) {
            keys.press("Tab");
        }
        keys.press("Enter");
        hand.seesHeading("What started it");
        assertThat(hand.page().locator(".explanation").first()).containsText("lost phase");
    }

    @Test
    void theLeadOverrulesAConclusionAndBothStand(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        String tag = Prepared.threePhase(hand);
        Prepared.painted(hand, tag);
        hand.goTo("/jobs/" + tag + "/cause");
        hand.page()
                .getByLabel(Pattern.compile("What if two of three phases dark in wye"))
                .click();
        hand.sees("would lead");
        hand.press("as it is");
        hand.press("no relay that trips on a lost phase");
        assertThat(hand.page().getByLabel("What the customer is told")).hasValue(Pattern.compile("set to 29 A"));
        hand.press("Conclude lost phase as Mara Orre");
        hand.sees("no relay that trips on a lost phase → one line gone");
        hand.signOut();

        Hand lead = new Hand(hand.page()).signIn("lead");
        lead.goTo("/jobs/" + tag + "/cause");
        lead.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("What started it"))
                .click();
        lead.page().keyboard().type("unbalanced");
        lead.page().keyboard().press("Enter");
        String overrule = "Overrule: conclude unbalanced voltage as ";
        Locator button = lead.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + overrule)));
        button.click();
        lead.sees("Say why");
        lead.fill("Why not lost phase, as Mara Orre concluded", "4 % unbalance measured at the board");
        button.click();
        lead.sees("Overruled: lost phase");
        lead.sees("4 % unbalance measured at the board");
        assertThat(lead.page().locator(".ledger")).containsText("Cause concluded: unbalanced voltage");
        assertThat(lead.page().locator(".ledger .past")).containsText("Cause concluded: lost phase");
    }
}
