package kwibbet.card.base;

import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/** The parameters nearly every base has: the size of the shut card and how it lies. */
final class CardSides {

    static final Length NARROWEST = Length.ofInches(1);
    static final Length WIDEST = Length.ofInches(24);

    /** The width of the shut card. */
    static final Parameter.OfLength WIDTH = Parameter.OfLength.fixed(
            "width", "Width", "The shut card from left to right.", NARROWEST, WIDEST, Length.ofInches(5));
    /** The height of the shut card. */
    static final Parameter.OfLength HEIGHT = Parameter.OfLength.fixed(
            "height", "Height", "The shut card from top to bottom.", NARROWEST, WIDEST, Length.ofInches(7));
    /** Whether the folds run from top to bottom or from side to side. */
    static final Parameter.OfChoice LIES = Parameter.OfChoice.of(
            "lies",
            "Lies",
            "Which way its folds run.",
            CardSides.UPRIGHT,
            "folds upright",
            CardSides.TURNED,
            "a quarter turned");

    static final String UPRIGHT = "upright";
    static final String TURNED = "turned";

    private CardSides() {}

    static Size finished(Settings settings) {
        return new Size(
                Length.max(settings.length(WIDTH), Length.ofTicks(1)),
                Length.max(settings.length(HEIGHT), Length.ofTicks(1)));
    }

    static Settings sized(Settings settings, Size finished) {
        return settings.with(WIDTH, finished.width()).with(HEIGHT, finished.height());
    }

    static boolean isTurned(Settings settings) {
        return settings.is(LIES, TURNED);
    }

    /** The size of the shut card before it is turned: across its folds and along them. */
    static Size beforeTurn(Settings settings) {
        Size finished = finished(settings);
        return isTurned(settings) ? finished.turned() : finished;
    }

    static Parameter.OfLength length(
            String key, String label, String sentence, Length least, Length most, Length preset) {
        return Parameter.OfLength.fixed(key, label, sentence, least, most, preset);
    }
}
