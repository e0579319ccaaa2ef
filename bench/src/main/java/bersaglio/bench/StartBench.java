package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Device;
import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import bersaglio.server.charting.Rebuild;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/** From the command to the first answered page, when all is built and the club is there. */
final class StartBench {

    private static final int MOST_SECONDS = 300;
    private static final int KILLS = 4;

    private StartBench() {}

    static List<Row> secondStart() throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("bench");
        start(data);
        return List.of(Row.atMost("second start of the demo, to its first page", start(data), "s", 6));
    }

    /** The jar with its class archive, on a long-lived club whose server was killed as it took a shot. */
    static List<Row> afterAKill() throws Exception {
        Path data = Files.createTempDirectory("bench");
        try (StartedServer server = StartedServer.on(data)) {
            String player = Device.newId();
            server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
            RebuildBench.fill(server.owner(), UUID.fromString(player));
            server.bean(Rebuild.class).rebuild();
        }
        double longest = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            long start = System.nanoTime();
            ServerProcess server = ServerProcess.launch(data, KillBench.program());
            int port = server.port();
            longest = Math.max(longest, (System.nanoTime() - start) / 1e9);
            Device.chartOn(port, 4);
            server.killAndWait();
        }
        return List.of(Row.atMost("start after a kill, 1,000,000 shots", longest, "s", 6));
    }

    private static double start(Path data) throws IOException, InterruptedException {
        int port = freePort();
        ProcessBuilder command = new ProcessBuilder("./bersaglio", "demo", "--port", Integer.toString(port));
        command.environment().put("BERSAGLIO_DATA", data.toString());
        command.redirectOutput(ProcessBuilder.Redirect.DISCARD).redirectError(ProcessBuilder.Redirect.DISCARD);
        long start = System.nanoTime();
        Process demo = command.start();
        try {
            awaitPage(port, demo);
            return (System.nanoTime() - start) / 1e9;
        } finally {
            demo.destroy();
            demo.waitFor(20, TimeUnit.SECONDS);
        }
    }

    private static void awaitPage(int port, Process demo) throws InterruptedException {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest page = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/"))
                .build();
        for (int tries = 0; tries < MOST_SECONDS * 20 && demo.isAlive(); tries++) {
            try {
                if (http.send(page, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                Thread.sleep(50);
            }
        }
        throw new IllegalStateException("the demo did not start");
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
