package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A two-speed motor set down half inserted, picked up at the slot, connected with one group reversed, put right. */
@ExtendWith(Product.class)
class RewindTest {

    private static final String JOB = "/jobs/TQ-0397";
    private static final int COILS = 48;

    @Test
    void aHalfInsertedWindingIsTakenUpAgainAndAReversedGroupIsFoundBeforeVarnish(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Page page = tech.page();
        tech.goTo(JOB + "/rewind/insertion");
        tech.seesHeading("Insertion");
        tech.press("Pick it up");
        assertThat(page.getByRole(AriaRole.STATUS).getByText("Coil 23 of 48 next: slot 23 to 29, group 6"))
                .isVisible();
        for (int slot = 23; slot <= COILS; slot++) {
            Locator next = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Coil in: slot " + slot + " to"));
            next.click();
            assertThat(page.getByText(slot + " of 48 coils in")).isVisible();
        }
        assertThat(page.getByText("All 48 coils are in")).isVisible();
        tech.goTo(JOB + "/rewind/brazing");
        Locator joints = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Brazed: "));
        assertThat(joints.first()).isVisible();
        int all = joints.count();
        for (int done = 1; done < all; done++) {
            joints.first().click();
            assertThat(page.getByText(done + " of " + all + " joints brazed").first())
                    .isVisible();
        }
        page.getByText("Enter what was really joined").click();
        tech.press("Start from the list");
        Locator text = page.getByLabel("Joints as brazed");
        String right = text.inputValue();
        text.fill(
                right.replaceAll("\\bS3\\b", "X3").replaceAll("\\bF3\\b", "S3").replaceAll("\\bX3\\b", "F3"));
        tech.press("Keep and prove it");
        tech.seesJudged("Group 3 is the wrong way round");
        text.fill(right);
        tech.press("Keep and prove it");
        joints.first().click();
        tech.seesJudged("Holds: All " + all + " joints brazed");
        tech.goTo(JOB + "/rewind/before-varnish");
        tech.seesJudged("Unproven: 7 of 7 tests are not proved");
        tech.goTo(JOB + "/rewind/varnish");
        tech.sees("7 of 7 tests are not proved");
    }

    /** Who comes back within warranty is asked first; a motor proved and released shows what it read then. */
    @Test
    void aReleasedMotorHasItsCertificateAndItsReturnIsSeen(Product.Running product) {
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        lead.goTo("/jobs/TQ-0371/prove");
        lead.seesJudged("Holds: Proved");
        lead.goTo("/jobs/TQ-0371/release");
        lead.seesJudged("Holds: Released by Mara Orre and Ivo Dalby");
        lead.sees("Certificate of test");
        lead.goTo("/jobs/TQ-0398/receive");
        lead.sees("Returned within warranty: released as TQ-0371");
        lead.goTo("/jobs/TQ-0399/choose");
        lead.sees("431 °C");
    }
}
