package bersaglio.server.charting;

import bersaglio.core.problem.Refused;
import java.util.Optional;
import java.util.UUID;

/** Ids are UUIDs here, whatever shape the rules would take. */
public final class Ids {

    private static final int LENGTH = 36;

    private Ids() {}

    public static UUID parse(String field, String text) {
        return find(text).orElseThrow(() -> new Refused("bad_id", field, text, "a UUID in lower case"));
    }

    /** @return nothing for what is no id */
    static Optional<UUID> find(String text) {
        try {
            UUID id = UUID.fromString(text);
            return text.length() == LENGTH && id.toString().equals(text) ? Optional.of(id) : Optional.empty();
        } catch (IllegalArgumentException noId) {
            return Optional.empty();
        }
    }
}
