package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
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
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * An envelope folded from a square that lies on its corner: its four corners are folded to the middle, the sides first.
 *
 * <p>Let each score run at 45° across a corner of a square of side {@code s}, and let {@code q} and {@code p} be how far along an edge of the square the
 * envelope reaches across and down. Then it is {@code q√2} wide and {@code p√2} high, the scores of the side corners meet the edges at {@code s − q} from
 * them, those of the others at {@code s − p}. The corners of the envelope lie on paper where {@code s} is at least {@code p + q}; there scores of neighbouring corners
 * cross on the edge. The upper flap and the lower, {@code (s − p)/√2} deep each, overlap by {@code o} where {@code s√2} is at least {@code 2p√2 + o}, and the side
 * flaps have to be deep enough to lie under them. Where the square is larger than {@code p + q} for that, neighbouring scores cross inside, and the triangle which both
 * would fold is cut away. Plain geometry; how far flaps overlap is common practice, no source.
 */
public record SquareEnvelope() implements Base {

    /** Where the scores meet the edges, for the width. */
    public static final Parameter.OfLength ACROSS =
            mark("across", "Mark for the width", "width", Length.ofInches(65, 16));
    /** Where the scores meet the edges, for the height. */
    public static final Parameter.OfLength DOWN =
            mark("down", "Mark for the height", "height", Length.ofInches(50, 16));

    /** How far the flaps overlap at least, for the adhesive. */
    public static final Parameter.OfLength OVERLAP = CardSides.length(
            "overlap",
            "Flaps overlap",
            "How far the upper flap reaches over the lower at least.",
            Length.ofInches(1, 4),
            Length.ofInches(6),
            Length.ofInches(3, 4));

    /** The side flaps are at least so deep, so that their corners lie under the others; common practice, no source. */
    private static final Length LEAST_SIDE = Length.ofInches(1, 2);

    private static Parameter.OfLength mark(String key, String label, String of, Length preset) {
        return CardSides.length(
                key,
                label,
                "How far along an edge of the square two scores lie apart; the " + of + " is this times √2.",
                Length.ofInches(1, 2),
                Length.ofInches(17),
                preset);
    }

    /** Less than any tool shows. */
    private static final double NOTHING = 1e-5;

    private static final PanelId MIDDLE = new PanelId("middle");
    /** The flaps from corner to corner, from the top to the right. */
    private static final List<PanelId> FLAPS = List.of(
            new PanelId("flap"), new PanelId("right-flap"), new PanelId("lower-flap"), new PanelId("left-flap"));

    /**
     * The square an envelope is folded from.
     *
     * @param side its side
     * @param across how far along an edge the envelope reaches across: q
     * @param down how far down: p
     */
    public record Sheet(Length side, Length across, Length down) {

        /**
         * The least square for an envelope.
         *
         * @param across q
         * @param down p
         * @param overlap how far the flaps overlap at least
         * @param marks what its side is rounded up to
         */
        public static Sheet of(Length across, Length down, Length overlap, Graduation marks) {
            Length lapped = down.multipliedBy(2).plus(along(overlap, marks));
            Length sided = across.plus(along(LEAST_SIDE.multipliedBy(2), marks));
            return new Sheet(Length.max(across.plus(down), Length.max(lapped, sided)), across, down);
        }

        /** The least square for an envelope that is no smaller than a size. */
        public static Sheet of(Size least, Length overlap, Graduation marks) {
            return of(along(least.width(), marks), along(least.height(), marks), overlap, marks);
        }

        /** How far along an edge a distance across it at 45° is, rounded up to a mark; what is off by a rounding is not. */
        private static Length along(Length distance, Graduation marks) {
            return Length.nearestInches(distance.toInches() / Math.sqrt(2) - NOTHING)
                    .roundedUpTo(marks)
                    .shown();
        }

        /** What is within an envelope of it. */
        public Size envelope() {
            return new Size(slanted(across), slanted(down));
        }

        /** How far from the left and the right corner the scores meet the edges. */
        public Length sides() {
            return side.minus(across);
        }

        /** How far from the upper and the lower corner they do. */
        public Length flaps() {
            return side.minus(down);
        }

        /** How far the upper flap reaches over the lower. */
        public Length overlap() {
            return slanted(side).minus(slanted(down).multipliedBy(2));
        }

        /** The mark of a corner, counted from the top to the right. */
        private Length mark(int corner) {
            return corner % 2 == 0 ? flaps() : sides();
        }

        /** How much of an edge a neighbouring corner leaves. */
        private Length free(int neighbour) {
            return side.minus(mark(neighbour));
        }

        /** A point as it lies at a corner, turned round the middle of the sheet by quarters. */
        private Point at(int corner, Length x, Length y) {
            Point turned = new Point(x, y);
            Placement quarter = new Placement(new Point(side, Length.ZERO), 90, false);
            for (int i = 0; i < corner; i++) {
                turned = quarter.apply(turned);
            }
            return turned;
        }

