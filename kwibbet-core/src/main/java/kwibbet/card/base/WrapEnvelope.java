package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * An envelope folded from a rectangle whose corners are cut away: two side flaps, then the lower part over them, then the upper flap.
 *
 * <p>For an envelope {@code w × h}, side flaps {@code s}, an upper flap {@code f} and an overlap {@code o} the sheet is {@code w + 2s} wide and
 * {@code f + h + (h − f + o)} high, so twice the height and the overlap whatever the flap. Common practice, no source.
 */
public record WrapEnvelope() implements Base {

    /** How deep the upper flap is. */
    public static final Parameter.OfLength FLAP = CardSides.length(
                    "flap",
                    "Upper flap",
                    "How far it comes over.",
                    Length.ofInches(1, 2),
                    Length.ofInches(24),
                    Length.ofInches(2))
            .following(Parameter.Follows.HEIGHT);
    /** How deep the side flaps are. */
    public static final Parameter.OfLength SIDES = CardSides.length(
            "sides",
            "Side flaps",
            "How deep the flaps at its sides are, on which the lower part is stuck.",
            Length.ofInches(3, 8),
            Length.ofInches(6),
            Length.ofInches(3, 4));

    /** How much shorter the side flaps are at each end. */
    public static final Parameter.OfLength EASED = CardSides.length(
            "eased",
            "Side flaps shorter by",
            "Kept off the folds at both ends, so that they do not bulge.",
            Length.ZERO,
            Length.ofInches(1, 2),
            Length.ofInches(1, 8));

    private static final PanelId MIDDLE = new PanelId("middle");
    private static final PanelId UPPER = new PanelId("flap");
    private static final PanelId LOWER = new PanelId("lower-flap");
    private static final PanelId LEFT = new PanelId("left-flap");
    private static final PanelId RIGHT = new PanelId("right-flap");
    private static final List<Face> FACES = List.of(
            Face.of(UPPER, Side.UNDER, "flap"),
            Face.of(LOWER, Side.UNDER, "lower part"),
            Face.inside(MIDDLE, Side.UP, "inside"),
            Face.back(MIDDLE, Side.UNDER, "address side"));

    @Override
    public String key() {
        return "wrap-envelope";
    }

    @Override
    public String title() {
        return "Envelope from a rectangle";
    }

    @Override
    public String sentence() {
        return "Side flaps, a lower part stuck on them, and a flap over all.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, FLAP, SIDES, EASED, SquareEnvelope.OVERLAP);
    }

    @Override
    public Size finished(Settings settings) {
        return CardSides.size(settings);
    }

    @Override
    public Optional<Size> usual(MeasureSystem system) {
        return Optional.of(Envelopes.usual(system));
    }

    @Override
    public Settings sized(Settings settings, Size finished) {
        return CardSides.sized(settings, finished);
    }

    /** Both side flaps alike. */
    @Override
    public Optional<WayOut> withShorterPanel(Settings settings, PanelId panel, Length by) {
        return panel.equals(LEFT) || panel.equals(RIGHT)
                ? Optional.of(new WayOut(
                        "make both shorter",
                        settings.with(EASED, settings.length(EASED).plus(by))))
                : Optional.empty();
    }

    @Override
    public Outcome<Form> form(Brief brief) {
        Size envelope = finished(brief.settings());
        Length flap = brief.length(FLAP);
        Length overlap = brief.length(SquareEnvelope.OVERLAP);
        if (flap.isLongerThan(envelope.height())) {
            return Outcome.refused(
                    FLAP.key(),
                    "The flap would reach past the envelope by " + brief.figure(flap.minus(envelope.height()))
                            + ". It can be at most " + brief.figure(envelope.height()) + ".");
        }
        if (flap.isShorterThan(overlap)) {
            return Outcome.refused(
                    FLAP.key(),
                    "It is shorter than the flaps overlap. It must be at least " + brief.figure(overlap) + ".");
        }
        if (!brief.length(EASED).multipliedBy(2).isShorterThan(envelope.height())) {
            return Outcome.refused(EASED.key(), "Nothing would be left of the side flaps.");
        }
        if (brief.length(SIDES).multipliedBy(2).isLongerThan(envelope.width())) {
            return Outcome.refused(
                    SIDES.key(),
                    "The side flaps would lie on each other. They can be at most "
                            + brief.figure(envelope.width().half()) + ".");
        }
        return Outcome.made(new Sheet(brief, envelope, flap, overlap).form());
    }

