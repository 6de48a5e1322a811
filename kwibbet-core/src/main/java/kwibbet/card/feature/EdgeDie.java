package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A die laid half over an edge of a panel: waves or scallops along it, or a notch for the thumb. The rest of the die lies past the paper; along the edge it lies in the
 * middle, so that what is left plain is alike at both ends.
 */
public record EdgeDie() implements Feature {

    /** At which edge. */
    public static final Parameter.OfChoice EDGE = Shapes.edge("Which edge of the panel it cuts.");
    /** How far it reaches in. */
    public static final Parameter.OfLength INTO =
            Shapes.length("into", "Reaches in", "How far the die reaches in from the edge.", "1/32", "6", "1/4");

    @Override
    public String key() {
        return "edge-die";
    }

    @Override
    public String title() {
        return "Edge cut by a die";
    }

    @Override
    public String sentence() {
        return "A die laid half over an edge: waves, scallops, a notch.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(EDGE, Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT, INTO);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters();
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings, shape);
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        Edge edge = Shapes.edge(site.brief(), EDGE);
        Length into = site.brief().length(INTO);
        Size size = shape.size();
        Length deep = edge.isUpright() ? size.width() : size.height();
        if (into.isLongerThan(deep)) {
            return Outcome.refused(
                    INTO.key(),
                    "The die reaches in at most as far as it is deep, "
                            + site.brief().figure(deep) + ".");
        }
        Point corner = corner(site, edge, size, into);
        return AtEdge.cut(site, shape, Placement.at(corner), edge, INTO.key());
    }

    private static Point corner(Site site, Edge edge, Size size, Length into) {
        Rect room = site.bounds();
        Rect centred = room.centred(size);
        return switch (edge) {
            case LEFT -> new Point(room.left().plus(into).minus(size.width()), centred.top());
            case RIGHT -> new Point(room.right().minus(into), centred.top());
            case TOP -> new Point(centred.left(), room.top().plus(into).minus(size.height()));
            case BOTTOM -> new Point(centred.left(), room.bottom().minus(into));
        };
    }
}
