package bersaglio.server.files;

import bersaglio.server.Settings;
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
}
