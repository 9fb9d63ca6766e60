package app.brasskettle.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.regex.Pattern;

/** Planning and practice by hand, as tests and pictures need them. */
final class Planning {

    private static final double SEARCH_MS = 60_000;

    private Planning() {}

    /** Searches for a plan, takes what the search has after its first steps, and accepts it by name. */
    static void planned(Hand lead) {
        lead.goTo("/plan");
        lead.press("Plan anew");
        taken(lead);
        lead.press("Accept as Ivo Dalby");
        lead.gone("Accept as Ivo Dalby");
        lead.sees("accepted by Ivo Dalby");
    }

    /** Breaks a search off, and waits for the plan it had. */
    static void taken(Hand lead) {
        lead.press("Take what it has");
        PlaywrightAssertions.assertThat(lead.button("Accept as Ivo Dalby"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCH_MS));
    }

    /** Asks what a rush job would do to the others. */
    static void asked(Hand lead) {
        lead.goTo("/plan/what-if");
        lead.fill("Whose, driving what", "Harrow Grain Terminal, elevator 3");
        lead.fill("Rated power", "37");
        lead.fill("An hour without it costs", "120");
        lead.press("When could it be ready?");
        lead.seesHeading("Promise");
        lead.press("Whom would it delay?");
        taken(lead);
    }

    /** Begins an exercise with a number, so that it is the same every time. */
    static void begun(Hand hand, String title, int seed) {
        hand.goTo("/practice");
        hand.page().getByPlaceholder("any").fill(String.valueOf(seed));
        hand.press("Begin: " + title);
        hand.sees("What do you do first?");
    }

    /** Does an act of an exercise, and waits until it is on the list. */
    static void does(Hand hand, String act) {
        int before = hand.page().locator(".done li").count();
        hand.page()
                .locator(".acts button")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + act)))
                .click();
        PlaywrightAssertions.assertThat(hand.page().locator(".done li")).hasCount(before + 1);
    }

    static void answers(Hand hand, String answer) {
        hand.pick(answer);
        hand.press("Say so, once and for all");
        hand.seesHeading("Replay");
    }
}
