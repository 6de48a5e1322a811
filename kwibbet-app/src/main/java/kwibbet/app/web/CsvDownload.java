package kwibbet.app.web;

import java.nio.charset.StandardCharsets;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A list that the browser saves as a file. */
public final class CsvDownload {

    private CsvDownload() {}

    /**
     * The answer with the list.
     *
     * @param name the name of the file, without {@code .csv}
     * @param text the list
     */
    public static ResponseEntity<String> of(String name, String text) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".csv\"")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text);
    }
}
