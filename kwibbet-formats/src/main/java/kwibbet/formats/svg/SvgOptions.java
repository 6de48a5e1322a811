package kwibbet.formats.svg;

import java.util.Optional;
import java.util.Set;

/**
 * How a drawing stands in its page.
 *
 * @param lit the ids of the pieces that are lit
 * @param pixelsPerInch its scale on the page; none when the style sheet decides its size
 * @param isDecoration whether the words beside it say all it shows, so that it need not be read out
 * @param printed where pictures that are printed are found; none where only their colour is drawn
 */
public record SvgOptions(
        Set<String> lit, Optional<Integer> pixelsPerInch, boolean isDecoration, Optional<String> printed) {

    /** A picture sized by the style sheet, nothing lit. */
    public static final SvgOptions PICTURE = new SvgOptions(Set.of(), Optional.empty(), false, Optional.empty());
    /** The same, not read out. */
    public static final SvgOptions DECORATION = new SvgOptions(Set.of(), Optional.empty(), true, Optional.empty());

    /** Copies the ids. */
    public SvgOptions {
        lit = Set.copyOf(lit);
    }

    /** With one piece lit. */
    public SvgOptions lighting(String piece) {
        return new SvgOptions(Set.of(piece), pixelsPerInch, isDecoration, printed);
    }

    /** At a fixed scale. */
    public SvgOptions at(int pixels) {
        return new SvgOptions(lit, Optional.of(pixels), isDecoration, printed);
    }

    /** With pictures that are printed, found at an address followed by their id. */
    public SvgOptions printing(String address) {
        return new SvgOptions(lit, pixelsPerInch, isDecoration, Optional.of(address));
    }
}
