package bersaglio.acceptance;

import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.WebError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import tools.jackson.databind.JsonNode;

/**
 * The demo club on a real server and a real browser, both started once for all tests; every test gets devices
 * without anything of another test's on them, and fails when its page complained.
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
        private final Started started;
        private final List<BrowserContext> contexts = new CopyOnWriteArrayList<>();
        private final Map<BrowserContext, Kind> shared = new HashMap<>();
        private final List<String> complaints = new CopyOnWriteArrayList<>();
        private final List<String> expected = new CopyOnWriteArrayList<>();
        private final List<String> requests = new CopyOnWriteArrayList<>();
        private final Consumer<Request> onRequest = request -> requests.add(request.url());
        private final Consumer<ConsoleMessage> onConsole = this::heard;
        private final Consumer<WebError> onError = error -> complaints.add(error.error());

        Hall(Started started) {
            this.started = started;
        }

        public StartedServer server() {
            return started.server();
        }

        public String address() {
            return "http://localhost:" + server().port();
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
            return page(Kind.TABLET);
        }

        public Page phone() {
            return page(Kind.PHONE);
        }

        public Page table() {
            return page(Kind.TABLE);
        }

        /** A tablet that has the application installed, and so can load it without a network. */
        public Page installed() {
            return page(Kind.TABLET.options().setServiceWorkers(ServiceWorkerPolicy.ALLOW));
        }

        public Page page(Browser.NewContextOptions options) {
            if (options.serviceWorkers == null) {
                options.setServiceWorkers(ServiceWorkerPolicy.BLOCK);
            }
            return page(started.browser().newContext(options));
        }

        /** From now on the page's time goes on only as the test says. */
        public void holdsTheClockOf(Page page) {
            shared.remove(page.context());
            page.clock().install();
        }

        private Page page(Kind kind) {
            BrowserContext rested = started.rested().get(kind).poll();
            BrowserContext context = rested == null ? started.browser().newContext(kind.options()) : rested;
            shared.put(context, kind);
            Page page = page(context);
            if (rested != null) {
                forget(page);
            }
            return page;
        }

        private Page page(BrowserContext context) {
            contexts.add(context);
            context.onRequest(onRequest);
            context.onConsoleMessage(onConsole);
            context.onWebError(onError);
            Page page = context.newPage();
            page.setDefaultTimeout(PATIENCE);
            return page;
        }

        private void heard(ConsoleMessage message) {
            // A page without its network says so on the console for every try; that is no fault of the page.
            if (message.type().equals("error") && !message.text().contains("net::ERR_")) {
                complaints.add(message.text() + " at " + message.location());
            }
        }

        /** What the test before left on the device. */
        private void forget(Page page) {
            CDPSession device = page.context().newCDPSession(page);
            for (String origin : started.origins()) {
                JsonObject what = new JsonObject();
                what.addProperty("origin", origin);
                what.addProperty("storageTypes", "cookies,local_storage,indexeddb,cache_storage");
                device.send("Storage.clearDataForOrigin", what);
            }
            device.detach();
        }

        /** A player of this test's own, so that tests do not meet. */
        public String newPlayer(String name, String hand) {
            String id = Device.newId();
            server().put("/api/players/" + id, "{\"name\":\"%s\",\"hand\":\"%s\"}".formatted(name, hand));
            return id;
        }

        /** A target as the server keeps it. */
        public JsonNode target(String id) {
            for (JsonNode kept : server().get("/api/targets")) {
                if (kept.at("/target/id").asString().equals(id)) {
                    return kept.get("target");
                }
            }
            throw new AssertionError("no target " + id);
        }

        void close() {
            contexts.forEach(this::leave);
            contexts.clear();
            complaints.removeIf(complaint -> expected.stream().anyMatch(complaint::contains));
            if (!complaints.isEmpty()) {
                throw new AssertionError("the page complained: " + complaints);
            }
        }

        private void leave(BrowserContext context) {
            Kind kind = shared.get(context);
            if (kind == null) {
                context.close();
                return;
            }
            context.pages().forEach(Page::close);
            context.setOffline(false);
            context.offRequest(onRequest);
            context.offConsoleMessage(onConsole);
            context.offWebError(onError);
            requests.stream()
                    .filter(address -> address.startsWith("http"))
                    .map(Hall::originOf)
                    .forEach(started.origins()::add);
            started.rested().get(kind).add(context);
        }

        private static String originOf(String address) {
            URI asked = URI.create(address);
            return asked.getScheme() + "://" + asked.getAuthority();
        }
    }

    /**
     * @param rested devices that no test has in its hands
     * @param origins where these may have kept something
     */
    private record Started(
            StartedServer server, Browser browser, Map<Kind, Queue<BrowserContext>> rested, Set<String> origins) {

        Started(StartedServer server, Browser browser) {
            this(server, browser, new EnumMap<>(Kind.class), new HashSet<>());
            for (Kind kind : Kind.values()) {
                rested.put(kind, new ArrayDeque<>());
            }
        }
    }

    /** What is the same for many tests: the browser keeps its scripts as compiled, and what was charted is wiped. */
    private enum Kind {
        TABLET,
        PHONE,
        TABLE;

        private Browser.NewContextOptions options() {
            Browser.NewContextOptions options = new Browser.NewContextOptions()
                    .setViewportSize(this == PHONE ? 390 : 1280, this == PHONE ? 844 : 800)
                    .setHasTouch(this != TABLE)
                    .setServiceWorkers(ServiceWorkerPolicy.BLOCK);
            return this == PHONE ? options.setIsMobile(true) : options;
        }
    }

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
                            return new Hall(started);
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
