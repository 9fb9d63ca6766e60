package app.brasskettle.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What a person does at a page, in their words. */
final class Hand {

    private final Page page;

    Hand(Page page) {
        this.page = page;
    }

    Page page() {
        return page;
    }

    Hand signIn(String username) {
        page.navigate("/");
        field("Name").fill(username);
        field("Password").fill("tarnquay");
        press("Sign in");
        sees("What needs hands next");
        return this;
    }

    void signOut() {
        press("sign out");
        PlaywrightAssertions.assertThat(button("Sign in")).isVisible();
    }

    /** The field whose label opens with {@code label}. */
    Locator field(String label) {
        return page.getByLabel(Pattern.compile("^" + label.replaceAll("[^A-Za-z0-9 ]", ".")))
                .first();
    }

    void fill(String label, String text) {
        field(label).fill(text);
    }

    /** Chooses a word of the list whose label opens with {@code label}. */
    void choose(String label, String word) {
        field(label).click();
        page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
                .getByText(word, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
    }

    void press(String name) {
        button(name).first().click();
    }

    void pick(String name) {
        page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    /** Waits until {@code words} can be read somewhere on the page. */
    void sees(String words) {
        PlaywrightAssertions.assertThat(page.getByText(words).first()).isVisible();
    }

    /** Waits until the heading of a judgement holds {@code words}. */
    void seesJudged(String words) {
        PlaywrightAssertions.assertThat(page.locator(".judged h2").first()).containsText(words);
    }

    /** Waits until the gate in the band holds {@code words}. */
    void seesGate(String words) {
        PlaywrightAssertions.assertThat(page.locator(".gate")).containsText(words);
    }

    /** Waits until no discharge clock runs any more. */
    void grounded() {
        PlaywrightAssertions.assertThat(page.getByLabel("Discharge clock")).hasCount(0);
    }

    /** Proves the winding discharged by what is left on it, before the clock has run out. */
    void provesDischarged() {
        page.getByText("Prove it instead").click();
        fill("Left after a minute", "0.5");
        press("Record the proof");
        grounded();
    }

    void seesHeading(String words) {
        PlaywrightAssertions.assertThat(page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setName(words))
                        .first())
                .isVisible();
    }

    /** Tag of the job on the page. */
    String tag() {
        return page.locator(".whose .tag").textContent();
    }

    /** Waits until the button of that name is gone, whatever it says while it works. */
    void gone(String name) {
        PlaywrightAssertions.assertThat(page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name)))
                .hasCount(0);
    }

    /** Goes to another place inside the application, as a link does: nothing is loaded anew. */
    void goTo(String path) {
        page.evaluate("to => { history.pushState({}, '', to); dispatchEvent(new PopStateEvent('popstate')); }", path);
    }

    /** Loads the application anew at {@code path}, as a new window does. */
    void open(String path) {
        page.navigate(path);
    }
}
