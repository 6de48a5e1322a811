package kwibbet.card.feature;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Brief;
import kwibbet.card.Parameter;
import kwibbet.card.Parameter.Follows;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;

/** The parameters of what is cut to a shape of its own size. */
final class Shapes {

    static final Length SMALLEST = Length.ofInches(1, 8);
    static final Length LARGEST = Length.ofInches(24);

    /** Which shape. */
    static final Parameter.OfChoice SHAPE = shapes("shape", List.of());
    /** Its width. */
    static final Parameter.OfLength WIDTH = side("width", "Width", Follows.WIDTH, Length.ofInches(2));
    /** Its height. */
    static final Parameter.OfLength HEIGHT = side("height", "Height", Follows.HEIGHT, Length.ofInches(2));

    private Shapes() {}

    /** As large as what a die cuts, and of its shape. */
    static Optional<Settings> cutWith(Settings settings, Die die) {
        return Optional.of(settings.with(SHAPE, word(die.shape().kind()))
                .with(WIDTH, die.shape().size().width())
                .with(HEIGHT, die.shape().size().height()));
    }

    /** A choice of shapes after some other choices. */
    static Parameter.OfChoice shapes(String key, List<Parameter.Choice> before) {
        return new Parameter.OfChoice(
                key,
                "Shape",
                "What it is cut to.",
                Stream.concat(
                                before.stream(),
                                Stream.of(CutShape.Kind.values())
                                        .map(kind -> new Parameter.Choice(word(kind), kind.words())))
                        .toList());
    }

    static String word(CutShape.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    static Parameter.OfLength side(String key, String label, Follows follows, Length preset) {
        return Parameter.OfLength.fixed(key, label, label + " of it.", SMALLEST, LARGEST, preset)
                .following(follows);
    }

    static Parameter.OfLength length(
            String key, String label, String sentence, String least, String most, String preset) {
        return Parameter.OfLength.fixed(key, label, sentence, in(least), in(most), in(preset));
    }

    private static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    static CutShape.Kind kind(Brief brief, Parameter.OfChoice parameter) {
        return CutShape.Kind.valueOf(brief.choice(parameter).toUpperCase(Locale.ROOT));
    }

    static CutShape shape(Brief brief) {
        return new CutShape(kind(brief, SHAPE), size(brief));
    }

    static Size size(Brief brief) {
        return new Size(brief.length(WIDTH), brief.length(HEIGHT));
    }
}
