package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
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
    public static final Parameter.OfLength WIDTH = CardSides.WIDTH;
    /** The height of the shut card. */
    public static final Parameter.OfLength HEIGHT = CardSides.HEIGHT;
    /** The edge of the shut card at which it is folded. */
    public static final Parameter.OfChoice FOLD = Parameter.OfChoice.of(
            "fold",
            "Fold",
            "Where the shut card is folded.",
            FoldedBase.AT_SIDE,
            "at the side",
            FoldedBase.AT_TOP,
            "at the top");
    /** How much less deep the front is than the back. */
    public static final Parameter.OfLength SHORT_BY = CardSides.length(
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
            Face.of(FRONT, Side.UNDER, "front"),
            Face.of(FRONT, Side.UP, "inside front"),
            Face.of(BACK, Side.UP, "inside back"),
            Face.of(BACK, Side.UNDER, "back"));

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
    public Size finished(Settings settings) {
        return CardSides.finished(settings);
    }

    @Override
    public Settings sized(Settings settings, Size finished) {
        return CardSides.sized(settings, finished);
    }

    /** The front ends at its free edge: the farther the score, the deeper the front. */
    @Override
    public Optional<Settings> moved(Settings settings, String score, Length at) {
        Size finished = finished(settings);
        Length depth = settings.is(FOLD, AT_SIDE) ? finished.width() : finished.height();
        return Optional.of(settings.with(SHORT_BY, Length.max(depth.minus(at), Length.ZERO)));
    }

    @Override
    public Outcome<Form> form(Brief brief) {
        boolean atSide = brief.is(FOLD, AT_SIDE);
        Size finished = finished(brief.settings());
        Size acrossFold = atSide ? finished : finished.turned();
        Length front = acrossFold.width().minus(brief.length(SHORT_BY));
        if (front.isShorterThan(SHALLOWEST_FRONT)) {
            Figure most = brief.figure(Length.max(acrossFold.width().minus(SHALLOWEST_FRONT), Length.ZERO));
            return Outcome.refused(
                    SHORT_BY.key(),
                    "The front must stay " + brief.figure(SHALLOWEST_FRONT) + " deep: shorten it by " + most
                            + " or less.");
        }
        Strip strip = new Strip(
                List.of(new Leaf(FRONT, front), new Leaf(BACK, acrossFold.width())),
                List.of(Crease.valley(CREASE)),
                1,
                acrossFold.height());
        List<Pose> poses = strip.poses(Map.of(CREASE, atSide ? 138 : 148), new Pose.View(0, 0, 10, 12));
        Form form = Form.of(acrossFold, strip.piece(brief), strip.panels(), FACES, poses, List.of(CREASE));
        return Outcome.made(atSide ? form : form.turned());
    }
}
