package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Brief;
import kwibbet.card.Feature;
import kwibbet.card.Hold;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.shape.Edge;

/** With what a layer is stuck, flat or raised, and where it is held. */
public final class Held {

    /** Taped flat. */
    public static final String FLAT = "flat";
    /** With liquid glue. */
    public static final String GLUED = "glue";
    /** On glue dots. */
    public static final String ON_DOTS = "dots";
    /** On foam tape. */
    public static final String ON_FOAM = "foam";
    /** On two layers of foam tape. */
    public static final String ON_DOUBLE_FOAM = "double";

    /** On foam pads. */
    public static final String ON_PADS = "pads";
    /** With a glue pen. */
    public static final String PENNED = "pen";

    /** Not at all. */
    public static final String LOOSE = "loose";

    /** How high the foam is. */
    public static final Parameter.OfLength FOAM = Parameter.OfLength.fixed(
            "foam",
            "Foam",
            "How high a layer of the foam is.",
            Length.ofInches(1, 64),
            Length.ofInches(1, 2),
            Length.ofInches(1, 16));

    /** Held all over. */
    public static final String ALL_OVER = "all";
    /** Held at its corners. */
    public static final String CORNERS = "corners";
    /** Held along all edges but the top: a pocket. */
    public static final String POCKET = "pocket";
    /** Held along its left and its right edge. */
    public static final String SIDES = "sides";

    private static final String HALF = "-half";

    /** Where it is held. */
    public static final Parameter.OfChoice WHERE = new Parameter.OfChoice(
            "hold", "Held", "Where it is held; the rest of it hangs free.", wheres(), Parameter.Own.NOTHING);

    private Held() {}

    /** Held along one edge. */
    public static String along(Edge edge) {
        return edge.word();
    }

    /** Held on the half beside an edge. */
    public static String half(Edge edge) {
        return edge.word() + HALF;
    }

    private static List<Parameter.Choice> wheres() {
        List<Parameter.Choice> all = new ArrayList<>(List.of(new Parameter.Choice(ALL_OVER, "all over")));
        edges().forEach(edge ->
                all.add(new Parameter.Choice(along(edge), "along its " + edge.word() + " edge, hanging")));
        all.add(new Parameter.Choice(SIDES, "along its left and right edge"));
        all.add(new Parameter.Choice(POCKET, "along all edges but the top"));
        edges().forEach(edge -> all.add(new Parameter.Choice(half(edge), "on its " + edge.word() + " half")));
        all.add(new Parameter.Choice(CORNERS, "at its corners"));
        return all;
    }

    private static Stream<Edge> edges() {
        return Stream.of(Edge.TOP, Edge.BOTTOM, Edge.LEFT, Edge.RIGHT);
    }

    /** With what something is stuck; some ways of its own come last. */
    static Parameter.OfChoice with(String key, Parameter.Choice... more) {
        return new Parameter.OfChoice(
                key,
                "Stuck",
                "With what, flat or raised.",
                Stream.concat(
                                Stream.of(
                                        new Parameter.Choice(FLAT, "flat, taped"),
                                        new Parameter.Choice(GLUED, "flat, with liquid glue"),
                                        new Parameter.Choice(ON_DOTS, "flat, on glue dots"),
                                        new Parameter.Choice(PENNED, "flat, with a glue pen"),
                                        new Parameter.Choice(ON_FOAM, "raised on foam"),
                                        new Parameter.Choice(ON_PADS, "raised on foam pads"),
                                        new Parameter.Choice(ON_DOUBLE_FOAM, "raised on two layers of foam"),
                                        new Parameter.Choice(LOOSE, "not at all: it lies loose")),
                                Stream.of(more))
                        .toList(),
                Parameter.Own.NOTHING);
    }

    /** What is asked as it is set. */
    static List<Parameter> asked(Parameter.OfChoice with, Settings settings) {
        boolean isRaised =
                settings.is(with, ON_FOAM) || settings.is(with, ON_DOUBLE_FOAM) || settings.is(with, ON_PADS);
        if (settings.is(with, LOOSE)) {
            return List.of(with);
        }
        return isRaised ? List.of(with, FOAM, WHERE) : List.of(with, WHERE);
    }

    /** What holds it. */
    static Adhesion adhesion(Parameter.OfChoice with, Brief brief) {
        Adhesion adhesion =
                switch (brief.choice(with)) {
                    case GLUED -> Adhesion.glue();
                    case ON_DOTS -> Adhesion.dots();
                    case PENNED -> Adhesion.pen();
                    case ON_PADS -> Adhesion.pads(brief.length(FOAM));
                    case ON_FOAM -> Adhesion.foam(brief.length(FOAM));
                    case ON_DOUBLE_FOAM -> Adhesion.foam(brief.length(FOAM), 2);
                    case LOOSE -> Adhesion.loose();
                    default -> Adhesion.FLAT;
                };
        return adhesion.kind().sticks() ? adhesion.held(hold(brief.choice(WHERE))) : adhesion;
    }

    /** The settings of a layer with which it is glued all over, which takes the least room; nothing of what is no layer that can be held otherwise. */
    public static Optional<Settings> glued(Feature feature, Settings settings) {
        return heldBy(feature, settings, GLUED).map(glued -> glued.with(WHERE, ALL_OVER));
    }

    /** The settings of a layer with which it is stuck in such a way; nothing of what is no layer that can be held otherwise. */
    public static Optional<Settings> heldBy(Feature feature, Settings settings, String way) {
        return Stream.of(Mat.RAISED, Ornament.BACKING)
                .filter(with -> feature.parameters().contains((Parameter) with))
                .findFirst()
                .map(with -> settings.with(with, way));
    }

    private static Hold hold(String where) {
        return switch (where) {
            case ALL_OVER -> Hold.allOver();
            case SIDES -> new Hold.Along(EnumSet.of(Edge.LEFT, Edge.RIGHT));
            case POCKET -> new Hold.Along(EnumSet.complementOf(EnumSet.of(Edge.TOP)));
            case CORNERS -> new Hold.Corners();
            default -> atEdge(where);
        };
    }

    private static Hold atEdge(String where) {
        Edge edge = edges().filter(each -> where.equals(along(each)) || where.equals(half(each)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("nothing is held “" + where + "”"));
        return where.equals(half(edge)) ? new Hold.Half(edge) : new Hold.Along(Set.of(edge));
    }
}
