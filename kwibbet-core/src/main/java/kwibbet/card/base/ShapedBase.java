package kwibbet.card.base;

import java.util.Comparator;
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
import kwibbet.card.Presets;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
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
 * A folded base cut to a die's outline, a little of which is left off at the fold, so that it hinges.
 *
 * <p>For a die {@code w × h} and {@code o} left off, the shut card is {@code w − o} wide; what remains of the fold is where the outline
 * crosses the line {@code o} from its edge. A foot trimmed off flat lets the card stand.
 */
public record ShapedBase() implements ParallelFoldBase {

    /** The outline of the die. */
    public static final Parameter.OfChoice SHAPE = new Parameter.OfChoice(
            "shape",
            "Outline",
            "The outline of the die.",
            Stream.concat(
                            Stream.of(CutShape.Kind.values())
                                    .filter(kind -> kind != CutShape.Kind.RECTANGLE)
                                    .map(Parameter.Choice::of),
                            Stream.of(new Parameter.Choice(ShapedBase.ROUND, "circle")))
                    .toList(),
            Parameter.Own.OUTLINE);
    /** How much of the outline is left off at the fold. */
    public static final Parameter.OfLength LEFT_OFF = CardSides.length(
            "leftOff",
            "Left off at the fold",
            "How much of the outline lies beyond the fold.",
            Length.ofInches(1, 16),
            Length.ofInches(6),
            Length.ofInches(1, 4));
    /** How much is trimmed off at the foot. */
    public static final Parameter.OfLength FOOT = CardSides.length(
            "foot",
            "Foot trimmed by",
            "Cut off flat at the bottom, so that it stands; 0 for none.",
            Length.ZERO,
            Length.ofInches(6),
            Length.ofInches(1, 4));

    /** As high as wide, whatever is left off and trimmed off: the height of the card follows from its width. */
    public static final String ROUND = "round";

    private static final Length SHORTEST_HINGE = Length.ofInches(1, 2);
    private static final ScoreId CREASE = new ScoreId("fold");

    @Override
    public String key() {
        return "shaped";
    }

    @Override
    public String title() {
        return "Shaped base";
    }

    @Override
    public String sentence() {
        return "A folded base cut to an outline that runs into its fold.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, SHAPE, LEFT_OFF, FOOT);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters().stream()
                .filter(parameter -> !parameter.equals(CardSides.HEIGHT) || !settings.is(SHAPE, ROUND))
                .toList();
    }

