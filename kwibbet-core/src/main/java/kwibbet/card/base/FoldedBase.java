package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A sheet folded once, at the side or at the top.
 *
 * <p>For a shut card {@code w × h} folded at the side, the flat base is {@code (w − short) + w} wide and {@code h} high,
 * scored at {@code w − short} from the front's free edge; folded at the top, the same holds of its height. Common practice,
 * no source: 4 1/4 × 5 1/2 comes from 8 1/2 × 5 1/2, 5 × 7 from 10 × 7.
 */
public record FoldedBase() implements Base {

    /** The width of the shut card. */
    public static final Parameter.OfLength WIDTH = new Parameter.OfLength(
            "width",
            "Width",
            "The shut card from left to right.",
            Length.ofInches(1),
            Length.ofInches(24),
            Length.ofInches(5));
    /** The height of the shut card. */
    public static final Parameter.OfLength HEIGHT = new Parameter.OfLength(
            "height",
            "Height",
            "The shut card from top to bottom.",
            Length.ofInches(1),
            Length.ofInches(24),
            Length.ofInches(7));
    /** The edge of the shut card at which it is folded. */
    public static final Parameter.OfChoice FOLD = new Parameter.OfChoice(
            "fold",
            "Fold",
            "Where the shut card is folded.",
            List.of(
                    new Parameter.Choice(FoldedBase.AT_SIDE, "at the side"),
                    new Parameter.Choice(FoldedBase.AT_TOP, "at the top")));
    /** How much less deep the front is than the back. */
    public static final Parameter.OfLength SHORT_BY = new Parameter.OfLength(
            "shortBy",
            "Front shorter by",
            "0 for a front as deep as the back.",
            Length.ZERO,
            Length.ofInches(23),
            Length.ZERO);

    /** The choice of {@link #FOLD} for a fold at the left side. */
    public static final String AT_SIDE = "side";
    /** The choice of {@link #FOLD} for a fold at the top. */
    public static final String AT_TOP = "top";

    private static final Length SHALLOWEST_FRONT = Length.ofInches(1, 2);
    private static final String FRONT = "front";
    private static final String BACK = "back";
    private static final String CREASE = "fold";
    private static final List<Face> FACES = List.of(
            new Face(FRONT, Side.OUTSIDE, "front"),
            new Face(FRONT, Side.INSIDE, "inside front"),
            new Face(BACK, Side.INSIDE, "inside back"),
            new Face(BACK, Side.OUTSIDE, "back"));

    @Override
    public String key() {
        return "folded";
    }

    @Override
    public String title() {
        return "Folded base";
    }

    @Override
    public String sentence() {
        return "One sheet, one fold, at the side or at the top.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(WIDTH, HEIGHT, FOLD, SHORT_BY);
    }

    @Override
    public Settings sized(Settings settings, Size finished) {
        return settings.with(WIDTH, finished.width()).with(HEIGHT, finished.height());
    }

    @Override
    public Outcome<Form> form(Settings settings, MeasureSystem system) {
        Size finished = new Size(settings.length(WIDTH), settings.length(HEIGHT));
        boolean atSide = settings.choice(FOLD).equals(AT_SIDE);
        Length depth = atSide ? finished.width() : finished.height();
        Length front = depth.minus(settings.length(SHORT_BY));
        if (front.isShorterThan(SHALLOWEST_FRONT)) {
            Figure most = Figure.of(Length.max(depth.minus(SHALLOWEST_FRONT), Length.ZERO), system);
            return Outcome.refused(
                    SHORT_BY.key(),
                    "The front must stay " + Figure.of(SHALLOWEST_FRONT, system) + " deep: shorten it by " + most
                            + " or less.");
        }
        return Outcome.made(atSide ? foldedAtSide(finished, front) : foldedAtTop(finished, front));
    }

    private static Form foldedAtSide(Size finished, Length front) {
        Rect frontArea = Rect.of(Length.ZERO, Length.ZERO, front, finished.height());
        Rect backArea = Rect.of(front, Length.ZERO, finished.width(), finished.height());
        Size flat = new Size(front.plus(finished.width()), finished.height());
        return formOf(finished, flat, frontArea, backArea, Edge.LEFT, front, standing(138, 0, 10, 12));
    }

    private static Form foldedAtTop(Size finished, Length front) {
        Rect frontArea = Rect.of(Length.ZERO, Length.ZERO, finished.width(), front);
        Rect backArea = Rect.of(Length.ZERO, front, finished.width(), finished.height());
        Size flat = new Size(finished.width(), front.plus(finished.height()));
        return formOf(finished, flat, frontArea, backArea, Edge.TOP, front, standing(148, 16, 22, 8));
    }

    private static Form formOf(
            Size finished, Size flat, Rect front, Rect back, Edge from, Length crease, Pose standing) {
        Score score = new Score(CREASE, from, crease, Score.Fold.VALLEY);
        List<Panel> panels = List.of(
                new Panel(BACK, back, Optional.empty()),
                new Panel(FRONT, front, Optional.of(new Panel.Hinge(BACK, CREASE))));
        List<Pose> poses = List.of(
                new Pose(Pose.SHUT, "shut", Map.of(CREASE, 180), 0, 0, 0),
                new Pose("open", "open", Map.of(CREASE, 0), 0, 0, 0),
                new Pose("behind", "from behind", Map.of(CREASE, 180), 0, 180, 0),
                standing);
        return new Form(flat, finished, List.of(score), panels, FACES, poses);
    }

    private static Pose standing(int angle, int lean, int yaw, int pitch) {
        return new Pose(Pose.STANDING, "standing", Map.of(CREASE, angle), lean, yaw, pitch);
    }
}
