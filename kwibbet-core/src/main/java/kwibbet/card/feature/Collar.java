package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.card.Zone;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * Slits folded back, like a collar or the flaps of a tent.
 *
 * <p>Within a panel: a slit {@code 2w} long along an edge and one of length {@code l} from its middle inwards, which start and stop inside the panel. From an edge: the latter
 * alone, from the edge itself. The two corners between are folded back along the slanted lines from {@code w} to both sides of the middle to the foot of the slit, and held by
 * glue, or by a brad each that goes through the corner and what is behind it.
 */
public record Collar() implements Feature {

    /** From which edge. */
    public static final Parameter.OfChoice EDGE = Parameter.OfChoice.of(
            "edge",
            "Opens at",
            "Which edge of the panel it opens towards.",
            "top",
            "the top",
            "bottom",
            "the bottom",
            "left",
            "the left",
            "right",
            "the right");
    /** Whether it begins within the panel. */
    public static final Parameter.OfChoice STARTS = Parameter.OfChoice.of(
            "starts",
            "Starts",
            "Whether its slits stay within the panel, or one comes in from the edge.",
            Collar.WITHIN,
            "within the panel",
            Collar.AT_EDGE,
            "at the edge");
    /** Where its middle is. */
    public static final Parameter.OfChoice MIDDLE = Parameter.OfChoice.of(
            "middle",
            "Its middle",
            "Where the slit inwards lies along the edge.",
            Collar.OF_PANEL,
            "midway",
            Collar.BY,
            "so far from the left or the top",
            Collar.IN_LINE,
            "in line with the stamping or embossing");
    /** How far along the edge its middle is. */
    public static final Parameter.OfLength FROM = Shapes.length(
            "from", "From the end", "From the left end of the edge, or its upper one, to the slit.", "1/4", "24", "2");
    /** What holds the corners. */
    public static final Parameter.OfChoice HELD = Parameter.OfChoice.of(
            "heldBy",
            "Held",
            "What holds the corners that are folded back.",
            Collar.BY_GLUE,
            "by a dot of glue",
            Collar.BY_BRADS,
            "by a brad each");

    /** Its slits stay within the panel. */
    public static final String WITHIN = "within";
    /** A slit comes in from the edge. */
    public static final String AT_EDGE = "edge";
    /** In the middle of the panel. */
    public static final String OF_PANEL = "panel";
    /** So far from the left or the top. */
    public static final String BY = "by";
    /** In line with what is stamped or embossed there. */
    public static final String IN_LINE = "worked";
    /** Held by glue. */
    public static final String BY_GLUE = "glue";
    /** Held by brads. */
    public static final String BY_BRADS = "brads";

    /** How far each corner reaches to the side. */
    public static final Parameter.OfLength REACH = Shapes.length(
                    "reach", "Each side", "How far each corner reaches from the middle.", "1/4", "12", "1")
            .following(Parameter.Follows.WIDTH);
    /** How long the upright slit is. */
    public static final Parameter.OfLength LENGTH = Shapes.length(
                    "length", "Slit inwards", "How long the slit in the middle is.", "1/4", "20", "2 1/2")
            .following(Parameter.Follows.HEIGHT);
    /** How far within the edge it starts. */
    public static final Parameter.OfLength FROM_TOP = Shapes.length(
                    "fromTop",
                    "From the edge",
                    "Where the slit along the edge lies; both start inside the panel.",
                    "1/8",
                    "20",
                    "1/2")
            .following(Parameter.Follows.HEIGHT);

    private static final Length KEEP = Length.ofInches(1, 8);
    private static final Length HOLE = Length.ofInches(1, 16);
    /** A brad of the trade has a head about so wide. Common practice, no source. */
    private static final Length HEAD = Length.ofInches(3, 16);
    /** How far from its tip towards its middle a corner is held, as a share. */
    private static final double NEAR_TIP = 0.6;

    @Override
    public String key() {
        return "collar";
    }

    @Override
    public List<Parameter.OfLength> distances() {
        return List.of(FROM_TOP);
    }

    @Override
    public String title() {
        return "Slits folded back";
    }

