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
import kwibbet.card.Parts;
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
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A square sheet whose four corners close over its middle, each over the one before and the last under the first.
 *
 * <p>Let the sheet's side be {@code s} and each score run at 45° across a corner, meeting the edges at the mark {@code k} from the corners
 * next to it. Scores of neighbouring corners then have the equations {@code x + y = s − k} and {@code x − y = k}; they cross at {@code (s/2,
 * s/2 − k)}, a depth {@code e = s/2 − k} below the middle of the edge. Hence
 * <ul>
 *   <li>the triangle cut away there has its corners at {@code k} and {@code s − k} on the edge and at the crossing, and is {@code 2e}
 *       wide and {@code e} deep;
 *   <li>the crossings are the corners of the middle: neighbours lie {@code s/2 − e = k} apart both ways, so its side is {@code k√2};
 *   <li>a corner folded over reaches past the centre by {@code e} both ways; pleated back by {@code e} along one edge it stops at
 *       the centre there, which makes each flap overlap the next by {@code e}: a ring.
 * </ul>
 * So {@code s = 2(k + e)} and the shut side is {@code k√2}. Common practice, no source: an 8 inch square scored at the 3 inch mark and
 * pleated at 1 inch closes to 4 1/4 square, which is 3√2 rounded.
 */
public record PinwheelBase() implements Base {

    /** Where the scores meet the edges. */
    public static final Parameter.OfLength MARK = CardSides.length(
            "mark",
            "Score at",
            "Where each score meets the edge, from the next corner; the shut side is this times √2.",
            Length.ofInches(1, 2),
            Length.ofInches(16),
            Length.ofInches(3));
    /** How wide the pleats are. */
    public static final Parameter.OfLength PLEAT = CardSides.length(
                    "pleat",
                    "Pleat",
                    "How far each flap is pleated back, and overlaps the next.",
                    Length.ofInches(1, 8),
                    Length.ofInches(8),
                    Length.ofInches(1))
            .following(Parameter.Follows.BOTH);
    /** Which way it turns. */
    public static final Parameter.OfChoice HAND = Parameter.OfChoice.of(
            "hand", "Turns", "Which way the flaps follow each other.", "right", "to the right", "left", "to the left");

    private static final PanelId MIDDLE = new PanelId("middle");

    @Override
    public String key() {
        return "pinwheel";
    }

    @Override
    public String title() {
        return "Pinwheel";
    }

    @Override
    public String sentence() {
        return "The corners of a square close over its middle in a ring.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(MARK, PLEAT, HAND);
    }

    /** The shut side for a mark: {@code k√2}, to the nearest tick. */
    static Length side(Length mark) {
        return Length.nearestInches(mark.toInches() * Math.sqrt(2));
    }

    @Override
    public Size finished(Settings settings) {
        Length side = Length.max(side(settings.length(MARK)), Length.GRAIN);
        return new Size(side, side);
    }

    /** 4 1/4 square, common practice, no source; 110 mm where millimetres are measured. */
    @Override
    public Optional<Size> usual(MeasureSystem system) {
        return Optional.of(CardSides.smallSquare(system));
    }

    @Override
    public Settings sized(Settings settings, Size finished) {
        Length side = Length.min(finished.width(), finished.height());
        return settings.with(MARK, Length.nearestInches(side.toInches() / Math.sqrt(2)));
    }

    @Override
    public Outcome<Form> form(Brief brief) {
        Length mark = brief.length(MARK);
        Length pleat = brief.length(PLEAT);
        if (!pleat.isShorterThan(mark)) {
            return Outcome.refused(
                    PLEAT.key(),
                    "Pleated that far, nothing is left of a flap. It must be less than " + brief.figure(mark) + ".");
        }
        return Outcome.made(new Wheel(brief, mark, pleat, brief.is(HAND, "left")).form());
    }

    /**
     * The sheet, corner by corner.
     *
     * @param brief its settings
     * @param mark k
     * @param pleat e
     * @param isLeft whether it turns to the left
     */
    private record Wheel(Brief brief, Length mark, Length pleat, boolean isLeft) {

        private Length sheet() {
            return mark.plus(pleat).multipliedBy(2);
        }

        private Length half() {
            return mark.plus(pleat);
        }

