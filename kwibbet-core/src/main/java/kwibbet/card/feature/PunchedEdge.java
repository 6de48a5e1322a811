package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Brief;
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
import kwibbet.outline.EdgePattern;
import kwibbet.outline.EdgeRun;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * An edge with scallops, points or waves along it, cut with an edge punch that is begun in the middle and pushed on to both sides, so that both ends come out alike:
 * with whole repeats between plain ends, or over both ends.
 */
public record PunchedEdge() implements Feature {

    /** At which edge. */
    public static final Parameter.OfChoice EDGE = Shapes.edge("Which edge of the panel is punched.");
    /** What is cut. */
    public static final Parameter.OfChoice PATTERN = new Parameter.OfChoice(
            "pattern",
            "It cuts",
            "What the punch cuts along the edge.",
            Stream.of(EdgePattern.values())
                    .map(pattern -> new Parameter.Choice(pattern.key(), pattern.words()))
                    .toList(),
            Parameter.Own.NOTHING);
    /** From one repeat to the next. */
    public static final Parameter.OfLength PITCH =
            Shapes.length("pitch", "Pitch", "From one repeat to the next.", "1/16", "6", "1/2");
    /** How deep. */
    public static final Parameter.OfLength DEEP =
            Shapes.length("deep", "Deep", "How far it reaches in from the edge.", "1/32", "2", "1/4");
    /** How the ends come out. */
    public static final Parameter.OfChoice ENDS = Parameter.OfChoice.of(
            "ends",
            "Ends",
            "Both come out alike: with whole repeats between, or cut off where the paper ends.",
            PunchedEdge.WHOLE,
            "whole repeats, the rest plain",
            PunchedEdge.ONE,
            "over both, a repeat in the middle",
            PunchedEdge.GAP,
            "over both, two meet in the middle");

    /** As many repeats as there is room for. */
    public static final String WHOLE = "whole";
    /** Past both ends, an odd number. */
    public static final String ONE = "one";
    /** Past both ends, an even number. */
    public static final String GAP = "gap";

    /** So much of an edge, as a share, is there at least; the rest may be lost at corners. */
    private static final double STRAIGHT = 0.65;

    @Override
    public String key() {
        return "edge-punch";
    }

    @Override
    public String title() {
        return "Punched edge";
    }

    @Override
    public String sentence() {
        return "Scallops, points or waves along an edge, alike at both ends.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(EDGE, PATTERN, PITCH, DEEP, ENDS);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters();
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /** At an edge that is free; smaller where it is short. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        Settings smaller = settings.with(PITCH, system.usual(PITCH.preset().half()))
                .with(DEEP, system.usual(DEEP.preset().half()));
        return Stream.of(settings, smaller)
                .flatMap(sized -> sized.withEach(EDGE).stream())
                .toList();
    }

    /** What is punched along an edge that is so long. */
    private static EdgeRun run(Brief brief, Length along) {
        EdgePattern pattern = EdgePattern.of(brief.choice(PATTERN));
        Length pitch = brief.length(PITCH);
        int whole = (int) along.dividedBy(pitch);
        if (brief.is(ENDS, WHOLE)) {
            return new EdgeRun(pattern, pitch, brief.length(DEEP), Math.max(1, whole));
        }
        int over = pitch.multipliedBy(whole).equals(along) ? whole : whole + 1;
        boolean isOdd = over % 2 == 1;
        return new EdgeRun(pattern, pitch, brief.length(DEEP), isOdd == brief.is(ENDS, ONE) ? over : over + 1);
    }

    @Override
    public Outcome<Work> work(Site site) {
        Edge edge = Shapes.edge(site.brief(), EDGE);
        Rect box = site.bounds();
        Length along = edge.isUpright() ? box.size().height() : box.size().width();
        Length across = edge.isUpright() ? box.size().width() : box.size().height();
        EdgeRun run = run(site.brief(), along);
        if (site.brief().is(ENDS, WHOLE) && run.pitch().isLongerThan(along)) {
            return Outcome.refused(
                    PITCH.key(),
                    "The " + edge.word() + " edge of the " + site.place() + " is "
                            + site.brief().figure(along) + " long: no whole repeat has room there.");
        }
        if (!run.deep().isShorterThan(across)) {
            return Outcome.refused(
                    DEEP.key(),
                    "So deep it would cut the " + site.place() + " away: less than "
                            + site.brief().figure(across) + ".");
        }
        CutShape shape = run.shape();
        // Half of the band lies past the edge, its middle at that of the edge.
        Point corner =
                new Point(along.minus(shape.size().width()).half(), run.deep().negated());
        Placement laid = Placement.at(corner).within(AtEdge.frame(box, edge));
        if (!isStraight(site, edge)) {
            return Outcome.refused(EDGE.key(), "The " + site.place() + " has no straight edge there.");
        }
        Refusal whole = new Refusal(
                DEEP.key(),
                "It would take the whole " + edge.word() + " edge off: reach in less, or leave some of the edge.");
        return AtEdge.cut(site, shape, laid, Optional.empty(), whole);
    }

    /** Whether the panel ends along that edge, but for what edges beside it have lost at its corners. */
    private static boolean isStraight(Site site, Edge edge) {
        Rect box = site.bounds();
        Axis along = edge.axis();
        Length line = edge == Edge.LEFT || edge == Edge.TOP ? box.start(along.across()) : box.end(along.across());
        double straight = site.room().outline().edges().stream()
                .filter(each -> List.of(each.start(), each.end()).stream()
                        .map(point -> along == Axis.HORIZONTAL ? point.y() : point.x())
                        .allMatch(across -> across.minus(line).abs().isShorterThan(Length.GRAIN.multipliedBy(2))))
                .mapToDouble(Segment::inches)
                .sum();
        return straight > STRAIGHT * box.end(along).minus(box.start(along)).toInches();
    }
}
