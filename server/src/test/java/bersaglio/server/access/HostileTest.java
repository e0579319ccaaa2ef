package bersaglio.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.StartedServer;
import bersaglio.server.access.Mutants.Mutant;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What no page of ours would send. */
class HostileTest {

    private static final int REQUESTS = Integer.getInteger("hostile.requests", 20_000);
    private static final long SEED = Long.getLong("hostile.seed", 12);
    private static final int AT_ONCE = 2;
    private static final long LONGEST_ANSWER = 2_000_000_000L;

    private static StartedServer server;

    @BeforeAll
    static void aServer() throws IOException {
        server = StartedServer.withDemo();
    }

    @AfterAll
    static void gone() {
        server.close();
    }

    @Test
    void noSpoiltRequestIsAFailureOrTakesLong() throws Exception {
        List<String> findings = Collections.synchronizedList(new ArrayList<>());
        ExecutorService senders = Executors.newFixedThreadPool(AT_ONCE);
        try {
            List<Callable<Void>> work = new ArrayList<>();
            for (int sender = 0; sender < AT_ONCE; sender++) {
                Mutants mutants = new Mutants(server, SEED + sender);
                work.add(() -> {
                    for (int i = 0; i < REQUESTS / AT_ONCE; i++) {
                        Mutant mutant = mutants.next();
                        long start = System.nanoTime();
                        String answer = send(mutant.bytes(server.port()));
                        boolean slow = System.nanoTime() - start > LONGEST_ANSWER;
                        look(mutant, answer, findings);
                        if (slow && isSlowAgain(mutant)) {
                            findings.add("it took long each time to answer " + mutant);
                        }
                    }
                    return null;
                });
            }
            for (var one : senders.invokeAll(work)) {
                one.get();
            }
        } finally {
            senders.shutdownNow();
        }
        TreeMap<String, String> kinds = new TreeMap<>();
        findings.forEach(finding -> kinds.putIfAbsent(kindOf(finding), finding));
        assertThat(kinds.values()).as(findings.size() + " of " + REQUESTS).isEmpty();
    }

    /** Alike but for their numbers. */
    private static String kindOf(String finding) {
        String plain = finding.replaceAll("\\d+", "#");
        return plain.substring(0, Math.min(90, plain.length()));
    }

    /** What a machine does beside it can hold up any answer once; a request that takes long does so every time. */
    private static boolean isSlowAgain(Mutant mutant) throws IOException {
        for (int i = 0; i < 3; i++) {
            long start = System.nanoTime();
            send(mutant.bytes(server.port()));
            if (System.nanoTime() - start <= LONGEST_ANSWER) {
                return false;
            }
        }
        return true;
    }

    private static void look(Mutant mutant, String answer, List<String> findings) {
        if (!answer.matches("(?s)HTTP/1\\.1 [1-5]\\d\\d.*")) {
            findings.add("no answer at all to " + mutant);
            return;
        }
        int status = Integer.parseInt(answer.substring(9, 12));
        if (status >= 500 && status != 501) {
            findings.add(status + " to " + mutant + " was " + answer);
        } else if (status >= 400 && !mutant.method().equals("HEAD") && !answer.contains("application/problem+json")) {
            findings.add(status + " without a problem to " + mutant + " was " + answer);
        } else if (status >= 400 && !mutant.method().equals("HEAD") && !answer.contains("\"allowed\":")) {
            findings.add(status + " without what is allowed to " + mutant + " was " + answer);
        }
        if (!answer.contains("nosniff") || !answer.contains("Referrer-Policy")) {
            findings.add("headers are missing in the answer to " + mutant + " was " + answer);
        }
    }

    private static String send(byte[] request) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), server.port())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(request);
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
