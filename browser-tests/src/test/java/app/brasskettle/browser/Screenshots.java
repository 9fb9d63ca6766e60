package app.brasskettle.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The pictures of the README, taken from a running demonstration shop. */
final class Screenshots {

    private Screenshots() {}

    /** Arguments: address of the shop, folder for the pictures. */
    public static void main(String[] args) {
        Map<String, String> views = new LinkedHashMap<>();
        views.put("floor", "/");
        views.put("arrival", "/jobs/TQ-0402/receive");
        views.put("passport", "/motors/SW0417B");
        views.put("shop", "/shop");
        views.put("nameplate", "/jobs/TQ-0401/plate");
        views.put("insulation", "/jobs/TQ-0402/bench/insulation");
        views.put("surge", "/jobs/TQ-0403/bench/surge");
        views.put("run", "/jobs/TQ-0407/bench/watch");
        views.put("triage", "/triage");
        views.put("gate", "/jobs/TQ-0404/gate");
        views.put("parts", "/jobs/TQ-0408/teardown/parts");
        views.put("coils", "/jobs/TQ-0401/teardown/coils");
        views.put("cause", "/jobs/TQ-0408/cause");
        views.put("winding", "/jobs/TQ-0406/winding");
        views.put("choose", "/jobs/TQ-0404/choose");
        views.put("redesign", "/jobs/TQ-0366/rewind/new-winding");
        views.put("bank", "/bank");
        views.put("connection", "/jobs/TQ-0404/winding/connection");
        try (Playwright playwright = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-quic")))) {
            Page page = browser.newPage(
                    new Browser.NewPageOptions().setViewportSize(1280, 800).setBaseURL(args[0]));
            Hand lead = new Hand(page).signIn("lead");
            views.forEach((name, path) -> take(page, path, Path.of(args[1], name + ".png")));
            telephone(browser, lead, args[0], Path.of(args[1], "customer.png"));
            lead.press("dark setting");
            page.setViewportSize(820, 1180);
            take(page, "/jobs/TQ-0401/teardown/coils", Path.of(args[1], "tablet.png"));
            // The setting is kept with the person; the next pictures are light again.
            lead.press("light setting");
            page.waitForLoadState(LoadState.NETWORKIDLE);
        }
    }

    /** The newest quote of a job as its customer has it on a telephone. */
    private static void telephone(Browser browser, Hand lead, String address, Path file) {
        lead.goTo("/jobs/TQ-0404/choose");
        lead.press("Make an address for the customer");
        String letter = lead.page().getByLabel("Letter to the customer").inputValue();
        Page page = browser.newPage(
                new Browser.NewPageOptions().setViewportSize(390, 844).setBaseURL(address));
        take(page, letter.replaceAll("(?s).*(/quote/\\S+).*", "$1"), file);
        page.close();
    }

    private static void take(Page page, String path, Path file) {
        page.navigate(path);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.screenshot(new Page.ScreenshotOptions().setPath(file));
    }
}
