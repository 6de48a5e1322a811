package kwibbet.formats.artwork;

import kwibbet.artwork.Artwork;

/** A picture that was read, with its dots. */
public final class ReadArtwork {

    private final Artwork artwork;
    private final byte[] dots;
    private final byte[] small;

    ReadArtwork(Artwork artwork, byte[] dots, byte[] small) {
        this.artwork = artwork;
        this.dots = dots.clone();
        this.small = small.clone();
    }

    /** What is known of it. */
    public Artwork artwork() {
        return artwork;
    }

    /** Its dots, as PNG or JPEG. */
    public byte[] dots() {
        return dots.clone();
    }

    /** The same with few dots, as JPEG, to be shown. */
    public byte[] small() {
        return small.clone();
    }
}
