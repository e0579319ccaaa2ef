package bersaglio.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The server as a process of its own, that can be killed at any moment. */
public final class ServerProcess {

    private static final Pattern READY = Pattern.compile("Ready at http://localhost:(\\d+)");

    private final Process process;
    private final CompletableFuture<Integer> port = new CompletableFuture<>();
    private final StringBuilder said = new StringBuilder();

    private ServerProcess(Process process) {
        this.process = process;
        Thread reader = new Thread(this::read, "server output");
        reader.setDaemon(true);
        reader.start();
    }

    /** Fulfilled when it is ready. */
    public static ServerProcess start(Path data, String... more) {
        ServerProcess server = launch(data, onThisClassPath(), more);
        server.port();
        return server;
    }

    public static List<String> onThisClassPath() {
        return List.of("-cp", System.getProperty("java.class.path"), Bersaglio.class.getName());
    }

    /**
     * Not waited for.
     *
     * @param program what java is told to run
     */
    public static ServerProcess launch(Path data, List<String> program, String... more) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xshare:auto"));
        command.addAll(program);
        command.addAll(List.of("--server.port=0", "--bersaglio.data=" + data));
        command.addAll(List.of(more));
        try {
            return new ServerProcess(
                    new ProcessBuilder(command).redirectErrorStream(true).start());
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private void read() {
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                say(line);
                Matcher ready = READY.matcher(line);
                if (ready.find()) {
                    port.complete(Integer.parseInt(ready.group(1)));
                }
            }
        } catch (IOException gone) {
            say(gone.toString());
        }
        synchronized (said) {
            port.completeExceptionally(new IllegalStateException("the server did not start:\n" + said));
            said.notifyAll();
        }
    }

    private void say(String line) {
        synchronized (said) {
            said.append(line).append('\n');
            said.notifyAll();
        }
    }

    /** Waits until it is ready. */
    public int port() {
        try {
            return port.join();
        } catch (CompletionException failed) {
            throw new IllegalStateException(failed.getCause().getMessage(), failed);
        }
    }

    public boolean isReady() {
        return port.isDone() && !port.isCompletedExceptionally();
    }

    /** Waits until it says something. */
    public void awaitSaid(String words) throws InterruptedException {
        synchronized (said) {
            while (said.indexOf(words) < 0) {
                if (port.isCompletedExceptionally()) {
                    throw new AssertionError("it ended before it said " + words + ":\n" + said);
                }
                said.wait();
            }
        }
    }

    /** What it has said so far. */
    public String said() {
        synchronized (said) {
            return said.toString();
        }
    }

    public Process process() {
        return process;
    }

    public void kill() {
        process.destroyForcibly();
    }

    public void killAndWait() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    public void stop() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
