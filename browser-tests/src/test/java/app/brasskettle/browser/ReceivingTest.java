package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Motors at the door: one with a burnt plate, one with two speeds, one that was here before. */
@ExtendWith(Product.class)
class ReceivingTest {

    private static Hand received(Product.Running product, String machine, String serial) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.page().keyboard().press("n");
        hand.fill("Customer", "Bell Foundry");
        hand.fill("Machine it drives", machine);
        hand.fill("Serial number", serial);
        hand.press("Take it in, then look it over");
        hand.seesHeading("As it came in");
        return hand;
    }

    private static Hand lookedOver(Product.Running product, String machine) {
        Hand hand = received(product, machine, "");
        hand.pick("Turns freely");
        hand.press("Keep it, then read the plate");
        hand.seesHeading("Nameplate");
        return hand;
    }

    @Test
    void aBurntPlateIsEstimatedFromTheMotorItselfAndMarkedSo(Product.Running product) {
        Hand hand = lookedOver(product, "furnace fan, plate burnt off");
        hand.pick("Burnt off or missing");
        hand.seesJudged("Not known: power, voltage, current, speed");
        hand.fill("Supply at the machine", "400");
        hand.fill("Poles, by groups or speed", "4");
        hand.fill("Shaft height", "160 mm");
        hand.fill("Stator bore", "165");
        hand.fill("Iron length", "195");
        hand.sees("≈ 15 kW");
        hand.press("Take these, marked as estimated");
        hand.seesJudged("Estimated, not read: 15 kW (9.22 to 18.5 kW), 400 V (360 to 440 V)");
        hand.press("Keep the plate");
        hand.seesHeading("Lockout and tester check");
        assertThat(hand.page().locator(".whose")).containsText("≈ 15 kW · ≈ 400 V");
        hand.page().keyboard().press("f");
        hand.page().locator("#find").fill("plate burnt off");
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        assertThat(hand.page().locator("table.floor tbody tr")).containsText("≈ 15 kW");
    }

    @Test
    void anEstimateThatItsCluesDoNotBearOutIsWatched(Product.Running product) {
        Hand hand = lookedOver(product, "crane, plate gone");
        hand.pick("Burnt off or missing");
        hand.fill("Supply at the machine", "400");
        hand.fill("Shaft height", "90");
        hand.fill("Copper of a phase", "30");
        hand.sees("Clues disagree: shaft height 90 mm says");
    }

    @Test
    void aWornFigureIsMarkedAndWatched(Product.Running product) {
        Hand hand = lookedOver(product, "grinder, plate worn");
        rating(hand);
        hand.seesJudged("The plate agrees with itself");
        hand.pick("Worn in places");
        hand.page().getByLabel("Current: how it was come by").selectOption("worn");
        hand.seesJudged("Read with doubt: current");
    }

    private static void rating(Hand hand) {
        hand.fill("Power at the shaft", "15 kW");
        hand.fill("Voltage", "400");
        hand.fill("Current", "29");
        hand.fill("Speed", "1460");
    }

    @Test
    void twoSpeedsOnOnePlateAreReadAgainstEachOther(Product.Running product) {
        Hand hand = lookedOver(product, "hoist with two speeds");
        rating(hand);
        hand.press("Another speed, voltage or frequency on the plate");
        Locator second = hand.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Rating 2"));
        second.getByLabel("Power").fill("7.5 kW");
        second.getByLabel("Current").fill("17");
        second.getByLabel("Speed").fill("725");
        hand.sees("Two speeds, 4 and 8 poles, constant torque");
        hand.press("Keep the plate");
        hand.seesHeading("Lockout and tester check");
        assertThat(hand.page().locator(".whose")).containsText("1460/725 r/min");
    }

    @Test
    void aMotorThatWasHereBeforeShowsWhatFailedLastTime(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.page().keyboard().press("n");
        hand.fill("Serial number", "sw 0417 b");
        hand.sees("This motor was here before");
        hand.sees("Failed the same way 2 times: moisture or dirt");
        hand.fill("Customer", "Saltmarsh Salt Works");
        hand.sees("jobs so far");
        hand.fill("Machine it drives", "brine circulation, spare");
        hand.press("Take it in, then look it over");
        hand.seesHeading("As it came in");
        hand.sees("This motor was here before");
        hand.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("its passport"))
                .click();
        hand.seesHeading("Motor SW0417B");
        hand.sees("dried, dipped, sent back; pit pump pointed out");
        assertThat(hand.page().getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Insulation at 40 °C")))
                .isVisible();
    }

    @Test
    void theSettingOfTheRelayIsHeldAgainstThePlate(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0414/receive");
        hand.sees("Protection was set to 34 A, 117 % of the rated current 29 A");
        hand.fill("Set to", "29");
        hand.sees("Protection was set to 29 A, 100 % of the rated current");
        hand.pick("Nothing");
        hand.sees("Nothing watched its current");
    }

    @Test
    void anExplosionProtectedMotorIsNotOpenedHere(Product.Running product) {
        Hand hand = new Hand(product.page(1280, 800)).signIn("tech");
        hand.goTo("/jobs/TQ-0414/teardown/coils");
        hand.sees("this shop has no certificate for such motors");
        assertThat(hand.button("Keep the map, then weigh the cause")).isDisabled();
    }

    @Test
    void aPhotographIsTakenCaptionedAndShownOnTheFloor(Product.Running product) throws IOException {
        Hand hand = received(product, "polisher, photographed", "");
        String tag = hand.tag();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB), "png", png);
        Locator chooser = hand.page().getByLabel("Photograph from camera or file");
        chooser.setInputFiles(new FilePayload("lead.txt", "text/plain", "no picture".getBytes()));
        hand.sees("none of JPEG, PNG and WebP");
        chooser.setInputFiles(new FilePayload("lead.png", "image/png", png.toByteArray()));
        hand.fill("What is to be seen", "lead 3 charred at the lug");
        hand.press("Keep the caption");
        assertThat(hand.page().locator(".thumb").first()).containsText("lead 3 charred at the lug");
        hand.page().keyboard().press("f");
        hand.page().locator("#find").fill(tag);
        assertThat(hand.page().locator("table.floor tbody tr")).hasCount(1);
        assertThat(hand.page().locator("table.floor img.pic")).hasCount(1);
    }
}
