package kwibbet.formats.artwork;

import java.util.Arrays;
import java.util.Objects;

import kwibbet.artwork.Artwork;

/**
 * A picture that was read, with its dots.
 *
 * @param artwork what is known of it
 * @param dots its dots, as PNG or JPEG
 * @param small the same with few dots, as JPEG, to be shown
 */
public record ReadArtwork(Artwork artwork, byte[] dots, byte[] small) {

    @Override
    public boolean equals(Object other) {
        return other instanceof ReadArtwork that
                && artwork.equals(that.artwork)
                && Arrays.equals(dots, that.dots)
                && Arrays.equals(small, that.small);
    }

    @Override
    public int hashCode() {
        return Objects.hash(artwork, Arrays.hashCode(dots));
    }
}
