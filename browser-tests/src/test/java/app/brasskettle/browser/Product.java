package app.brasskettle.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** The packaged product, running as its own process, and Debian's Chromium to use it with; both once per test run. */
final class Product implements BeforeAllCallback, AfterEachCallback, ParameterResolver {

    /** The product as one file; an older one beside it would be the wrong one to try. */
    static Path packaged() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../server/target"))) {
            List<Path> built = files.filter(p -> p.getFileName().toString().endsWith("-app.jar"))
                    .toList();
            if (built.size() != 1) {
                throw new IllegalStateException("One packaged product is needed, here are " + built + ": run ./verify");
            }
            return built.get(0);
        }
    }

    /** What runs. */
    static final class Running implements AutoCloseable {

        private static final int PATIENCE_MS = 20_000;

        private final int port = freePort();
        private final Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        private final Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1")));
        private final List<BrowserContext> contexts = new ArrayList<>();
        private final List<BrowserContext> lasting = new ArrayList<>();
        private final ShopClock clock = new ShopClock(
                needed("BRASSKETTLE_BROWSER_DB_URL"), needed("BRASSKETTLE_DB_USER"), needed("BRASSKETTLE_DB_PASSWORD"));
        private Process server;

        Running() {
            // A busy machine may take its time; what is looked for must come all the same.
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            startServer();
        }

        String address() {
            return "http://127.0.0.1:" + port;
        }

        /**
         * A page of a person's own, with cookies and drafts of their own, in a window of {@code width} × {@code height}; closed
         * after the test, since an open page goes on asking for what others changed.
         */
        Page page(int width, int height) {
            BrowserContext context = context(width, height);
            contexts.add(context);
            return context.newPage();
        }

        /** The same, open until the last test. */
        Page lastingPage(int width, int height) {
            BrowserContext context = context(width, height);
            lasting.add(context);
            return context.newPage();
        }

        private BrowserContext context(int width, int height) {
            BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setBaseURL(address())
                    .setTimezoneId("UTC"));
            context.setDefaultTimeout(PATIENCE_MS);
            return context;
        }

        /** Says what stood on the pages of a test that failed: the assertion alone does not tell why. */
        private void tellPages(String test) {
            contexts.stream()
                    .flatMap(c -> c.pages().stream())
                    .forEach(p -> System.err.printf(
                            "%s failed at %s, which read:%n%s%n",
                            test, p.url(), p.locator("body").innerText()));
        }

        private void closePages() {
            contexts.forEach(BrowserContext::close);
            contexts.clear();
        }

        /** Lets so much time pass in the shop; the product hears of it within a second. */
        void passes(Duration time) {
            clock.passes(time);
        }

        void startServer() {
            try {
                ProcessBuilder start = new ProcessBuilder(
                        "java",
                        "-Xmx256m",
                        // It lives for minutes only: what a thorough compiler would save later it costs now.
                        "-XX:TieredStopAtLevel=1",
                        "-jar",
                        packaged().toString(),
                        "--server.port=" + port,
                        "--brasskettle.demo=true",
                        "--brasskettle.clock-every=500ms");
                start.environment().put("BRASSKETTLE_DB_URL", needed("BRASSKETTLE_BROWSER_DB_URL"));
                server = start.redirectErrorStream(true)
                        .redirectOutput(Path.of("target/server.log").toFile())
                        .start();
                while (!healthy()) {
                    if (!server.isAlive()) {
                        throw new IllegalStateException(
                                "The product stopped by itself: see browser-tests/target/server.log");
                    }
                    Thread.onSpinWait();
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        void stopServer() {
            server.destroy();
            try {
                if (!server.waitFor(60, TimeUnit.SECONDS)) {
                    throw new IllegalStateException("The product did not stop when asked");
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        /** Kills the product where it stands, as a power cut would. */
        void killServer() {
            server.destroyForcibly();
            try {
                server.waitFor();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        /** Stops and starts the database, as a power cut between two shifts would; starts it where it was stopped. */
        void restartDatabase() {
            database("BRASSKETTLE_DB_RESTART");
        }

        /** Takes the database away until it is restarted. */
        void stopDatabase() {
            database("BRASSKETTLE_DB_STOP");
        }

        private static void database(String command) {
            try {
                Process done = new ProcessBuilder("bash", "-c", needed(command))
                        .inheritIO()
                        .start();
                if (done.waitFor() != 0) {
                    throw new IllegalStateException("The database did not obey " + command);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        private boolean healthy() {
            try {
                return HttpClient.newHttpClient()
                                .send(
                                        HttpRequest.newBuilder(URI.create(address() + "/actuator/health"))
                                                .build(),
                                        BodyHandlers.discarding())
                                .statusCode()
                        == 200;
            } catch (IOException notYet) {
                return false;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return false;
            }
        }

        @Override
        public void close() {
            closePages();
            lasting.forEach(BrowserContext::close);
            browser.close();
            playwright.close();
            stopServer();
        }

        private static int freePort() {
            try (ServerSocket socket = new ServerSocket(0)) {
                return socket.getLocalPort();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        private static String needed(String variable) {
            String value = System.getenv(variable);
            if (value == null) {
                throw new IllegalStateException(variable + " is not set: run ./verify");
            }
            return value;
        }
    }

    private static Running running(ExtensionContext context) {
        return context.getRoot()
                .getStore(Namespace.create(Product.class))
                .getOrComputeIfAbsent(Running.class, k -> new Running(), Running.class);
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        running(context);
    }

    @Override
    public void afterEach(ExtensionContext context) {
        try {
            if (context.getExecutionException().isPresent()) {
                running(context).tellPages(context.getDisplayName());
            }
        } finally {
            running(context).closePages();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Running.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return running(context);
    }
}
