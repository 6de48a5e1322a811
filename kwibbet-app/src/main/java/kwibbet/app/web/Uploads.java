package kwibbet.app.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;

import org.springframework.web.multipart.MultipartFile;

import kwibbet.outcome.Outcome;

/** Files of text that are sent in. */
public final class Uploads {

    private static final long LARGEST = 1_000_000;

    private Uploads() {}

    /**
     * The text of a file, or why it is not read.
     *
     * @throws IOException when what was sent can no longer be reached
     */
    public static Outcome<String> text(MultipartFile file) throws IOException {
        return text(file, LARGEST);
    }

    /**
     * The text of a file of up to so many bytes, or why it is not read.
     *
     * @throws IOException when what was sent can no longer be reached
     */
    public static Outcome<String> text(MultipartFile file, long largest) throws IOException {
        if (file.isEmpty()) {
            return Outcome.refused("", "Choose a file first.");
        }
        return file.getSize() > largest
                ? Outcome.refused("", "That file is too large: up to " + largest / 1_000_000 + " MB is read.")
                : Outcome.made(new String(file.getBytes(), StandardCharsets.UTF_8));
    }
}