    /**
     * The sheet.
     *
     * @param brief its settings
     * @param envelope w × h
     * @param flap f
     * @param overlap o
     */
    private record Sheet(Brief brief, Size envelope, Length flap, Length overlap) {

        private Length sides() {
            return brief.length(SIDES);
        }

        private Rect middle() {
            return Rect.of(sides(), flap, envelope.width(), envelope.height());
        }

        private Rect below() {
            return Rect.of(
                    sides(),
                    middle().bottom(),
                    envelope.width(),
                    envelope.height().minus(flap).plus(overlap));
        }

        Form form() {
            Rect middle = middle();
            Rect above = Rect.of(sides(), Length.ZERO, envelope.width(), flap);
            Length eased = brief.length(EASED);
            Length along = envelope.height().minus(eased.multipliedBy(2));
            Rect left = Rect.of(Length.ZERO, flap.plus(eased), sides(), along);
            Rect right = Rect.of(middle.right(), flap.plus(eased), sides(), along);
            List<Score> scores = List.of(
                    valley(LEFT, middle.left(), left.top(), middle.left(), left.bottom()),
                    valley(RIGHT, middle.right(), right.top(), middle.right(), right.bottom()),
                    valley(LOWER, middle.left(), middle.bottom(), middle.right(), middle.bottom()),
                    valley(UPPER, middle.left(), middle.top(), middle.right(), middle.top()));
            Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), outline(left, right))
                    .scored(scores);
            List<Panel> panels = List.of(
                    Panel.still(MIDDLE, PieceId.BASE, Outline.of(middle)),
                    folding(LEFT, left),
                    folding(RIGHT, right),
                    folding(LOWER, below()),
                    folding(UPPER, above));
            List<ScoreId> closing = scores.stream().map(Score::id).toList();
            Map<ScoreId, Integer> ajar =
                    Map.of(LEFT.hinge(), 176, RIGHT.hinge(), 176, LOWER.hinge(), 172, UPPER.hinge(), 110);
            Form form = Form.of(
                    envelope, base, panels, FACES, Strip.poses(closing, ajar, new Pose.View(0, 0, 12, 12)), closing);
            return Envelopes.glued(form, LOWER, List.of(LEFT, RIGHT));
        }

        private static Score valley(PanelId panel, Length fromX, Length fromY, Length toX, Length toY) {
            return new Score(
                    panel.hinge(), new Segment(new Point(fromX, fromY), new Point(toX, toY)), Score.Fold.VALLEY);
        }

        private static Panel folding(PanelId id, Rect area) {
            return Panel.folding(id, PieceId.BASE, Outline.of(area), MIDDLE, id.hinge());
        }

        /** The rectangle without its corners. */
        private Outline outline(Rect left, Rect right) {
            Rect middle = middle();
            Length foot = below().bottom();
            return Outline.of(
                    new Point(middle.left(), Length.ZERO),
                    new Point(middle.right(), Length.ZERO),
                    new Point(middle.right(), right.top()),
                    new Point(right.right(), right.top()),
                    new Point(right.right(), right.bottom()),
                    new Point(middle.right(), right.bottom()),
                    new Point(middle.right(), foot),
                    new Point(middle.left(), foot),
                    new Point(middle.left(), left.bottom()),
                    new Point(left.left(), left.bottom()),
                    new Point(left.left(), left.top()),
                    new Point(middle.left(), left.top()));
        }
    }
}
