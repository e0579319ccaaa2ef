package bersaglio.server.exchange;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to be kept, its name made of what it is called. */
final class Download {

    private Download() {}

    /** @param name with its ending */
    static ResponseEntity<String> of(String name, MediaType type, String content) {
        int dot = name.lastIndexOf('.');
        ContentDisposition file = ContentDisposition.attachment()
                .filename(
                        name.substring(0, dot).replaceAll("[^\\p{L}\\p{N}]+", "-") + name.substring(dot),
                        StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
                .body(content);
    }
}
