package bersaglio.acceptance;

import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import tools.jackson.databind.JsonNode;

/**
 * The demo club on a real server and a real browser, both started once for all tests; every test gets a browser
 * context of its own, and fails when its page complained.
 */
public final class Club implements ParameterResolver, AfterEachCallback {

    /** Milliseconds that a slow machine may take over what is awaited. */
    private static final double PATIENCE = 20_000;

    private static final Namespace ALL = Namespace.create(Club.class);
    private static final List<String> BROWSER_ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** What a test uses. */
    public static final class Hall {
        private final StartedServer server;
        private final Browser browser;
        private final List<BrowserContext> contexts = new CopyOnWriteArrayList<>();
        private final List<String> complaints = new CopyOnWriteArrayList<>();
        private final List<String> expected = new CopyOnWriteArrayList<>();
        private final List<String> requests = new CopyOnWriteArrayList<>();

        Hall(StartedServer server, Browser browser) {
            this.server = server;
            this.browser = browser;
        }

        public StartedServer server() {
            return server;
        }

        public String address() {
            return "http://localhost:" + server.port();
        }

        /** Every address that any page of this test asked for. */
        public List<String> requests() {
            return requests;
        }

        /** A complaint that the test brings about on purpose. */
        public void expects(String complaint) {
            expected.add(complaint);
        }

        public Page tablet() {
            return page(touchscreen());
        }

        /** A tablet that has the application installed, and so can load it without a network. */
        public Page installed() {
            return page(touchscreen().setServiceWorkers(ServiceWorkerPolicy.ALLOW));
        }

        private static Browser.NewContextOptions touchscreen() {
            return new Browser.NewContextOptions().setViewportSize(1280, 800).setHasTouch(true);
        }

        public Page phone() {
            return page(new Browser.NewContextOptions()
                    .setViewportSize(390, 844)
                    .setHasTouch(true)
                    .setIsMobile(true));
        }

        public Page page(Browser.NewContextOptions options) {
            if (options.serviceWorkers == null) {
                options.setServiceWorkers(ServiceWorkerPolicy.BLOCK);
            }
            BrowserContext context = browser.newContext(options);
            contexts.add(context);
            context.onRequest(request -> requests.add(request.url()));
            context.onConsoleMessage(message -> {
                // A page without its network says so on the console for every try; that is no fault of the page.
                if (message.type().equals("error") && !message.text().contains("net::ERR_")) {
                    complaints.add(message.text() + " at " + message.location());
                }
            });
            context.onWebError(error -> complaints.add(error.error()));
            Page page = context.newPage();
            page.setDefaultTimeout(PATIENCE);
            return page;
        }

        /** A player of this test's own, so that tests do not meet. */
        public String newPlayer(String name, String hand) {
            String id = Device.newId();
            server.put("/api/players/" + id, "{\"name\":\"%s\",\"hand\":\"%s\"}".formatted(name, hand));
            return id;
        }

        /** A target as the server keeps it. */
        public JsonNode target(String id) {
            for (JsonNode kept : server.get("/api/targets")) {
                if (kept.at("/target/id").asString().equals(id)) {
                    return kept.get("target");
                }
            }
            throw new AssertionError("no target " + id);
        }

        void close() {
            contexts.forEach(BrowserContext::close);
            complaints.removeIf(complaint -> expected.stream().anyMatch(complaint::contains));
            if (!complaints.isEmpty()) {
                throw new AssertionError("the page complained: " + complaints);
            }
        }
    }

    private record Started(StartedServer server, Browser browser) {}

    /** Every class of tests is a run of its own, and one machine serves them all; both end with it. */
    private static Started started;

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Hall.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getStore(ALL)
                .getOrComputeIfAbsent(
                        "hall",
                        name -> {
                            if (started == null) {
                                started = start();
                            }
                            return new Hall(started.server(), started.browser());
                        },
                        Hall.class);
    }

    @Override
    public void afterEach(ExtensionContext context) {
        Hall hall = context.getStore(ALL).get("hall", Hall.class);
        if (hall != null) {
            hall.close();
        }
    }

    private static Started start() {
        try {
            StartedServer server = StartedServer.withDemo();
            Playwright playwright = Playwright.create();
            playwright.selectors().setTestIdAttribute("data-test");
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                            .setArgs(BROWSER_ARGUMENTS));
            return new Started(server, browser);
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }
}
