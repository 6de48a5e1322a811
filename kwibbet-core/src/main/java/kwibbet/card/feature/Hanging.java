package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Lines;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.PartCut;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/**
 * A shape of which all but one side is cut, so that what is inside stays hanging in its piece: a house in its ring.
 *
 * <p>A die cuts it as far as the plate reaches; its edge ends the cut on both sides of the shape at one level.
 */
public record Hanging() implements Feature {

    /** Where it stays. */
    public static final Parameter.OfChoice HELD = Parameter.OfChoice.of(
            "staysAt",
            "Stays at",
            "The side that is not cut.",
            "bottom",
            "its bottom",
            "top",
            "its top",
            "left",
            "its left",
            "right",
            "its right");
    /** How much of it is not cut. */
    public static final Parameter.OfLength UNCUT = Shapes.length(
            "uncut",
            "Not cut",
            "How far from that side the cut ends: so far the plate stays off it.",
            "1/32",
            "6",
            "1/4");
    /** What becomes of what is inside. */
    public static final Parameter.OfChoice INSIDE = Parameter.OfChoice.of(
            "inside",
            "What is inside",
            "It lies where it was, or is folded back where the cut ends.",
            Hanging.FLAT,
            "stays flat",
            Hanging.BACK,
            "is folded back");

    /** It lies where it was. */
    public static final String FLAT = "flat";
    /** It is folded back on the face it is cut from. */
    public static final String BACK = "back";

    private static final int FOLDED_BACK = 180;
    private static final Length SHORTEST_HINGE = Length.ofInches(1, 8);

    @Override
    public String key() {
        return "hanging";
    }

    @Override
    public String title() {
        return "Shape left hanging";
    }

    @Override
    public String sentence() {
        return "A shape cut but for one side, flat in its ring or folded back.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        all.addAll(List.of(HELD, UNCUT, INSIDE));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        asked.addAll(List.of(HELD, UNCUT, INSIDE));
        return asked;
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
        Point corner = Placing.corner(site, shape.size());
        Outline whole = shape.outline().plus(corner.x(), corner.y());
        Edge held = Shapes.edge(site.brief(), HELD);
        Length uncut = site.brief().length(UNCUT);
        Length deep = held.isUpright() ? shape.size().width() : shape.size().height();
        if (!uncut.isShorterThan(deep)) {
            return Outcome.refused(
                    UNCUT.key(),
                    "Nothing of it would be cut: it is " + site.brief().figure(deep) + " that way.");
        }
        Rect under = under(whole.bounds(), held, uncut);
        List<Region> inside = Overlay.shared(Region.of(whole), Region.of(Outline.of(under)));
        if (inside.size() != 1) {
            return Outcome.refused(
                    UNCUT.key(), "Where the cut ends there the shape would fall into pieces: let it end elsewhere.");
        }
        Segment hinge = end(under, held);
        List<Segment> hinges = Overlay.within(hinge, Region.of(whole));
        if (hinges.size() != 1 || hinges.get(0).inches() < SHORTEST_HINGE.toInches()) {
            return Outcome.refused(
                    UNCUT.key(),
                    "What is inside would hang by less than " + site.brief().figure(SHORTEST_HINGE)
                            + ", or by several bits: let the cut end elsewhere.");
        }
        return Window.fitting(site, whole, "The shape")
                .then(ok -> Outcome.made(
                        new Cut(site, shape, whole, under, inside.get(0).outline(), hinges.get(0)).work()));
    }

    /** What lies under the plate. */
    private static Rect under(Rect box, Edge held, Length uncut) {
        return switch (held) {
            case BOTTOM ->
                Rect.of(
                        box.left(),
                        box.top(),
                        box.size().width(),
                        box.size().height().minus(uncut));
            case TOP ->
                Rect.of(
                        box.left(),
                        box.top().plus(uncut),
                        box.size().width(),
                        box.size().height().minus(uncut));
            case LEFT ->
                Rect.of(
                        box.left().plus(uncut),
                        box.top(),
                        box.size().width().minus(uncut),
                        box.size().height());
            case RIGHT ->
                Rect.of(
                        box.left(),
                        box.top(),
                        box.size().width().minus(uncut),
                        box.size().height());
        };
    }

    /** The side of the plate at which the cut ends. */
    private static Segment end(Rect under, Edge held) {
        return switch (held) {
            case BOTTOM -> Lines.level(under.bottom(), under.left(), under.right());
            case TOP -> Lines.level(under.top(), under.left(), under.right());
            case LEFT -> Lines.upright(under.left(), under.top(), under.bottom());
            case RIGHT -> Lines.upright(under.right(), under.top(), under.bottom());
        };
    }

    /**
     * What is cut.
     *
     * @param site where
     * @param shape the whole shape
     * @param whole its outline
     * @param under what of it lies under the plate
     * @param flap what is inside the cut
     * @param hinge where that hangs
     */
    private record Cut(Site site, CutShape shape, Outline whole, Rect under, Outline flap, Segment hinge) {

        Work work() {
            Work.Collector work = new Work.Collector();
            List<Segment> cuts = flap.edges().stream()
                    .filter(edge -> !isOnHinge(edge))
                    .map(site.frame()::apply)
                    .toList();
            cuts.forEach(cut -> work.slit(site.piece(), cut));
            work.partCut(
                    site.piece(),
                    new PartCut.UnderPlate(
                            Optional.of(site.id()),
                            shape,
                            whole.in(site.frame()),
                            Outline.of(under).in(site.frame()).bounds(),
                            cuts,
                            PartCut.Uncut.HANGS));
            if (site.brief().is(INSIDE, BACK)) {
                foldBack(work);
            }
            return work.end();
        }

        private boolean isOnHinge(Segment edge) {
            return hinge.start().y().equals(hinge.end().y())
                    ? edge.start().y().equals(hinge.start().y())
                            && edge.end().y().equals(hinge.start().y())
                    : edge.start().x().equals(hinge.start().x())
                            && edge.end().x().equals(hinge.start().x());
        }

        private void foldBack(Work.Collector work) {
            Score.Fold back = site.frame().mirrored() ? Score.Fold.MOUNTAIN : Score.Fold.VALLEY;
            ScoreId fold = site.scorePart("fold");
            PanelId panel = site.panelPart("flap");
            work.score(site.piece(), new Score(fold, site.frame().apply(hinge), back));
            work.freed(
                    site.panel(),
                    Panel.folded(panel, site.piece(), flap.in(site.frame()), site.panel(), fold, FOLDED_BACK));
            work.direction(new Direction(
                    site.id(),
                    site.piece(),
                    Direction.Does.FOLD_BACK,
                    Phrase.of("Fold " + site.name() + " back where its cut ends, and hold it with a dot of glue.")));
        }
    }
}
