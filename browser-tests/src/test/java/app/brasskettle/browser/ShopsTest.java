package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody who works in two shops of a house. */
@ExtendWith(Product.class)
class ShopsTest {

    @Test
    void aWindowIsForOneShopAndAJobOpensInItsOwn(Product.Running product) {
        Hand admin = new Hand(product.page(1280, 800)).signIn("admin");
        admin.goTo("/shop");
        admin.fill("Letters of its tags", "sy");
        admin.page().locator("[aria-label='Shops of the house'] input").first().fill("Skerry Yard");
        admin.press("Open the shop");
        assertThat(admin.page().locator("[aria-label='Shops of the house'] tbody tr"))
                .hasCount(2);
        Prepared.call(
                admin,
                "POST",
                "/api/people?shop=1",
                Map.of(
                        "username",
                        "both",
                        "displayName",
                        "Runa Skerry",
                        "role",
                        "office",
                        "password",
                        "tarnquay",
                        "shops",
                        List.of(1, 2)));
        // The administrator is left as the other tests find them.
        Prepared.call(
                admin,
                "PUT",
                "/api/people/admin",
                Map.of("displayName", "Sunniva Tarn", "role", "admin", "closed", false, "shops", List.of(1)));

        Hand both = new Hand(product.page(1280, 800)).signIn("both");
        Locator rows = both.page().locator("table.floor tbody tr");
        assertThat(rows.first()).containsText("TQ-");
        both.press("This window is for Tarn Quay Motor Works");
        both.pick("Skerry Yard");
        both.sees("The floor is empty");
        both.page().keyboard().press("n");
        both.seesHeading("Receive a motor at Skerry Yard");
        both.fill("Customer", "Gull Point Laundry");
        both.fill("Machine it drives", "drum drive");
        both.press("Take it in, then look it over");
        both.seesHeading("As it came in");
        String tag = both.tag();
        org.assertj.core.api.Assertions.assertThat(tag).startsWith("SY-");

        both.page().keyboard().press("f");
        assertThat(rows).hasCount(1);
        both.pick("All 2 shops");
        assertThat(rows.nth(1)).isVisible();
        both.page().locator("#find").fill("TQ-0404");
        assertThat(rows).hasCount(1);
        assertThat(rows).containsText("Tarn Quay Motor Works");
        both.page().locator("table.floor tbody a").first().click();
        both.seesHeading("Recondition, rewind or replace");
        assertThat(both.page().locator(".at")).hasText("This window is for Tarn Quay Motor Works");

        Hand tech = new Hand(product.page(1280, 800)).signIn("tech");
        assertThat(tech.page().locator(".at")).hasCount(0);
        tech.goTo("/jobs/" + tag);
        tech.sees("There is no job " + tag + " in this shop");
    }
}