        /** Where the scores of a corner and the next one cross; zero deep where that is on the edge. */
        private Point crossing(int corner) {
            return at(corner, side.plus(mark(corner)).minus(mark(corner + 1)).half(), depth());
        }

        /** So far inside the edge scores of neighbouring corners cross. */
        private Length depth() {
            return side.minus(across).minus(down).half();
        }
    }

    @Override
    public String key() {
        return "square-envelope";
    }

    @Override
    public String title() {
        return "Envelope from a square";
    }

    @Override
    public String sentence() {
        return "The corners of a square close over its middle, the sides first.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(ACROSS, DOWN, OVERLAP);
    }

    /** What a distance along an edge is across it, at 45°: times √2, to the nearest tick. */
    private static Length slanted(Length along) {
        return Length.nearestInches(along.toInches() * Math.sqrt(2));
    }

    @Override
    public Size finished(Settings settings) {
        return new Size(
                Length.max(slanted(settings.length(ACROSS)), Length.GRAIN),
                Length.max(slanted(settings.length(DOWN)), Length.GRAIN));
    }

    @Override
    public Optional<Size> usual(MeasureSystem system) {
        return Optional.of(Envelopes.usual(system));
    }

    @Override
    public Settings sized(Settings settings, Size finished) {
        return settings.with(ACROSS, Length.nearestInches(finished.width().toInches() / Math.sqrt(2)))
                .with(DOWN, Length.nearestInches(finished.height().toInches() / Math.sqrt(2)));
    }

    @Override
    public Outcome<Form> form(Brief brief) {
        Graduation marks = Graduation.usual(brief.system());
        Sheet sheet = Sheet.of(brief.length(ACROSS), brief.length(DOWN), brief.length(OVERLAP), marks);
        return Outcome.made(form(brief, finished(brief.settings()), sheet));
    }

    private static Form form(Brief brief, Size envelope, Sheet sheet) {
        List<Point> edge = new ArrayList<>();
        List<Point> middle = new ArrayList<>();
        List<Score> scores = new ArrayList<>();
        List<Panel> panels = new ArrayList<>();
        for (int corner = 0; corner < FLAPS.size(); corner++) {
            PanelId flap = FLAPS.get(corner);
            Point tip = sheet.at(corner, Length.ZERO, Length.ZERO);
            Point after = sheet.at(corner, sheet.free(corner + 1), Length.ZERO);
            Point crossing = sheet.crossing(corner);
            Point before = sheet.crossing(corner + 3);
            edge.addAll(List.of(tip, after, crossing, sheet.at(corner, sheet.mark(corner), Length.ZERO)));
            middle.add(crossing);
            scores.add(new Score(flap.hinge(), new Segment(crossing, before), Score.Fold.VALLEY));
            Outline outline =
                    each(List.of(tip, after, crossing, before, sheet.at(corner, Length.ZERO, sheet.free(corner + 3))));
            panels.add(Panel.folding(flap, PieceId.BASE, outline, MIDDLE, flap.hinge()));
        }
        panels.add(0, Panel.still(MIDDLE, PieceId.BASE, new Outline(middle)));
        Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), each(edge))
                .scored(scores);
        List<ScoreId> closing = List.of(1, 3, 2, 0).stream()
                .map(corner -> FLAPS.get(corner).hinge())
                .toList();
        Form form = Form.of(envelope, base, panels, faces(), poses(), closing);
        return Envelopes.glued(form, FLAPS.get(2), List.of(FLAPS.get(1), FLAPS.get(3)));
    }

    /** Each corner once: where scores cross on the edge, what would be notched there is a single point. */
    private static Outline each(List<Point> corners) {
        return new Outline(corners.stream().distinct().toList());
    }

    private static List<Face> faces() {
        return List.of(
                Face.of(FLAPS.get(0), Side.UNDER, "flap"),
                Face.of(FLAPS.get(2), Side.UNDER, "lower flap"),
                Face.inside(MIDDLE, Side.UP, "inside"),
                Face.back(MIDDLE, Side.UNDER, "address side"));
    }

    /** The middle lies on its corner in the sheet; looked at, it stands on its edge. */
    private static List<Pose> poses() {
        Map<ScoreId, Integer> ajar = new HashMap<>();
        ajar.put(FLAPS.get(0).hinge(), 110);
        ajar.put(FLAPS.get(1).hinge(), 176);
        ajar.put(FLAPS.get(2).hinge(), 172);
        ajar.put(FLAPS.get(3).hinge(), 176);
        List<ScoreId> scores = FLAPS.stream().map(PanelId::hinge).toList();
        return Strip.poses(scores, ajar, new Pose.View(0, 0, 12, 12)).stream()
                .map(pose -> pose.rolled(45))
                .toList();
    }
}
