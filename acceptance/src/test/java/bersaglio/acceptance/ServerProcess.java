package bersaglio.acceptance;

import bersaglio.server.Bersaglio;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The server as a process of its own, that can be killed. */
record ServerProcess(Process process, int port) {

    private static final Pattern READY = Pattern.compile("Ready at http://localhost:(\\d+)");

    static ServerProcess start(Path data) {
        try {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Bersaglio.class.getName(),
                            "--server.port=0",
                            "--bersaglio.data=" + data)
                    .redirectErrorStream(true)
                    .start();
            return new ServerProcess(process, portOf(process));
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    private static int portOf(Process process) throws IOException {
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder seen = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            seen.append(line).append('\n');
            Matcher ready = READY.matcher(line);
            if (ready.find()) {
                return Integer.parseInt(ready.group(1));
            }
        }
        throw new IllegalStateException("the server did not start:\n" + seen);
    }

    void kill() {
        process.destroyForcibly();
    }

    void stop() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