    /** What is left off at the fold and trimmed off at the foot comes off the die's outline. */
    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        Size size = shape.size();
        Length off = settings.length(LEFT_OFF);
        Length foot = settings.length(FOOT);
        boolean lies = isTurned(settings);
        Length width = lies ? size.width() : size.width().minus(off);
        Length height = size.height().minus(lies ? off.plus(foot) : foot);
        if (shape.isCircle()) {
            return Optional.of(settings.with(SHAPE, ROUND).with(CardSides.WIDTH, width));
        }
        return shape.is(CutShape.Kind.RECTANGLE)
                ? Optional.empty()
                : Optional.of(settings.with(SHAPE, shape.look())
                        .with(CardSides.WIDTH, width)
                        .with(CardSides.HEIGHT, height));
    }

    /** A circle, of which nobody has to work out the height; the one it has as another outline is entered, so that a resize there and back is no change. */
    @Override
    public Settings start(MeasureSystem system) {
        Settings presets = Presets.of(this, system);
        return presets.with(SHAPE, ROUND).with(CardSides.HEIGHT, presets.length(CardSides.HEIGHT));
    }

    @Override
    public Optional<Size> usual(MeasureSystem system) {
        return Optional.of(CardSides.smallSquare(system));
    }

    /**
     * As entered; of a circle of {@code d} across the height follows: {@code d = w + o} with the fold upright, of which the foot is trimmed off, and
     * {@code d = w} with the fold level, of which both are.
     */
    @Override
    public Size finished(Settings settings) {
        Size entered = ParallelFoldBase.super.finished(settings);
        if (!settings.is(SHAPE, ROUND)) {
            return entered;
        }
        Length off = isTurned(settings) ? settings.length(LEFT_OFF).negated() : settings.length(LEFT_OFF);
        Length height = entered.width().plus(off).minus(settings.length(FOOT));
        return new Size(entered.width(), Length.max(height, Length.GRAIN));
    }

    /** The height of a circle is nobody's to set. */
    @Override
    public Settings sized(Settings settings, Size finished) {
        return settings.is(SHAPE, ROUND)
                ? settings.with(CardSides.WIDTH, finished.width())
                : ParallelFoldBase.super.sized(settings, finished);
    }

    @Override
    public Optional<WayOut> withFlatFoot(Settings settings) {
        return Optional.of(new WayOut("trim its foot", settings.with(FOOT, FOOT.preset())));
    }

    @Override
    public Settings continued(Settings before, Settings after) {
        return before.is(SHAPE, ROUND) && !after.is(SHAPE, ROUND)
                ? after.with(CardSides.HEIGHT, finished(before).height())
                : after;
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        boolean turned = isTurned(brief.settings());
        Length off = brief.length(LEFT_OFF);
        Length foot = brief.length(FOOT);
        // The foot is at the bottom of the shut card, which lies at the right until the card is turned.
        Length right = turned ? foot : Length.ZERO;
        Length below = turned ? Length.ZERO : foot;
        Size die = new Size(
                off.plus(finished.width()).plus(right), finished.height().plus(below));
        CutShape shape = shape(brief, turned ? die.turned() : die);
        if (!shape.holes().isEmpty()) {
            return Outcome.refused(SHAPE.key(), CardSides.NO_HOLES);
        }
        Outline whole = upright(shape, turned).plus(off.negated(), Length.ZERO);
        Outline cut = kept(whole, Rect.atOrigin(finished));
        Rect back = cut.bounds();
        List<Length> hinge = onFold(cut);
        if (hinge.isEmpty() || hinge.get(1).minus(hinge.get(0)).isShorterThan(SHORTEST_HINGE)) {
            return Outcome.refused(
                    LEFT_OFF.key(),
                    "The fold would be shorter than " + brief.figure(SHORTEST_HINGE)
                            + ": leave more of the outline off.");
        }
        if (back.size().width().isShorterThan(Length.ofInches(1))
                || back.size().height().isShorterThan(Length.ofInches(1))) {
            return Outcome.refused(FOOT.key(), "Hardly anything would be left of the outline.");
        }
        return Outcome.made(form(brief, shape, whole, cut, hinge, finished));
    }

    private static CutShape shape(Brief brief, Size die) {
        return new CutShape(brief.is(SHAPE, ROUND) ? CutShape.Kind.OVAL : brief.look(SHAPE), die);
    }

    /** The outline as it lies before the card is turned, so that it stands upright afterwards. */
    private static Outline upright(CutShape shape, boolean turned) {
        Placement back = new Placement(new Point(Length.ZERO, shape.size().width()), 270, false);
        return turned ? shape.outline().in(back) : shape.outline();
    }

    /** What is left of the outline right of the fold and above the foot, the fold at 0. */
    private static Outline kept(Outline whole, Rect kept) {
        return Overlay.shared(Region.of(whole), Region.of(Outline.of(kept))).stream()
                .max(Comparator.comparingDouble(Region::area))
                .map(Region::outline)
                .orElse(whole);
    }

    /** Where the outline starts and ends on the fold; empty where it does not touch it. */
    private static List<Length> onFold(Outline outline) {
        List<Length> at = outline.corners().stream()
                .filter(corner -> corner.x().abs().isShorterThan(Length.GRAIN.multipliedBy(3)))
                .map(Point::y)
                .sorted()
                .toList();
        return at.size() < 2 ? List.of() : List.of(at.get(0), at.get(at.size() - 1));
    }

    private static Form form(
            Brief brief, CutShape shape, Outline whole, Outline back, List<Length> hinge, Size finished) {
        Length width = back.bounds().right();
        Length top = back.bounds().top();
        Placement flat = Placement.at(new Point(width, top.negated()));
        Outline backPanel = back.in(flat);
        Outline frontPanel = back.in(new Placement(new Point(width, top.negated()), 0, true));
        Outline both = Overlay.joined(Region.of(frontPanel), Region.of(backPanel))
                .get(0)
                .outline();
        Segment fold =
                Lines.upright(width, hinge.get(0).minus(top), hinge.get(1).minus(top));
        Rect within =
                Rect.atOrigin(finished).plus(flat.offset().x(), flat.offset().y());
        Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), both)
                .scored(List.of(new Score(CREASE, fold, Score.Fold.VALLEY)))
                .partlyCut(new PartCut.Folded(shape, whole.in(flat), within, fold));
        List<Panel> panels = List.of(
                Panel.still(BACK, PieceId.BASE, backPanel),
                Panel.folding(FRONT, PieceId.BASE, frontPanel, BACK, CREASE));
        List<Pose> poses = Strip.poses(List.of(CREASE), Map.of(CREASE, 138), new Pose.View(0, 0, 10, 12));
        return Form.of(finished, base, panels, FRONT_AND_BACK, poses, List.of(CREASE));
    }
}
