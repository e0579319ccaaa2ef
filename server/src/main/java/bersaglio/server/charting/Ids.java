package bersaglio.server.charting;

import bersaglio.core.problem.Refused;
import java.util.UUID;

/** Ids are UUIDs here, whatever shape the rules would take. */
public final class Ids {

    private static final int LENGTH = 36;

    private Ids() {}

    public static UUID parse(String field, String text) {
        try {
            UUID id = UUID.fromString(text);
            if (text.length() == LENGTH && id.toString().equals(text)) {
                return id;
            }
        } catch (IllegalArgumentException noId) {
            // Answered below, as for any other text that is no id.
        }
        throw new Refused("bad_id", field, text, "a UUID in lower case");
    }
}