    @Override
    public String sentence() {
        return "Slits within a panel or from its edge, the corners folded back and held.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(EDGE, STARTS, REACH, LENGTH, FROM_TOP, MIDDLE, FROM, HELD);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters().stream()
                .filter(each ->
                        (each != FROM_TOP || settings.is(STARTS, WITHIN)) && (each != FROM || settings.is(MIDDLE, BY)))
                .toList();
    }

    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        return settings.withEach(EDGE);
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /**
     * How it lies, in a frame in which the edge it opens towards is level and at the top.
     *
     * @param frame where that frame lies on the site
     * @param along how long the edge is
     * @param across how far it is to the other edge
     * @param middle where the slit inwards is
     * @param top where it begins
     * @param foot where it ends
     * @param reach how far each corner reaches
     */
    private record Cut(
            Placement frame, Length along, Length across, Length middle, Length top, Length foot, Length reach) {

        Point corner(int side) {
            return new Point(middle.plus(reach.multipliedBy(side)), top);
        }

        Point centre() {
            return new Point(middle, top);
        }

        Point bottom() {
            return new Point(middle, foot);
        }
    }

    @Override
    public Outcome<Work> work(Site site) {
        Edge edge = Shapes.edge(site.brief(), EDGE);
        boolean isUpright = edge.isUpright();
        Length along = isUpright ? site.size().height() : site.size().width();
        Length across = isUpright ? site.size().width() : site.size().height();
        boolean isWithin = site.brief().is(STARTS, WITHIN);
        Length top = isWithin ? site.brief().length(FROM_TOP) : Length.ZERO;
        Placement frame = AtEdge.frame(site.bounds(), edge);
        return middle(site, edge, along)
                .then(middle -> checked(
                        site,
                        new Cut(
                                frame,
                                along,
                                across,
                                middle,
                                top,
                                top.plus(site.brief().length(LENGTH)),
                                site.brief().length(REACH))));
    }

    /** Where the slit inwards is, along the edge as it is seen from outside. */
    private static Outcome<Length> middle(Site site, Edge edge, Length along) {
        if (site.brief().is(MIDDLE, OF_PANEL)) {
            return Outcome.made(along.half());
        }
        Length from = site.brief().length(FROM);
        if (site.brief().is(MIDDLE, IN_LINE)) {
            List<Outline> worked = site.worked();
            if (worked.isEmpty()) {
                return Outcome.refused(
                        MIDDLE.key(),
                        "Nothing is stamped or embossed on the " + site.place()
                                + " with which it could be in line: put that there first.");
            }
            Point with = worked.get(0).bounds().middle();
            from = edge.isUpright()
                    ? with.y().minus(site.bounds().top())
                    : with.x().minus(site.bounds().left());
        }
        boolean isSeenReversed = edge == Edge.BOTTOM || edge == Edge.LEFT;
        return Outcome.made(isSeenReversed ? along.minus(from) : from);
    }

    private static Outcome<Work> checked(Site site, Cut cut) {
        Length room = Length.min(cut.middle(), cut.along().minus(cut.middle()));
        if (cut.reach().plus(KEEP).isLongerThan(room)) {
            return Outcome.refused(
                    REACH.key(),
                    "The slit would run out of the " + site.place() + ". Each side can reach at most "
                            + site.brief().figure(Length.max(room.minus(KEEP), Length.ZERO)) + ".");
        }
        if (cut.foot().plus(KEEP).isLongerThan(cut.across())) {
            return Outcome.refused(
                    LENGTH.key(),
                    "The slit would run out of the " + site.place() + ". It can be at most "
                            + site.brief()
                                    .figure(Length.max(
                                            cut.across().minus(cut.top()).minus(KEEP), Length.ZERO))
                            + " long.");
        }
        Outline opened = Outline.of(cut.corner(-1), cut.corner(1), cut.bottom()).in(cut.frame());
        boolean isWithin = site.brief().is(STARTS, WITHIN);
        boolean keepsOff = isWithin
                ? Overlay.inset(site.room(), KEEP).stream().anyMatch(left -> Overlay.contains(left, opened))
                : Overlay.contains(site.room(), opened);
        if (!keepsOff) {
            return Outcome.refused(
                    REACH.key(),
                    isWithin
                            ? "The slits would run out of the " + site.place() + ", or end less than "
                                    + site.brief().figure(KEEP) + " from its edge."
                            : "The " + site.place() + " has no straight edge there.");
        }
        return cut(site, cut);
    }

