package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Opening;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.card.Zone;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

/**
 * An opening, by itself or framed, cut through one piece or through all that lies in register below it.
 *
 * <p>A frame comes from two nested dies cut in one pass: its width is half the difference of the two.
 */
public record Window() implements Feature {

    /** How deep it goes. */
    public static final Parameter.OfChoice THROUGH = Parameter.OfChoice.of(
            "through",
            "Cut through",
            "What else is cut in exact register.",
            Window.THIS,
            "this piece",
            Window.LAYERS,
            "this and the layers below it",
            Window.PANELS,
            "the panels behind as well");
    /** How much larger it is in the panels behind. */
    public static final Parameter.OfLength LARGER_BEHIND = Shapes.length(
            "largerBehind",
            "Larger behind by",
            "How far it reaches further on each side in the panel behind, and as far again in each behind that; less than 0 is smaller.",
            "-3",
            "3",
            "0");
    /** Whether it has a frame. */
    public static final Parameter.OfChoice FRAME = Parameter.OfChoice.of(
            "frame", "Frame", "A frame around it, of the same shape.", "none", "none", "framed", "framed");
    /** How wide the frame is. */
    public static final Parameter.OfLength FRAME_WIDTH =
            Shapes.length("frameWidth", "Frame width", "Half the difference of the two dies.", "1/16", "4", "1/4");
    /** Whether its outline is marked on the panel behind. */
    public static final Parameter.OfChoice PENCIL = Parameter.OfChoice.of(
            "pencil",
            "Behind it",
            "Mark the outline on the panel behind, to place a scene.",
            "none",
            "no mark",
            "mark",
            "pencil the outline");

    static final String THIS = "this";
    static final String LAYERS = "layers";
    static final String PANELS = "panels";

    @Override
    public String key() {
        return "opening";
    }

    @Override
    public String title() {
        return "Opening";
    }

