package bersaglio.server;

import bersaglio.server.backup.Commands;
import bersaglio.server.files.CannotStart;
import java.io.IOException;
import java.io.ObjectInputFilter;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.PortInUseException;

/** The server: stores what was charted, decides results by replay, serves the page. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Bersaglio {

    /** The database runs no Java that its file names, and no object that somebody wrote down is brought to life. */
    private static void runNothingFromFiles() {
        System.setProperty("h2.allowedClasses", "");
        ObjectInputFilter.Config.setSerialFilter(object -> ObjectInputFilter.Status.REJECTED);
    }

    public static void main(String[] args) {
        runNothingFromFiles();
        if (args.length > 0 && Commands.isOne(args[0])) {
            System.exit(Commands.run(List.of(args), System.out::println));
        }
        try {
            SpringApplication.run(Bersaglio.class, args);
        } catch (RuntimeException failure) {
            System.err.println(inASentence(failure));
            System.exit(1);
        }
    }

    /** What a person can act on; everything else goes where whoever helps them finds it. */
    private static String inASentence(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStart known) {
                return known.getMessage() + (known.getCause() == null ? "" : " " + written(failure));
            }
            if (cause instanceof PortInUseException taken) {
                return "Port " + taken.getPort()
                        + " is taken on this machine. Stop what runs there, or choose another: --port 8081";
            }
        }
        return "The server could not start. Nothing was lost. " + written(failure);
    }

    private static String written(Throwable failure) {
        StringWriter trace = new StringWriter();
        failure.printStackTrace(new PrintWriter(trace));
        try {
            Path kept = Files.createTempFile("bersaglio-start-", ".log");
            Files.writeString(kept, trace.toString());
            return "What failed is written in " + kept + ".";
        } catch (IOException unwritable) {
            return trace.toString();
        }
    }
}