    private static Outcome<Work> cut(Site site, Cut cut) {
        Placement at = cut.frame().within(site.frame());
        boolean byBrads = site.brief().is(HELD, BY_BRADS);
        Work.Collector work = new Work.Collector();
        if (site.brief().is(STARTS, WITHIN)) {
            work.slit(site.piece(), at.apply(new Segment(cut.corner(-1), cut.corner(1))));
        }
        work.slit(site.piece(), at.apply(new Segment(cut.centre(), cut.bottom())));
        // Folded back means towards the face the collar is on.
        Score.Fold back = at.mirrored() ? Score.Fold.MOUNTAIN : Score.Fold.VALLEY;
        int number = 1;
        for (int side : List.of(-1, 1)) {
            ScoreId fold = site.scorePart("fold-" + number);
            Point corner = cut.corner(side);
            work.score(site.piece(), new Score(fold, at.apply(new Segment(corner, cut.bottom())), back));
            Outline flap = Outline.of(corner, cut.centre(), cut.bottom());
            PanelId panel = site.panelPart("flap-" + number);
            work.freed(site.panel(), Panel.folded(panel, site.piece(), flap.in(at), site.panel(), fold, 180));
            if (byBrads) {
                Point through = held(cut, side);
                if (!Overlay.contains(Region.of(flap), head(through))) {
                    return Outcome.refused(
                            REACH.key(),
                            "A corner so small has no room for a brad of "
                                    + site.brief().figure(HEAD) + ": make it larger, or glue it.");
                }
                brad(site, work, through, new Segment(corner, cut.bottom()).mirrored(through), at);
            }
            number++;
        }
        return Outcome.made(held(site, work, byBrads).end());
    }

    /** Glue, or brads through both corners. */
    private static Work.Collector held(Site site, Work.Collector work, boolean byBrads) {
        if (byBrads) {
            work.supply(Supply.count(site.id(), "brad, " + site.brief().figure(HEAD), 2));
            work.direction(new Direction(
                    site.id(),
                    site.piece(),
                    Direction.Does.FASTEN,
                    Phrase.of("Set a brad through each corner of " + site.name()
                            + " and what is behind it, and spread its legs there.")));
        }
        return work.direction(new Direction(
                site.id(),
                site.piece(),
                byBrads ? Direction.Does.TURN_BACK : Direction.Does.FOLD_BACK,
                Phrase.of("Fold both corners of " + site.name() + " back where its slits are cut, "
                        + (byBrads ? "till their holes lie on those behind." : "and hold each with a dot of glue."))));
    }

    /** Where a brad goes through a corner as it lies flat: between its tip, where the slits meet, and its middle. */
    private static Point held(Cut cut, int side) {
        Point tip = cut.centre();
        double third = NEAR_TIP / 3;
        return tip.plus(
                cut.reach().multipliedBy(side).scaledBy(third),
                cut.foot().minus(cut.top()).scaledBy(third));
    }

    private static Outline head(Point middle) {
        return Holes.round(HEAD)
                .outline()
                .in(Placement.at(Rect.around(middle, new Size(HEAD, HEAD)).corner()));
    }

    /** A hole in the corner and one where that comes to lie, and the head on what then is in front. */
    private static void brad(Site site, Work.Collector work, Point inCorner, Point behind, Placement at) {
        for (Point middle : List.of(inCorner, behind)) {
            Placement hole =
                    Placement.at(Rect.around(middle, new Size(HOLE, HOLE)).corner());
            work.opening(site.piece(), new Opening(site.id(), "hole", Holes.round(HOLE), hole.within(at)));
        }
        // Folded back, the corner shows its other face.
        work.zone(
                site.piece(),
                new Zone(
                        site.id(),
                        site.side().opposite(),
                        head(inCorner).in(at),
                        Zone.Use.SET_ON,
                        "brad of “" + site.name() + "”",
                        Bits.BRAD_RISE,
                        Optional.empty(),
                        Optional.empty()));
    }
}
