package bersaglio.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javax.sql.DataSource;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The real server on a folder of its own and a free port. */
public final class StartedServer implements AutoCloseable {

    public static final ObjectMapper JSON = new ObjectMapper();

    private static final int DRILLS_AT_ONCE = 40;
    private static final String[] DEMO = {"--bersaglio.demo=true", "--bersaglio.day=2026-11-25"};

    private static final DemoFolder DEMO_CLUB =
            new DemoFolder(data -> on(data, DEMO).close());

    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final ConfigurableApplicationContext context;

    private StartedServer(ConfigurableApplicationContext context) {
        this.context = context;
    }

    /** With the demo club, as on 25 Nov 2026; it is made once, and every server has a copy. */
    public static StartedServer withDemo() throws IOException {
        Path data = Files.createTempDirectory("club");
        FileSystemUtils.copyRecursively(DEMO_CLUB.made(), data);
        return on(data, DEMO);
    }

    public static StartedServer on(Path data, String... more) {
        String[] arguments = new String[more.length + 2];
        System.arraycopy(more, 0, arguments, 0, more.length);
        arguments[more.length] = "--server.port=0";
        arguments[more.length + 1] = "--bersaglio.data=" + data;
        return new StartedServer(SpringApplication.run(Bersaglio.class, arguments));
    }

    public int port() {
        return ((ServletWebServerApplicationContext) context).getWebServer().getPort();
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Connections that may write, for what is put there beside the server. */
    public DataSource owner() {
        return context.getBean("ownerSource", DataSource.class);
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port() + path));
    }

    public HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    public JsonNode get(String path) {
        return JSON.readTree(send(request(path)).body());
    }

    /** All versions of all drills, as the page is told of them. */
    public List<JsonNode> drills() {
        return drills(this::get);
    }

    /** @param get what a server answers to a path */
    public static List<JsonNode> drills(Function<String, JsonNode> get) {
        List<String> asked = new ArrayList<>();
        get.apply("/api/club")
                .get("drills")
                .forEach(drill -> asked.add("of=" + drill.get("id").asString() + "."
                        + drill.get("tag").asString()));
        List<JsonNode> drills = new ArrayList<>();
        for (int from = 0; from < asked.size(); from += DRILLS_AT_ONCE) {
            List<String> some = asked.subList(from, Math.min(asked.size(), from + DRILLS_AT_ONCE));
            get.apply("/api/drills/versions?" + String.join("&", some)).forEach(drills::add);
        }
        return drills;
    }

    /** The newest version of a drill, as the page is told of it. */
    public JsonNode drill(String family) {
        for (JsonNode drill : drills()) {
            if (drill.get("family").asString().equals(family)) {
                return drill;
            }
        }
        throw new AssertionError("no drill " + family);
    }

    public HttpResponse<String> post(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public HttpResponse<String> put(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    @Override
    public void close() {
        context.close();
    }
}
