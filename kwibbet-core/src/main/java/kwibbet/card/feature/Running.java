package kwibbet.card.feature;

import kwibbet.card.Brief;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** What runs across or up and down: twine, a row of gems, ribbon. */
final class Running {

    static final String ACROSS = "across";
    static final String DOWN = "down";

    private Running() {}

    /** Which way it runs; the first until another is chosen. */
    static Parameter.OfChoice way(String sentence) {
        return Parameter.OfChoice.of("runs", "Runs", sentence, ACROSS, "across", DOWN, "up and down");
    }

    static boolean isAcross(Parameter.OfChoice way, Settings settings) {
        return settings.is(way, ACROSS);
    }

    static boolean isAcross(Parameter.OfChoice way, Brief brief) {
        return isAcross(way, brief.settings());
    }

    /** The box of what is so long and so wide. */
    static Size size(boolean across, Length along, Length wide) {
        return across ? new Size(along, wide) : new Size(wide, along);
    }

    /** So much farther along. */
    static Point along(boolean across, Point from, Length by) {
        return across ? from.plus(by, Length.ZERO) : from.plus(Length.ZERO, by);
    }
}
