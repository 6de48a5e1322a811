package kwibbet.card.base;

import java.util.List;

import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
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

    /** The edge of the shut card at which it is folded, at the side unless it is set. */
    static final Parameter.OfChoice FOLD_AT_SIDE = fold(
            new Parameter.Choice(CardSides.AT_SIDE, "at the side"),
            new Parameter.Choice(CardSides.AT_TOP, "at the top"));
    /** The edge of the shut card at which it is folded, at the top unless it is set. */
    static final Parameter.OfChoice FOLD_AT_TOP = fold(
            new Parameter.Choice(CardSides.AT_TOP, "at the top"),
            new Parameter.Choice(CardSides.AT_SIDE, "at the side"));

    /** Said where an outline of one's own has holes. */
    static final String NO_HOLES = "Something is cut out of this outline: cut openings into the panels instead.";

    static final String AT_SIDE = "side";
    static final String AT_TOP = "top";
    static final String UPRIGHT = "upright";
    static final String TURNED = "turned";

    private CardSides() {}

    private static Parameter.OfChoice fold(Parameter.Choice first, Parameter.Choice second) {
        return new Parameter.OfChoice(
                "fold", "Fold", "Where the shut card is folded.", List.of(first, second), Parameter.Own.NOTHING);
    }

    /** The size of the shut card as it is set. */
    static Size size(Settings settings) {
        return new Size(
                Length.max(settings.length(WIDTH), Length.GRAIN), Length.max(settings.length(HEIGHT), Length.GRAIN));
    }

    /** Set to a size of the shut card. */
    static Settings sized(Settings settings, Size finished) {
        return settings.with(WIDTH, finished.width()).with(HEIGHT, finished.height());
    }

    /** 4 1/4 in square, or 110 mm. */
    static Size smallSquare(MeasureSystem system) {
        Length side = system == MeasureSystem.INCH ? Length.ofInches(17, 4) : Length.ofMillimetres(110);
        return new Size(side, side);
    }

    static Parameter.OfLength length(
            String key, String label, String sentence, Length least, Length most, Length preset) {
        return Parameter.OfLength.fixed(key, label, sentence, least, most, preset);
    }
}
