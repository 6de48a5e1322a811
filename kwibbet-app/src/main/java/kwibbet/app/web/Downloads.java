package kwibbet.app.web;

import java.nio.charset.StandardCharsets;

import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files that the browser saves. */
public final class Downloads {

    private Downloads() {}

    /**
     * An answer that is saved under a name, whatever letters that has.
     *
     * @param file the name, with its ending
     * @param type what it is
     */
    public static ResponseEntity.BodyBuilder as(String file, MediaType type) {
        ContentDisposition saved = ContentDisposition.attachment()
                .filename(file, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok().contentType(type).headers(headers -> headers.setContentDisposition(saved));
    }
}