        /** A point as it lies at a corner, turned round the sheet's centre by quarters. */
        private Point at(int corner, Length x, Length y) {
            Point turned = new Point(x, y);
            Placement quarter = new Placement(new Point(sheet(), Length.ZERO), 90, false);
            for (int i = 0; i < corner; i++) {
                turned = quarter.apply(turned);
            }
            return isLeft ? new Point(sheet().minus(turned.x()), turned.y()) : turned;
        }

        Form form() {
            Length zero = Length.ZERO;
            List<Point> edge = new ArrayList<>();
            List<Point> middle = new ArrayList<>();
            List<Score> pleats = new ArrayList<>();
            List<Score> flaps = new ArrayList<>();
            List<Panel> panels = new ArrayList<>();
            for (int corner = 0; corner < 4; corner++) {
                Point crossing = at(corner, half(), pleat);
                Point before = at(corner, pleat, half());
                edge.addAll(
                        List.of(at(corner, zero, zero), at(corner, mark, zero), crossing, at(corner + 1, zero, mark)));
                middle.add(crossing);
                int number = corner + 1;
                flaps.add(valley(flap(number).hinge(), crossing, before));
                pleats.add(new Score(
                        pleat(number).hinge(), new Segment(at(corner, zero, pleat), crossing), Score.Fold.MOUNTAIN));
                Outline flapped = Outline.of(at(corner, zero, pleat), crossing, before, at(corner, zero, mark));
                Outline strip =
                        Outline.of(at(corner, zero, zero), at(corner, mark, zero), crossing, at(corner, zero, pleat));
                panels.add(Panel.folding(
                        flap(number),
                        PieceId.BASE,
                        flapped,
                        MIDDLE,
                        flap(number).hinge()));
                panels.add(Panel.folding(
                        pleat(number),
                        PieceId.BASE,
                        strip,
                        flap(number),
                        pleat(number).hinge()));
            }
            panels.add(0, Panel.still(MIDDLE, PieceId.BASE, new Outline(middle)));
            List<Score> scores = new ArrayList<>(flaps);
            scores.addAll(pleats);
            Piece base = Piece.of(PieceId.BASE, "Base", brief.paper(PaperSlot.PAPER), new Outline(edge))
                    .scored(scores);
            List<ScoreId> closing =
                    new ArrayList<>(pleats.stream().map(Score::id).toList());
            closing.addAll(flaps.stream().map(Score::id).toList());
            Size finished = new Size(side(mark), side(mark));
            return new Form(
                    finished,
                    new Parts(List.of(base), panels, faces(), ring()),
                    poses(closing),
                    closing,
                    Form.Hands.USUAL);
        }

        private static PanelId flap(int number) {
            return new PanelId("flap-" + number);
        }

        private static PanelId pleat(int number) {
            return new PanelId("pleat-" + number);
        }

        private static Score valley(ScoreId id, Point start, Point end) {
            return new Score(id, new Segment(start, end), Score.Fold.VALLEY);
        }

        private static List<Face> faces() {
            List<Face> faces = new ArrayList<>();
            for (int number = 1; number <= 4; number++) {
                faces.add(Face.of(flap(number), Side.UNDER, "flap " + number));
            }
            faces.add(Face.of(MIDDLE, Side.UP, "middle"));
            faces.add(Face.back(MIDDLE, Side.UNDER, "back"));
            return faces;
        }

        /** The middle lies on its corner in the sheet; looked at, it stands on its edge. */
        private static List<Pose> poses(List<ScoreId> scores) {
            Map<ScoreId, Integer> ajar = new HashMap<>();
            for (int number = 1; number <= 4; number++) {
                ajar.put(flap(number).hinge(), 152);
                ajar.put(pleat(number).hinge(), 176);
            }
            return Strip.poses(scores, ajar, new Pose.View(0, 0, 12, 12)).stream()
                    .map(pose -> pose.key().equals(Pose.OPEN) ? pose : pose.rolled(45))
                    .toList();
        }

        /** Each flap goes over the one before and the last under the first, pleat and all. */
        private static List<Form.Above> ring() {
            List<Form.Above> above = new ArrayList<>();
            for (int number = 1; number <= 4; number++) {
                int next = number % 4 + 1;
                for (PanelId lower : List.of(flap(number), pleat(number))) {
                    above.add(new Form.Above(flap(next), lower));
                    above.add(new Form.Above(pleat(next), lower));
                }
            }
            return above;
        }
    }
}
