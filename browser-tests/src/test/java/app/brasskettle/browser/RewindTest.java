package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the accepted quote to the certificate; a wet motor dried and released; a burnout that ran away. */
@ExtendWith(Product.class)
class RewindTest {

    private static final int COILS = 48;
    private static final String AGAIN = "after the work";

    private static Locator named(Hand hand, AriaRole role, String name) {
        return hand.page().getByRole(role, new Page.GetByRoleOptions().setName(name));
    }

    private static FilePayload log(String name, int hottest, int hold) {
        StringBuilder csv = new StringBuilder("minutes;core °C\n");
        int[] celsius = {20, hold - 30, hold + 3, hottest, hold + 6, hold + 5, hold + 7, hold + 4, 90};
        for (int i = 0; i < celsius.length; i++) {
            csv.append(60 * i).append(';').append(celsius[i]).append('\n');
        }
        return new FilePayload(name, "text/csv", csv.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Two speeds, two people, an interruption half way in, a group the wrong way round: to the certificate. */
    @Test
    void aTwoSpeedMotorFromTheAcceptedQuoteToTheCertificate(Product.Running product) throws IOException {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        Workshop shop = Workshop.acceptedRewind(product, tech, lead);
        String job = "/jobs/" + shop.tag();
        stripped(shop, tech, job);
        coilsWound(lead, tech, job);
        inserted(shop, tech, lead, job);
        connected(tech, job);
        provedBeforeVarnish(shop, tech, job);
        varnished(tech, job);
        together(tech, job);
        proved(shop, tech, job);
        released(shop, lead, job);
    }

    private static void stripped(Workshop shop, Hand tech, String job) {
        tech.goTo(job + "/rewind/stripping");
        tech.sees("This step is held.");
        tech.goTo(job + "/rewind/before-stripping");
        tech.choose("old insulation", "free of asbestos");
        tech.fill("core not tested", "no loop set that day");
        tech.press("Keep it");
        tech.sees("Old insulation declared free of asbestos");
        shop.photographed("rewind/before-stripping");
        tech.goTo(job + "/rewind/stripping");
        tech.choose("how it comes out", "burn out");
        tech.page().setInputFiles("input[aria-label='Read the oven from a logger’s file']", log("oven.csv", 352, 340));
        tech.sees("Peak 352 °C");
        tech.choose("all copper is out", "yes");
        tech.press("Keep it");
        tech.sees("The copper is out");
        tech.goTo(job + "/rewind/core");
        for (String part : List.of("teeth", "burrs", "slots", "bore")) {
            tech.choose(part, "sound");
        }
        tech.press("Keep it");
        tech.sees("Looked at by hand and eye");
        shop.test(
                "core-loop-result",
                1,
                Map.of(
                        "coreMassKg", "38",
                        "measuredW", "194",
                        "beforeBurnoutW", "190",
                        "hottestC", "33",
                        "meanCoreC", "31",
                        "fluxDensityT", "1.32"),
                "",
                "");
    }

    private static void coilsWound(Hand lead, Hand tech, String job) {
        tech.goTo(job + "/rewind/coils");
        tech.fill("coils wound so far", String.valueOf(COILS));
        tech.fill("wire off the rack", "16 kg");
        tech.fill("lot of the reel", "K-211");
        tech.press("Keep it");
        tech.sees("the rack has none so marked");
        tech.fill("lot of the reel", "W4581");
        tech.press("Keep it");
        tech.sees("Nobody but Mara Orre has counted the first coil");
        lead.goTo(job + "/rewind/coils");
        lead.fill("Turns counted", "17");
        lead.press("I counted so many");
        lead.sees("First coil counted: 17 turns, by Ivo Dalby");
    }

    private static void inserted(Workshop shop, Hand tech, Hand lead, String job) {
        tech.goTo(job + "/rewind/insertion");
        in(tech, 1, 20);
        shop.post(tech, "set-down", Map.of("workNote", "twenty in", "displacedBy", ""));
        tech.goTo("/");
        tech.sees("Coil 21 of 48 next: slot 21 to 27");
        lead.goTo(job + "/rewind/insertion");
        lead.press("Pick it up");
        in(lead, 21, COILS);
        assertThat(lead.page().getByText("All 48 coils are in")).isVisible();
    }

    private static void in(Hand hand, int from, int to) {
        for (int slot = from; slot <= to; slot++) {
            named(hand, AriaRole.BUTTON, "Coil in: slot " + slot + " to").click();
            assertThat(hand.page().getByText(slot + " of 48 coils in")).isVisible();
        }
    }

    private static void connected(Hand tech, String job) {
        Page page = tech.page();
        tech.goTo(job + "/rewind/brazing");
        Locator joints = named(tech, AriaRole.BUTTON, "Brazed: ");
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
    }

    private static void provedBeforeVarnish(Workshop shop, Hand tech, String job) {
        tech.goTo(job + "/rewind/before-varnish");
        tech.seesJudged("Unproven: 7 of 7 tests are not proved");
        tech.sees("Turning field, high speed, 4 poles: put 35 V between lines");
        tech.goTo(job + "/rewind/varnish");
        tech.sees("7 of 7 tests are not proved");
        shop.windingTested("", false);
        turned(tech, job + "/rewind/turning-field", "11.2 11.3 11.2");
        turned(tech, job + "/rewind/turning-field/2", "8.1 8.0 8.1");
        tech.goTo(job + "/rewind/before-varnish");
        tech.seesJudged("Holds: Proved before varnish");
    }

    /** The turning field at one speed, as it is typed. */
    private static void turned(Hand tech, String step, String amperes) {
        tech.open(step);
        tech.fill("voltage between lines", "24");
        tech.fill("current of each line", amperes.replace(' ', '\n'));
        Locator places = tech.page().getByLabel(Pattern.compile("^turned"));
        for (int i = 0; i < 4; i++) {
            places.nth(i).click();
            tech.page()
                    .locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
                    .getByText("as the lines", new Locator.GetByTextOptions().setExact(true))
                    .click();
        }
        tech.press("Keep the readings");
        tech.seesJudged("Holds");
    }

    private static void varnished(Hand tech, String job) {
        tech.goTo(job + "/rewind/varnish");
        tech.choose("method", "dip");
        tech.page().setInputFiles("input[aria-label='Read bake 1 from a logger’s file']", log("bake.csv", 156, 150));
        tech.sees("Bake 1: Peak 157 °C");
        tech.press("Keep it");
        tech.sees("Dipped once");
        tech.goTo(job + "/prove");
        tech.seesJudged("Unproven");
    }

    private static void together(Hand tech, String job) {
        tech.goTo(job + "/teardown/together");
        Locator back = tech.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": back on$")));
        assertThat(back.first()).isVisible();
        for (int left = back.count(); left > 0; left--) {
            back.first().click();
            assertThat(back).hasCount(left - 1);
        }
    }

    private static void proved(Workshop shop, Hand tech, String job) {
        shop.windingTested(AGAIN, true);
        shop.insulation("1900", 2.7, "after high voltage");
        shop.ran();
        shop.withoutLoad(1, List.of("13.1", "13.2", "13.0"));
        shop.withoutLoad(2, List.of("10.4", "10.5", "10.3"));
        shop.watched("13.1");
        tech.open(job + "/prove");
        tech.seesJudged("Holds: Proved");
    }

    private static void released(Workshop shop, Hand lead, String job) throws IOException {
        shop.released(job);
        APIResponse certificate = lead.page().request().get("/api/jobs/" + shop.tag() + "/certificate.pdf");
        try (PDDocument paper = Loader.loadPDF(certificate.body())) {
            assertThat(new PDFTextStripper().getText(paper))
                    .contains(shop.tag(), "TS1849", "Mara Orre", "Ivo Dalby")
                    .doesNotContain("simulated");
        }
    }

    /** A burnout that ran away sends the job back to the choice, and the answer stays. */
    @Test
    void aBurnoutThatRanAwayGoesBackToChooseWithTheAnswerKept(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        Workshop shop = Workshop.acceptedRewind(product, tech, lead);
        String job = "/jobs/" + shop.tag();
        shop.write(tech, "preparation", Map.of("oldInsulation", "free-of-asbestos", "coreNotTested", "no loop set"));
        shop.photographed("rewind/before-stripping");
        tech.goTo(job + "/rewind/stripping");
        tech.choose("how it comes out", "burn out");
        tech.press("Keep it");
        tech.page().getByText("Simulated oven, for practice").click();
        tech.pick("the part catches fire and runs away");
        tech.pick("10 hours a second");
        tech.press("Burn out in the simulated oven");
        tech.sees("Too hot: peak");
        tech.sees("Burnout, read from the simulated oven");
        tech.choose("all copper is out", "yes");
        tech.press("Keep it");
        tech.sees("Back to Choose: Burnout too hot");
        lead.open(job + "/choose");
        lead.sees("Rewind, chosen by R. Ashe");
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
