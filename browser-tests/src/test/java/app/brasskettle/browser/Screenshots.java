package app.brasskettle.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pictures of the README, taken from a running demonstration shop. */
final class Screenshots {

    private static final int PAPER_DPI = 96;

    private Screenshots() {}

    /** Arguments: address of the shop, folder for the pictures. */
    public static void main(String[] args) {
        Map<String, String> views = new LinkedHashMap<>();
        views.put("floor", "/");
        views.put("passport", "/motors/SW0417B");
        views.put("insulation", "/jobs/TQ-0402/bench/insulation");
        views.put("gate", "/jobs/TQ-0404/gate");
        views.put("coils", "/jobs/TQ-0401/teardown/coils");
        views.put("cause", "/jobs/TQ-0408/cause");
        views.put("winding", "/jobs/TQ-0406/winding");
        views.put("redesign", "/jobs/TQ-0366/rewind/new-winding");
        views.put("connection", "/jobs/TQ-0404/winding/connection");
        views.put("prove", "/jobs/TQ-0371/prove");
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
            take(page, "/figures", Path.of(args[1], "figures.png"));
            take(page, "/practice", Path.of(args[1], "practice.png"));
            practised(lead);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(args[1], "debriefing.png")));
            Planning.planned(lead);
            take(page, "/plan", Path.of(args[1], "plan.png"));
            Planning.asked(lead);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(args[1], "what-if.png")));
            page.setViewportSize(1280, 1240);
            take(page, "/jobs/TQ-0404/choose", Path.of(args[1], "choose.png"));
            telephone(browser, lead, args[0], Path.of(args[1], "customer.png"));
            paper(page, "/api/jobs/TQ-0371/certificate.pdf", Path.of(args[1], "certificate.png"));
            lead.press("dark setting");
            page.setViewportSize(820, 1180);
            take(page, "/jobs/TQ-0401/teardown/coils", Path.of(args[1], "tablet.png"));
            // The setting is kept with the person; the next pictures are light again.
            lead.press("light setting");
            page.waitForLoadState(LoadState.NETWORKIDLE);
        }
    }

    /** An exercise with one attempt that was held. */
    private static void practised(Hand hand) {
        Planning.begun(hand, "One fuse gone", 7);
        for (String act : List.of(
                "Ask the customer",
                "Release it and run it",
                "Look it over",
                "Read the nameplate",
                "Lock out",
                "Resistance of the windings",
                "Mark it and take it apart",
                "Look inside")) {
            Planning.does(hand, act);
        }
        Planning.answers(hand, "lost phase");
        hand.page().evaluate("document.getElementById('work').scrollTop = 0");
    }

    /** The newest quote of a job as its customer has it on a telephone. */
    private static void telephone(Browser browser, Hand lead, String address, Path file) {
        lead.goTo("/jobs/TQ-0404/choose");
        lead.press("Issue the quote");
        lead.press("Make an address for the customer");
        String letter = lead.page().getByLabel("Letter to the customer").inputValue();
        Page page = browser.newPage(
                new Browser.NewPageOptions().setViewportSize(390, 844).setBaseURL(address));
        take(page, letter.replaceAll("(?s).*(/quote/\\S+).*", "$1"), file);
        page.close();
    }

    /** The first page of what is printed at an address. */
    private static void paper(Page page, String address, Path file) {
        byte[] pdf = page.request().get(address).body();
        try (PDDocument printed = Loader.loadPDF(pdf)) {
            ImageIO.write(new PDFRenderer(printed).renderImageWithDPI(0, PAPER_DPI), "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void take(Page page, String path, Path file) {
        page.navigate(path);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.screenshot(new Page.ScreenshotOptions().setPath(file));
    }
}
