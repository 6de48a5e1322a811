package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Brief;
import kwibbet.card.Form;
import kwibbet.card.Lines;
import kwibbet.card.Panel;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A folded base with an outline across its fold: the part beyond is cut free and not creased, so it stands up when the front
 * goes down.
 *
 * <p>For panels {@code w} deep and a part that rises {@code r} beyond the fold, the flat base is {@code 2w} across the fold. The fold is
 * scored on both sides of the part only, and the shut card measures {@code w + r} across it.
 */
public record PastFoldBase() implements ParallelFoldBase {

    /** Where it is folded. */
    public static final Parameter.OfChoice FOLD = CardSides.FOLD_AT_TOP;
    /** The outline that crosses the fold. */
    public static final Parameter.OfChoice SHAPE = new Parameter.OfChoice(
            "shape",
            "Outline",
            "The outline whose upper half stands up.",
            Stream.of(
                            CutShape.Kind.OVAL,
                            CutShape.Kind.ARCH,
                            CutShape.Kind.GABLE,
                            CutShape.Kind.HEXAGON,
                            CutShape.Kind.OCTAGON,
                            CutShape.Kind.DIAMOND,
                            CutShape.Kind.RECTANGLE)
                    .map(Parameter.Choice::of)
                    .toList(),
            Parameter.Own.OUTLINE);
    /** How wide the outline is along the fold. */
    public static final Parameter.OfLength ACROSS = CardSides.length(
                    "across",
                    "Outline along the fold",
                    "How much of the fold it takes.",
                    Length.ofInches(1, 2),
                    Length.ofInches(23),
                    Length.ofInches(3))
            .following(Parameter.Follows.HEIGHT);
    /** How far it stands up beyond the fold. */
    public static final Parameter.OfLength RISE = CardSides.length(
                    "rise",
                    "Stands up by",
                    "How far it reaches beyond the fold.",
                    Length.ofInches(1, 4),
                    Length.ofInches(12),
                    Length.ofInches(3, 2))
            .following(Parameter.Follows.BOTH);

    private static final Length SHORTEST_HINGE = Length.ofInches(1, 4);

    private static final ScoreId CREASE = new ScoreId("fold");
    private static final ScoreId LOWER_CREASE = new ScoreId("fold-2");

    @Override
    public String key() {
        return "past-fold";
    }

    @Override
    public String title() {
        return "Shape past the fold";
    }

    @Override
    public String sentence() {
        return "An outline crosses the fold and stands up when the card is shut.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, FOLD, SHAPE, ACROSS, RISE);
    }

    @Override
    public boolean isTurned(Settings settings) {
        return settings.is(FOLD, CardSides.AT_TOP);
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Length rise = brief.length(RISE);
        Length depth = finished.width().minus(rise);
        if (rise.plus(SHORTEST_HINGE).isLongerThan(depth)) {
            Length most = Length.max(finished.width().minus(SHORTEST_HINGE), Length.ZERO)
                    .half();
            return Outcome.refused(
                    RISE.key(),
                    "There is not enough of the back to cut it from. It can stand up by at most " + brief.figure(most)
                            + ".");
        }
        Length widest = finished.height().minus(SHORTEST_HINGE.multipliedBy(2));
        if (brief.length(ACROSS).isLongerThan(widest)) {
            return Outcome.refused(
                    ACROSS.key(),
                    "Nothing would be left of the fold to hinge on. It can be at most " + brief.figure(widest) + ".");
        }
        CutShape shape = shape(brief);
        if (!shape.holes().isEmpty()) {
            return Outcome.refused(SHAPE.key(), CardSides.NO_HOLES);
        }
        return standsWhole(whole(shape, depth, finished.height()), depth)
                ? Outcome.made(form(brief, finished, depth))
                : Outcome.refused(
                        SHAPE.key(),
                        "The fold has to cross the outline once, so that its upper half stands up in one piece.");
    }

    /** Whether what lies right of the fold is one area that touches it along one line. */
    private static boolean standsWhole(Outline whole, Length fold) {
        Rect box = whole.bounds();
        Rect beyond =
                Rect.of(fold, box.top(), box.right().minus(fold), box.size().height());
        List<Region> up = Overlay.shared(Region.of(whole), Region.of(Outline.of(beyond)));
        return up.size() == 1
                && up.get(0).outline().edges().stream()
                                .filter(edge -> edge.start().x().equals(fold)
                                        && edge.end().x().equals(fold))
                                .count()
                        == 1;
    }

    /** Folded at the left: the front lies left of the fold, and what stands up is cut out of the back right of it. */
    private static Form form(Brief brief, Size finished, Length depth) {
        Size flat = new Size(depth.multipliedBy(2), finished.height());
        CutShape shape = shape(brief);
        Outline whole = whole(shape, depth, finished.height());
        Outline part = Overlay.shared(
                        Region.of(whole), Region.of(Outline.of(Rect.of(depth, Length.ZERO, depth, finished.height()))))
                .get(0)
                .outline();
        Rect bounds = part.bounds();
        Region front = Region.of(Outline.of(Rect.of(Length.ZERO, Length.ZERO, depth, flat.height())));
        Region back = Region.of(Outline.of(Rect.of(depth, Length.ZERO, depth, flat.height())));
        Outline frontPanel = Overlay.joined(front, Region.of(part)).get(0).outline();
        Outline backPanel = Overlay.without(back, Region.of(part)).get(0).outline();
        List<Score> scores = List.of(
                new Score(CREASE, Lines.upright(depth, Length.ZERO, bounds.top()), Score.Fold.VALLEY),
                new Score(LOWER_CREASE, Lines.upright(depth, bounds.bottom(), flat.height()), Score.Fold.VALLEY));
        Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), flat)
                .scored(scores);
        List<Segment> cuts = part.edges().stream()
                .filter(cut -> !cut.start().x().equals(depth) || !cut.end().x().equals(depth))
                .toList();
        for (Segment cut : cuts) {
            base = base.slit(cut);
        }
        Rect box = whole.bounds();
        Rect beyond =
                Rect.of(depth, box.top(), box.right().minus(depth), box.size().height());
        base = base.partlyCut(
                new PartCut.UnderPlate(Optional.empty(), shape, whole, beyond, cuts, PartCut.Uncut.PAST_FOLD));
        List<Panel> panels = List.of(
                Panel.still(BACK, PieceId.BASE, backPanel),
                Panel.folding(FRONT, PieceId.BASE, frontPanel, BACK, CREASE));
        List<ScoreId> folds = List.of(CREASE, LOWER_CREASE);
        List<Pose> poses = Strip.poses(folds, Map.of(CREASE, 146, LOWER_CREASE, 146), new Pose.View(0, 0, 10, 12));
        return Form.of(finished, base, panels, FRONT_AND_BACK, poses, folds);
    }

    private static CutShape shape(Brief brief) {
        return new CutShape(
                brief.look(SHAPE),
                new Size(brief.length(ACROSS), brief.length(RISE).multipliedBy(2)));
    }

    /** The outline, its middle on the fold and its top pointing away from the front. */
    private static Outline whole(CutShape shape, Length depth, Length along) {
        Length rise = shape.size().height().half();
        Length margin = along.minus(shape.size().width()).half();
        return shape.outline().in(new Placement(new Point(depth.plus(rise), margin), 90, false));
    }
}
