package kwibbet.artwork;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Names the dots of a picture.
 *
 * @param value lower-case letters and digits, at most 64
 */
public record ArtworkId(String value) {

    private static final Pattern FORM = Pattern.compile("[a-z0-9]{1,64}");

    /**
     * Checks its form.
     *
     * @throws IllegalArgumentException when it has another
     */
    public ArtworkId {
        if (!FORM.matcher(value).matches()) {
            throw new IllegalArgumentException(
                    "“" + value + "” names no picture: that takes 1 to 64 small letters and digits");
        }
    }

    /** The id of that form, if it has it. */
    public static Optional<ArtworkId> parse(String text) {
        return FORM.matcher(text).matches() ? Optional.of(new ArtworkId(text)) : Optional.empty();
    }
}
