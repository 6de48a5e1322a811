package kwibbet.artwork;

import kwibbet.measure.Length;
import kwibbet.paper.Colour;
import kwibbet.shape.Size;

/**
 * A picture as it can be printed.
 *
 * @param id names its dots
 * @param name what the maker calls it
 * @param across how many dots it has from left to right; at least 1
 * @param down how many dots it has from top to bottom; at least 1
 * @param colour its colour on the whole, for where it is too small to be seen
 */
public record Artwork(ArtworkId id, String name, int across, int down, Colour colour) {

    /** A picture that comes with the program: its arrow shows which way is up, its frame how much is cut off. */
    public static final Artwork SAMPLE =
            new Artwork(new ArtworkId("sample"), "sample picture", 1800, 1800, new Colour("#e3dac4"));

    /** Below this many dots an inch a print looks coarse in the hand. Common practice, no source. */
    public static final int COARSE = 200;

    /**
     * Checks the dots.
     *
     * @throws IllegalArgumentException when it has none
     */
    public Artwork {
        if (across < 1 || down < 1) {
            throw new IllegalArgumentException("a picture of " + across + " by " + down + " dots shows nothing");
        }
    }

    /** How large it is at a width, to the nearest tick. */
    public Size ofWidth(Length width) {
        return new Size(width, width.scaledBy((double) down / across));
    }

    /** The smallest it can be to cover a box. */
    public Size covering(Size box) {
        Size byWidth = ofWidth(box.width());
        return byWidth.height().isShorterThan(box.height()) ? ofHeight(box.height()) : byWidth;
    }

    /** The largest it can be within a box. */
    public Size within(Size box) {
        Size byWidth = ofWidth(box.width());
        return byWidth.height().isLongerThan(box.height()) ? ofHeight(box.height()) : byWidth;
    }

    private Size ofHeight(Length height) {
        return new Size(height.scaledBy((double) across / down), height);
    }

    /** How many dots an inch of it has at a width. */
    public double dotsPerInch(Length width) {
        return across / width.toInches();
    }

    /** The widest it can be printed with no fewer dots an inch than {@link #COARSE}, to the nearest tick. */
    public Length widestFine() {
        return Length.ofInches(1).scaledBy((double) across / COARSE);
    }
}
