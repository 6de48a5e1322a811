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
import kwibbet.shape.Edge;
import kwibbet.shape.Size;

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

    /** As a shape looks, and as large. */
    static Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Optional.of(settings.with(SHAPE, shape.look())
                .with(WIDTH, shape.size().width())
                .with(HEIGHT, shape.size().height()));
    }

    /** A choice of shapes after some other choices. */
    static Parameter.OfChoice shapes(String key, List<Parameter.Choice> before) {
        return new Parameter.OfChoice(
                key,
                "Shape",
                "What it is cut to.",
                Stream.concat(before.stream(), Stream.of(CutShape.Kind.values()).map(Parameter.Choice::of))
                        .toList(),
                Parameter.Own.OUTLINE);
    }

    /** An edge of the panel. */
    static Parameter.OfChoice edge(String sentence) {
        return Parameter.OfChoice.of(
                "edge", "Edge", sentence, "right", "right", "left", "left", "top", "top", "bottom", "bottom");
    }

    static Edge edge(Brief brief, Parameter.OfChoice edge) {
        return Edge.find(brief.choice(edge)).orElseThrow(() -> new IllegalStateException("an edge is chosen of four"));
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

    static CutShape shape(Brief brief) {
        return new CutShape(brief.look(SHAPE), size(brief));
    }

    static Size size(Brief brief) {
        return new Size(brief.length(WIDTH), brief.length(HEIGHT));
    }
}
