package kwibbet.card.feature;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * A die laid half over an edge of a panel: waves or scallops along it, or a notch for the thumb. The rest of the die lies past the paper; along the edge it lies in the
 * middle, so that what is left plain is alike at both ends. Or one that reaches past both ends of the edge and takes the end of a longer paper off, so that the panel is
 * as long as it is told at what reaches farthest: nothing has to be laid just at an edge.
 */
public record EdgeDie() implements Feature {

    /** At which edge. */
    public static final Parameter.OfChoice EDGE = Shapes.edge("Which edge of the panel it cuts.");
    /** How far it reaches in. */
    public static final Parameter.OfLength INTO =
            Shapes.length("into", "Reaches in", "How far the die reaches in from the edge.", "1/32", "6", "1/4");

    /** Whether the paper is longer. */
    public static final Parameter.OfChoice END = Parameter.OfChoice.of(
            "end",
            "Laid",
            "Half over the edge of the panel, or over longer paper, the end of which comes off.",
            EdgeDie.HALF_OVER,
            "half over the edge",
            EdgeDie.OFF,
            "over paper that is longer, its end comes off");
    /** How much longer. */
    public static final Parameter.OfLength LONGER = Shapes.length(
            "longer", "Paper longer by", "How much longer the paper is cut at that edge.", "1/16", "2", "1/4");

    /** Half over the edge. */
    public static final String HALF_OVER = "half";
    /** The end comes off. */
    public static final String OFF = "off";

    /** Which of its sides lies along the edge. */
    public static Parameter.OfLength along(Settings settings) {
        boolean isUpright =
                Edge.find(settings.choice(EDGE)).filter(Edge::isUpright).isPresent();
        return isUpright ? Shapes.HEIGHT : Shapes.WIDTH;
    }

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
        return List.of(EDGE, Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT, END, INTO, LONGER);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        Parameter unasked = settings.is(END, OFF) ? INTO : LONGER;
        return parameters().stream().filter(each -> each != unasked).toList();
    }

    /** At an edge that is free. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        return settings.withEach(EDGE);
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
        return site.brief().is(END, OFF) ? takingOff(site) : halfOver(site);
    }

    private static Outcome<Work> halfOver(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        Edge edge = Shapes.edge(site.brief(), EDGE);
        Length into = site.brief().length(INTO);
        Length deep = shape.size().along(edge.axis().across());
        if (into.isLongerThan(deep)) {
            return Outcome.refused(
                    INTO.key(),
                    "The die reaches in at most as far as it is deep, "
                            + site.brief().figure(deep) + ".");
        }
        Refusal whole = new Refusal(
                INTO.key(),
                "It would take the whole " + edge.word()
                        + " edge off: reach in less, or lay it over paper that is longer.");
        return AtEdge.cut(site, shape, laid(site, shape, edge, into), Optional.empty(), whole);
    }

    private static Outcome<Work> takingOff(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        Edge edge = Shapes.edge(site.brief(), EDGE);
        if (!shape.size().along(edge.axis()).isLongerThan(site.size().along(edge.axis()))) {
            return halfOver(site);
        }
        Optional<Rect> end = site.pastPaper(edge, site.brief().length(LONGER));
        if (end.isEmpty()) {
            return Outcome.refused(
                    END.key(),
                    "Paper can be longer where the " + site.place()
                            + " takes up a whole straight edge of it, once; not at its " + edge.word() + " edge.");
        }
        Optional<Length> into = untilWhole(site, shape, edge);
        if (into.isEmpty()) {
            return Outcome.refused(
                    Shapes.SHAPE.key(),
                    "Its line along the " + edge.word()
                            + " edge has to wave, and to go on past both ends: otherwise it takes nothing off, or not all.");
        }
        Refusal whole = new Refusal(Shapes.SHAPE.key(), "It would take the whole " + edge.word() + " edge off.");
        return AtEdge.cut(site, shape, laid(site, shape, edge, into.get()), end, whole);
    }

    /**
     * How far it reaches in where what it leaves reaches farthest just to the edge.
     *
     * @return nothing where its line runs straight along the edge, or leaves the paper whole somewhere
     */
    private static Optional<Length> untilWhole(Site site, CutShape shape, Edge edge) {
        Placement upright = AtEdge.frame(site.bounds(), edge).inverse();
        Outline line = shape.outline().in(laid(site, shape, edge, Length.ZERO)).in(upright);
        Rect past = Rect.of(
                Length.ZERO,
                line.bounds().top(),
                site.size().along(edge.axis()),
                line.bounds().size().height());
        // What the die leaves of paper as deep as itself hangs on the panel where it comes down to its edge.
        Optional<Length> farthest = Overlay.without(Region.of(Outline.of(past)), Region.of(line)).stream()
                .map(left -> left.outline().bounds())
                .filter(left -> !left.bottom().isShorterThan(past.bottom().minus(Length.GRAIN)))
                .map(Rect::top)
                .min(Comparator.naturalOrder());
        // A hair further out, so that what is left reaches the edge whatever is rounded.
        return farthest.filter(top -> top.isLongerThan(past.top()))
                .map(top -> past.bottom().minus(top).minus(Length.GRAIN))
                .filter(Length::isPositive);
    }

    private static Placement laid(Site site, CutShape shape, Edge edge, Length into) {
        Rect room = site.bounds();
        Size size = shape.size();
        Rect centred = room.centred(size);
        return Placement.at(
                switch (edge) {
                    case LEFT -> new Point(room.left().plus(into).minus(size.width()), centred.top());
                    case RIGHT -> new Point(room.right().minus(into), centred.top());
                    case TOP -> new Point(centred.left(), room.top().plus(into).minus(size.height()));
                    case BOTTOM -> new Point(centred.left(), room.bottom().minus(into));
                });
    }
}
