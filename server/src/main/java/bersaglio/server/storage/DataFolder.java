package bersaglio.server.storage;

import bersaglio.server.Settings;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/** The club's folder. */
@Component
public class DataFolder {

    private final ClubFiles files;

    DataFolder(Settings settings) {
        files = new ClubFiles(settings.data());
        files.create();
    }

    public ClubFiles files() {
        return files;
    }

    Path path() {
        return files.folder();
    }

    String databaseUrl() {
        return files.url();
    }

    String password() throws IOException {
        return files.key();
    }
}
