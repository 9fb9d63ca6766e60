package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Three jobs that end in the three ways forward, each by a quote and its answer. */
@ExtendWith(Product.class)
class ChoiceTest {

    private static Hand priced(Hand office, String tag) {
        office.goTo("/jobs/" + tag + "/choose");
        office.seesHeading("Recondition, rewind or replace");
        office.press("Keep these prices");
        office.sees("priced by Petra Lunn");
        office.press("Issue the quote");
        office.sees("waits for an answer");
        return office;
    }

    private static String address(Hand office) {
        office.press("Make an address for the customer");
        String letter = office.page().getByLabel("Letter to the customer").inputValue();
        return letter.replaceAll("(?s).*(/quote/\\S+).*", "$1");
    }

    private static String price(Page telephone, String option) {
        return telephone
                .locator(".card", new Page.LocatorOptions().setHasText(option))
                .locator(".price")
                .textContent();
    }

    /** Shorted turns in a motor whose new one costs less than its rewind: the customer takes a new one, on the telephone. */
    @Test
    void aSmallMotorIsReplacedByTelephone(Product.Running product) {
        Hand office = new Hand(product.page(1280, 900)).signIn("office");
        String tag = Prepared.threePhase(office);
        priced(office, tag);
        office.pick("New motor, IE3");
        office.fill("Who answered", "J. Quill");
        office.press("Record the answer");
        office.sees("chosen by J. Quill (telephone)");
        assertThat(office.page()
                        .locator(".ledger")
                        .getByText("New motor, IE3 chosen by J. Quill")
                        .first())
                .isVisible();
    }

    /** What an address opens is read, asked about and accepted on a telephone; a price that comes later changes nothing of it. */
    @Test
    void aRewindIsAcceptedByItsAddressAndItsPriceStands(Product.Running product) {
        Hand office = new Hand(product.page(1280, 900)).signIn("office");
        office.goTo("/jobs/TQ-0406/choose");
        priced(office, "TQ-0406");
        String address = address(office);
        Page telephone = product.page(390, 844);
        telephone.navigate(address);
        assertThat(telephone.getByText("Waits for your answer").first()).isVisible();
        String asked = price(telephone, "Rewind");
        telephone.getByLabel("Anything to add, or a question").fill("Both speeds?");
        telephone
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send the question"))
                .click();
        assertThat(telephone.getByText("Your name is missing").or(telephone.getByText("blank")))
                .isVisible();
        telephone.getByLabel(Pattern.compile("^Your name")).fill("R. Ashe");
        telephone
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send the question"))
                .click();
        assertThat(telephone.getByText("“Both speeds?”").first()).isVisible();
        telephone
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^Rewind")))
                .click();
        telephone
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Accept: Rewind"))
                .click();
        assertThat(telephone.getByText("Accepted: Rewind").first()).isVisible();
        office.sees("chosen by R. Ashe");
        office.press("Change prices and lives");
        office.page().getByLabel("quantity of line 1, Rewind").fill("90");
        office.page().getByLabel("reason of line 1, Rewind").fill("seized bolts");
        office.press("Keep these prices");
        office.sees("more than the customer agreed to");
        telephone.reload();
        assertThat(telephone.getByText("Accepted: Rewind").first()).isVisible();
        org.assertj.core.api.Assertions.assertThat(price(telephone, "Rewind")).isEqualTo(asked);
    }

    /** A damp motor is reconditioned: dried by the hour, and dry only once it is up and level. */
    @Test
    void aDampMotorIsReconditionedAndDried(Product.Running product) {
        Hand office = new Hand(product.page(1280, 900)).signIn("office");
        priced(office, "TQ-0402");
        office.pick("Recondition");
        office.fill("Who answered", "the lock-keeper");
        office.press("Record the answer");
        office.sees("chosen by the lock-keeper");
        office.goTo("/jobs/TQ-0402/choose/drying");
        office.seesHeading("Drying");
        String[][] readings = {{"0", "0.6", "22"}, {"3", "0.2", "75"}, {"6", "40", "88"}, {"10", "300", "90"}};
        for (int i = 0; i < readings.length; i++) {
            read(office, i + 1, readings[i]);
        }
        office.seesJudged("Watch: Not level yet");
        read(office, 5, new String[] {"11", "305", "90"});
        read(office, 6, new String[] {"10.5", "306", "90"});
        office.sees("must be after the reading before");
        read(office, 6, new String[] {"12.5", "306", "90"});
        office.seesJudged("Holds: Dry");
        office.press("Keep these readings");
        assertThat(office.page().locator(".ledger").getByText("Dry: ").first()).isVisible();
    }

    private static void read(Hand office, int row, String[] reading) {
        office.page().getByLabel("hours of reading " + row).fill(reading[0]);
        office.page().getByLabel("megohm of reading " + row).fill(reading[1]);
        office.page().getByLabel("windingC of reading " + row).fill(reading[2]);
    }
}
