package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a backup says of itself.
 *
 * @param format  {@value #FORMAT}
 * @param version of the format
 * @param schema  the version of the tables
 * @param madeAt  an instant, as text
 * @param holds   how much of a club it holds
 * @param files   SHA-256 of each file, in hexadecimal
 */
record Manifest(
        @Nullable String format,
        int version,
        int schema,
        @Nullable String madeAt,
        @Nullable Holdings holds,
        @Nullable Map<String, String> files) {

    static final String FORMAT = "bersaglio-backup";
    static final int VERSION = 1;
    static final String NAME = "manifest.json";

    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    static Manifest of(Holdings holds, String madeAt, Map<String, String> files) {
        return new Manifest(FORMAT, VERSION, holds.schema(), madeAt, holds, files);
    }

    byte[] write() {
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(this);
    }

    /** @throws CannotStart when it is none, or one of a later version */
    static Manifest read(byte[] text) {
        Manifest read;
        try {
            read = JSON.readValue(text, Manifest.class);
        } catch (JacksonException broken) {
            throw new CannotStart(
                    "The backup's own description cannot be read; the file is damaged. Take another one.");
        }
        if (!FORMAT.equals(read.format) || read.files == null || read.holds == null) {
            throw new CannotStart("This file is no backup of a club. Name a file that ./bersaglio backup has made.");
        }
        if (read.version > VERSION) {
            throw new CannotStart(
                    "This backup was made by a later version of Bersaglio. Restore it with that version.");
        }
        return read;
    }
}