    @Override
    public String sentence() {
        return "Cut by die or knife, framed or not, through one piece or several.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.IN_ROWS);
        all.addAll(List.of(THROUGH, LARGER_BEHIND, FRAME, FRAME_WIDTH, PENCIL));
        return all;
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings, shape);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.askedInRows(settings));
        asked.add(THROUGH);
        if (settings.is(THROUGH, PANELS)) {
            asked.add(LARGER_BEHIND);
        }
        asked.add(FRAME);
        if (settings.is(FRAME, "framed")) {
            asked.add(FRAME_WIDTH);
        }
        asked.add(PENCIL);
        return asked;
    }

    @Override
    public boolean isPlacedByOpening() {
        return true;
    }

    @Override
    public Outcome<Work> work(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        List<Placement> laid = Placing.laidInRows(site, shape);
        Outcome<CutShape> made = leftBehind(site, shape)
                .then(left -> apart(site, shape, laid))
                .then(ok -> closed(site, shape, frameWidth(site), FRAME_WIDTH))
                .then(ok -> Outcome.made(shape));
        String what = laid.size() == 1 ? "The opening" : "A row of openings";
        for (Placement each : laid) {
            made = made.then(ok -> fitting(site, shape.outline().in(each), what))
                    .then(ok -> Outcome.made(shape));
        }
        return made.then(ok -> Outcome.made(cut(site, shape, laid)));
    }

    /** Refuses openings, or frames, that run into each other; each is as far from the next as all others. */
    private static Outcome<Length> apart(Site site, CutShape shape, List<Placement> laid) {
        Length between = site.brief().length(Placing.BETWEEN);
        Length width = frameWidth(site);
        Outline frame = shape.grown(width).outline();
        Outline first = frame.in(around(laid.get(0), width));
        boolean overlap =
                laid.stream().skip(1).anyMatch(other -> Overlay.overlap(first, frame.in(around(other, width))));
        return laid.size() == 1 || (between.isPositive() && !overlap)
                ? Outcome.made(between)
                : Outcome.refused(
                        Placing.BETWEEN.key(),
                        width.isPositive()
                                ? "Their frames would overlap: leave more between two, for frames that stand straight "
                                        + site.brief().figure(width.multipliedBy(2)) + "."
                                : "They would run into each other: leave something between two.");
    }

    private static Length frameWidth(Site site) {
        return site.brief().is(FRAME, "framed") ? site.brief().length(FRAME_WIDTH) : Length.ZERO;
    }

    /** Refuses a frame that the opening would cut open: a flat gable's slopes run in where a larger one's do not. */
    static Outcome<Length> closed(Site site, CutShape shape, Length width, Parameter field) {
        Outline around = shape.grown(width).outline();
        if (Overlay.contains(Region.of(around), shape.outline().plus(width, width))) {
            return Outcome.made(width);
        }
        return Outcome.refused(
                field.key(),
                "The opening would cut through a frame " + site.brief().figure(width)
                        + " wide in this shape: make the opening higher, or choose another shape.");
    }

    /**
     * An opening cut from the face of a mat on, through it and what it is on, at the place it had; nothing where it lies at an edge, which the mat leaves
     * free.
     *
     * @param opening the opening
     * @param mat the mat that lies over it
     * @param border how far the mat's edges lie within those of what it is on
     */
    public static Optional<Addition> throughMat(Addition opening, PieceId mat, Length border) {
        return Placing.within(opening.settings(), border)
                .map(placed -> opening.with(new Host.OnPiece(mat)).with(placed.with(THROUGH, LAYERS)));
    }

    /** Refuses what runs past the room. */
    static Outcome<Outline> fitting(Site site, Outline onSite, String what) {
        if (Overlay.contains(site.room(), onSite)) {
            return Outcome.made(onSite);
        }
        boolean wide = onSite.bounds().size().width().isLongerThan(site.size().width());
        boolean high = onSite.bounds().size().height().isLongerThan(site.size().height());
        boolean across = onSite.bounds().left().isShorterThan(site.bounds().left())
                || onSite.bounds().right().isLongerThan(site.bounds().right());
        String from = across ? Placing.FROM_LEFT.key() : Placing.FROM_TOP.key();
        String field = wide ? Shapes.WIDTH.key() : high ? Shapes.HEIGHT.key() : from;
        return Outcome.refused(
                field,
                what + " runs past the edge of the " + site.place() + ", which is "
                        + site.brief().figure(site.size().width()) + " by "
                        + site.brief().figure(site.size().height())
                        + ".");
    }

    private static Work cut(Site site, CutShape shape, List<Placement> all) {
        Work.Collector work = new Work.Collector();
        for (int i = 0; i < all.size(); i++) {
            PieceId id = i == 0 ? site.id() : site.part(String.valueOf(i + 1));
            String name = all.size() == 1 ? site.name() : site.name() + " " + (i + 1);
            cut(site, shape, all.get(i), work);
            if (site.brief().is(FRAME, "framed")) {
                Length width = site.brief().length(FRAME_WIDTH);
                Piece frame = ring(id, name, site, shape, width);
                work.piece(frame, site.on(frame, around(all.get(i), width)));
            }
        }
        return work.end();
    }

    private static void cut(Site site, CutShape shape, Placement laid, Work.Collector work) {
        work.opening(site.piece(), site.opening("opening", shape, laid));
        if (!site.brief().is(THROUGH, THIS)) {
            site.below().forEach(deeper -> work.opening(deeper.piece(), on(deeper, site, shape, laid)));
        }
        if (site.brief().is(THROUGH, PANELS)) {
            behind(site, shape, laid, work);
        }
        if (site.brief().is(PENCIL, "mark")) {
            Outline outline = shape.outline().in(laid);
            site.behind().stream()
                    .limit(1)
                    .forEach(deeper -> work.zone(
                            deeper.piece(),
                            new Zone(
                                    site.id(),
                                    deeper.side(),
                                    outline.in(deeper.frame()),
                                    Zone.Use.PENCIL,
                                    "pencil the outline of the opening, and erase it afterwards")));
        }
    }

    /** In the panels behind, each opening with its middle where that of the first is. */
    private static void behind(Site site, CutShape shape, Placement laid, Work.Collector work) {
        Length step = site.brief().length(LARGER_BEHIND);
        Length by = step;
        for (Site.Deeper deeper : site.behind()) {
            CutShape own = shape.grown(by);
            Placement at = around(laid, by);
            Outline outline = own.outline().in(at);
            if (Overlay.contains(Region.of(deeper.panel().outline()), outline.in(deeper.frame()))) {
                work.opening(deeper.piece(), on(deeper, site, own, at));
                by = by.plus(step);
            }
        }
    }

    /** Refuses openings behind of which nothing would be left. */
    private static Outcome<CutShape> leftBehind(Site site, CutShape shape) {
        Length by = site.brief().length(LARGER_BEHIND);
        Length smaller = Length.min(shape.size().width(), shape.size().height());
        int panels = site.brief().is(THROUGH, PANELS) ? site.behind().size() : 0;
        Length most = by.multipliedBy(panels);
        boolean isLeft = smaller.plus(most.multipliedBy(2)).isLongerThan(Shapes.SMALLEST)
                && (!most.isNegative()
                        || !Overlay.inset(shape.outline(), most.negated()).isEmpty());
        return isLeft
                ? Outcome.made(shape)
                : Outcome.refused(
                        LARGER_BEHIND.key(), "So much smaller, nothing of it would be left in the panels behind.");
    }

    /** The same opening in a piece beneath. */
    static Opening on(Site.Deeper deeper, Site site, CutShape shape, Placement laid) {
        return new Opening(site.id(), "opening", shape, laid.within(deeper.frame()));
    }

    /** Where a frame lies whose shape is that much larger all round. */
    static Placement around(Placement laid, Length by) {
        return Placement.at(new Point(by.negated(), by.negated())).within(laid);
    }

    /** A frame around a shape, its own opening in register with it. */
    static Piece ring(PieceId id, String name, Site site, CutShape shape, Length width) {
        return Piece.of(
                        id,
                        name,
                        site.brief().paper(PaperSlot.PAPER),
                        shape.grown(width).outline())
                .opened(new Opening(id, "opening", shape, Placement.at(new Point(width, width))));
    }
}
