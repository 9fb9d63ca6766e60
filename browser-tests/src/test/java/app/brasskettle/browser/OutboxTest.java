package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is written while the server is away is sent by itself when it is back, under the name of whoever wrote it. */
@ExtendWith(Product.class)
class OutboxTest {

    private static byte[] picture() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aServerThatWasAwayGetsWhatWasWrittenMeanwhile(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/jobs/TQ-0413/plate");
        hand.fill("Voltage", "400");
        hand.sees("everything sent");
        int photographs = hand.page().locator(".photos .thumb").count();
        product.stopServer();
        hand.press("Keep the plate");
        hand.sees("sent by itself when the server is back");
        hand.page()
                .getByLabel("Photograph from camera or file")
                .setInputFiles(new FilePayload("plate.png", "image/png", picture()));
        hand.sees("2 waiting for the server");
        hand.press("2 waiting for the server");
        hand.sees("TQ-0413 · Nameplate");
        hand.sees("TQ-0413 · photograph");
        product.startServer();
        hand.sees("everything sent");
        hand.open("/jobs/TQ-0413/plate");
        assertThat(hand.field("Voltage")).hasValue("400");
        assertThat(hand.page().locator(".photos .thumb")).hasCount(photographs + 1);
        hand.open("/jobs/TQ-0413/journal");
        hand.sees("wrote plate");
    }

    @Test
    void theNextPersonAtTheTabletSendsNothingOfTheFormerOne(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.open("/jobs/TQ-0410/receive");
        hand.sees("everything sent");
        product.stopServer();
        hand.fill("Missing or loose", "fan cowl");
        hand.press("Correct it");
        hand.sees("1 waiting for the server");
        // The session ends while nobody can say so.
        hand.page().context().clearCookies();
        product.startServer();
        // The page tries again by itself and learns that nobody is signed in: what waits is kept.
        assertThat(hand.button("Sign in")).isVisible();
        Hand lead = new Hand(hand.page());
        lead.page().navigate("/");
        lead.sees("1 on this tablet the server has not got yet, of Mara Orre");
        lead.signIn("lead");
        lead.open("/jobs/TQ-0410/receive");
        lead.sees("1 waiting for the server");
        assertThat(lead.field("Missing or loose")).not().hasValue("fan cowl");
        lead.signOut();
        hand.signIn("tech");
        hand.sees("everything sent");
        hand.open("/jobs/TQ-0410/journal");
        hand.sees("wrote arrival");
        assertThat(hand.page().locator("table").first()).containsText("Mara Orre");
    }
}
