package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The floor: what a rush pushes aside comes back where the hands were; people and their tokens. */
@ExtendWith(Product.class)
class FloorTest {

    private static Locator row(Hand hand, String tag) {
        return hand.page().locator("table.floor tbody tr").filter(new Locator.FilterOptions().setHasText(tag));
    }

    @Test
    void aRushDisplacesAndTheOtherIsPickedUpAgain(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.page().keyboard().press("n");
        hand.fill("Customer", "Quill Quarry");
        hand.fill("Machine it drives", "rescue belt");
        hand.pick("Rush");
        hand.fill("Who asked for the rush", "quarry foreman");
        hand.press("Take it in, then look it over");
        hand.seesHeading("As it came in");
        String rush = hand.tag();
        hand.page().keyboard().press("f");
        hand.sees("What needs hands next");
        hand.page().locator("#find").fill("salt screw");
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        hand.page().locator("#find").press("Enter");
        hand.page().keyboard().press("d");
        hand.seesHeading("Set TQ-0411 down");
        hand.press("Set it down");
        hand.sees("Where my hands were is blank");
        hand.fill("Where my hands were", "bridge clips on A and B");
        hand.press("Set it down");
        assertThat(row(hand, "TQ-0411")).containsText("Set down: “bridge clips on A and B”");
        row(hand, "TQ-0411").click();
        hand.sees("Set down: “bridge clips on A and B”");
        hand.press("Pick it up");
        assertThat(hand.button("Pick it up")).hasCount(0);
        hand.page().keyboard().press("f");
        hand.sees("What needs hands next");
        assertThat(row(hand, rush)).containsText("rush");
        assertThat(row(hand, rush)).containsText("quarry foreman");
        assertThat(hand.page().locator("table.floor tbody tr").first()).containsText("rush");
    }

    @Test
    void whatWasDisplacedIsNamedUnderTheList(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("lead");
        hand.sees("TQ-0403 displaced");
        assertThat(row(hand, "TQ-0408")).containsText("wave washer in tray 4");
    }

    @Test
    void anAdministratorMakesAnAccountAndItsOwnerAToken(Product.Running product) {
        Hand admin = new Hand(product.page(1280, 800)).signIn("admin");
        admin.goTo("/shop");
        admin.fill("Name on the record", "Odd Lunde");
        admin.fill("Signs in as", "odd");
        admin.fill("First password", "short");
        admin.press("Make the account");
        admin.sees("First password must have 8 characters");
        admin.fill("First password", "first-day-here");
        admin.press("Make the account");
        assertThat(admin.page().getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Odd Lunde")))
                .isVisible();
        Hand odd = new Hand(product.page(1280, 800));
        odd.page().navigate("/");
        odd.fill("Name", "odd");
        odd.fill("Password", "first-day-here");
        odd.press("Sign in");
        odd.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shop"))
                .click();
        odd.fill("What a new one is for", "price import");
        odd.press("Make a token");
        odd.sees("Copy it now; it is not shown again");
        odd.press("Take back");
        assertThat(odd.button("Take back")).hasCount(0);
        assertThat(odd.page().getByText("Somebody new")).hasCount(0);
    }

    @Test
    void aJobWaitsForPartsAndIsTakenUpAgain(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0407");
        hand.seesGate("Energising");
        hand.page().keyboard().press("o");
        hand.seesHeading("Out of the usual order");
        hand.fill("What exactly it waits for", "brake coil, ordered Monday");
        hand.press("Hold");
        hand.sees("Waits for parts: brake coil, ordered Monday");
        hand.page().keyboard().press("f");
        hand.pick("Waiting");
        assertThat(row(hand, "TQ-0407")).containsText("Waits for parts: brake coil");
        hand.goTo("/jobs/TQ-0407/routing");
        hand.press("It waits no longer");
        hand.fill("Reason, Winding", "recondition needs no winding data");
        hand.page()
                .locator("tr")
                .filter(new Locator.FilterOptions().setHasText("Winding"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Skip"))
                .click();
        hand.sees("skipped: recondition needs no winding data");
    }

    @Test
    void peopleTakeTurnsAtOneTabletByNumber(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        lead.goTo("/shop");
        lead.fill("PIN", "2604");
        lead.fill("Your password", "tarnquay");
        lead.press("Keep the PIN");
        lead.sees("Take your turn");
        Hand tablet = new Hand(product.page(1280, 800)).signIn("tech");
        tablet.press("change person");
        tablet.pick("Ivo Dalby");
        tablet.fill("PIN of Ivo Dalby", "1111");
        tablet.press("Take over");
        tablet.sees("That PIN is not right");
        tablet.fill("PIN of Ivo Dalby", "2604");
        tablet.press("Take over");
        assertThat(tablet.page().getByTitle("signed in")).hasText("Ivo Dalby");
    }

    @Test
    void aChangedLimitIsSeenOnTheResult(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        lead.goTo("/shop");
        lead.page().getByLabel("Change a limit").selectOption("resistance-percent");
        lead.fill("Shop’s figure", "3");
        lead.fill("Reason or source", "agreed with the quarry");
        lead.press("Settle it so");
        lead.goTo("/jobs/TQ-0412/bench/resistance");
        lead.sees("shop's limit 3 % in place of 2: agreed with the quarry");
    }

    @Test
    void aWholeJobGoesOutAndComesInAgain(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 800)).signIn("lead");
        byte[] file = lead.page().request().get("/api/jobs/TQ-0406/export.zip").body();
        lead.page()
                .getByLabel("A job as a file")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("job.zip", "application/zip", file));
        lead.sees("haul drive, low speed winding, High Pass Ropeway");
        lead.page().keyboard().press("f");
        lead.page()
                .getByLabel("A job as a file")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        "job.zip", "application/zip", java.util.Arrays.copyOf(file, 500)));
        lead.sees("The archive is damaged or cut off");
    }

    /** A list and a search stand in the address: the page opened anew, or by the way back, shows the same floor. */
    @Test
    void theListAndTheSearchStandInTheAddress(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/");
        hand.page().locator("#find").pressSequentially("salt screw");
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        assertThat(hand.page()).hasURL(java.util.regex.Pattern.compile(".*[?]find=salt.screw$"));
        row(hand, "TQ-0411").click();
        hand.page().goBack();
        assertThat(hand.page().locator("#find")).hasValue("salt screw");
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        hand.open("/?show=rush");
        assertThat(hand.page().getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Rush")))
                .isChecked();
        hand.open("/?show=nonsense");
        assertThat(hand.page().getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("In the shop")))
                .isChecked();
    }

    /** One key shows all others, on every page, those that the foot has no room for among them. */
    @Test
    void aQuestionMarkListsTheKeysOfThePage(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        for (String[] page : new String[][] {
            {"/", "receive a motor"},
            {"/jobs/TQ-0401/bench/surge", "set down"},
            {"/triage", "binds"}
        }) {
            hand.open(page[0]);
            hand.page().locator("footer.foot kbd").first().waitFor();
            hand.page().keyboard().press("?");
            Locator list = hand.page().getByRole(AriaRole.DIALOG);
            assertThat(list).containsText("Keys of this page");
            assertThat(list).containsText(page[1]);
            assertThat(list).containsText("to the next field");
            hand.page().keyboard().press("Escape");
            assertThat(list).hasCount(0);
        }
    }
}
