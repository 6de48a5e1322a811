package kwibbet.card.base;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

import kwibbet.card.Brief;
import kwibbet.card.Form;
import kwibbet.card.Lines;
import kwibbet.card.Panel;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
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
            Stream.of(CutShape.Kind.values())
                    .filter(kind -> kind != CutShape.Kind.RECTANGLE)
                    .map(kind -> new Parameter.Choice(kind.name().toLowerCase(Locale.ROOT), kind.words()))
                    .toList());
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

    private static final Length SHORTEST_HINGE = Length.ofInches(1, 2);
    private static final String CREASE = "fold";

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
    public Outcome<Form> upright(Brief brief, Size finished) {
        boolean turned = isTurned(brief.settings());
        Length off = brief.length(LEFT_OFF);
        Length foot = brief.length(FOOT);
        // The foot is at the bottom of the shut card, which lies at the right until the card is turned.
        Length right = turned ? foot : Length.ZERO;
        Length below = turned ? Length.ZERO : foot;
        Rect kept = Rect.of(off, Length.ZERO, finished.width(), finished.height());
        Size die = new Size(
                off.plus(kept.size().width()).plus(right), finished.height().plus(below));
        Region cut = trimmed(outline(brief, die, turned), kept);
        Rect back = cut.outline().bounds();
        List<Length> hinge = onFold(cut.outline());
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
        Form form = form(brief, cut.outline(), hinge.get(0), hinge.get(1), finished);
        return Outcome.made(form);
    }

    /** The die's outline as it lies before the card is turned, so that it stands upright afterwards. */
    private static Outline outline(Brief brief, Size die, boolean turned) {
        CutShape.Kind kind = CutShape.Kind.valueOf(brief.choice(SHAPE).toUpperCase(Locale.ROOT));
        if (!turned) {
            return new CutShape(kind, die).outline();
        }
        Placement back = new Placement(new Point(Length.ZERO, die.height()), 270, false);
        return new CutShape(kind, die.turned()).outline().in(back);
    }

    /** What is left of the outline right of the fold and above the foot, the fold at 0. */
    private static Region trimmed(Outline outline, Rect kept) {
        return Overlay.shared(Region.of(outline), Region.of(Outline.of(kept))).stream()
                .max(Comparator.comparingDouble(Region::area))
                .orElse(Region.of(outline))
                .in(Placement.at(new Point(kept.left().negated(), Length.ZERO)));
    }

    /** Where the outline starts and ends on the fold; empty where it does not touch it. */
    private static List<Length> onFold(Outline outline) {
        List<Length> at = outline.corners().stream()
                .filter(corner -> corner.x().abs().isShorterThan(Length.ofTicks(3)))
                .map(Point::y)
                .sorted()
                .toList();
        return at.size() < 2 ? List.of() : List.of(at.get(0), at.get(at.size() - 1));
    }

    private static Form form(Brief brief, Outline back, Length start, Length stop, Size finished) {
        Length width = back.bounds().right();
        Length top = back.bounds().top();
        Outline backPanel = back.in(Placement.at(new Point(width, top.negated())));
        Outline frontPanel = back.in(new Placement(new Point(width, top.negated()), 0, true));
        Outline whole = Overlay.joined(Region.of(frontPanel), Region.of(backPanel))
                .get(0)
                .outline();
        Score score = new Score(CREASE, Lines.upright(width, start.minus(top), stop.minus(top)), Score.Fold.VALLEY);
        Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), whole)
                .scored(List.of(score));
        List<Panel> panels = List.of(
                Panel.still("back", PieceId.BASE, backPanel),
                Panel.folding("front", PieceId.BASE, frontPanel, "back", CREASE));
        List<Pose> poses = Strip.poses(List.of(CREASE), Map.of(CREASE, 138), new Pose.View(0, 0, 10, 12));
        return Form.of(finished, base, panels, FRONT_AND_BACK, poses, List.of(CREASE));
    }
}
