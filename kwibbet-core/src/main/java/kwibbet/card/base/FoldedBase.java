package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Form;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
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
public record FoldedBase() implements ParallelFoldBase {

    /** The width of the shut card. */
    public static final Parameter.OfLength WIDTH = CardSides.WIDTH;
    /** The height of the shut card. */
    public static final Parameter.OfLength HEIGHT = CardSides.HEIGHT;
    /** The edge of the shut card at which it is folded. */
    public static final Parameter.OfChoice FOLD = CardSides.FOLD_AT_SIDE;
    /** How much less deep the front is than the back. */
    public static final Parameter.OfLength SHORT_BY = CardSides.length(
            "shortBy",
            "Front shorter by",
            "0 for a front as deep as the back.",
            Length.ZERO,
            Length.ofInches(23),
            Length.ZERO);

    /** The choice of {@link #FOLD} for a fold at the left side. */
    public static final String AT_SIDE = CardSides.AT_SIDE;
    /** The choice of {@link #FOLD} for a fold at the top. */
    public static final String AT_TOP = CardSides.AT_TOP;

    private static final Length SHALLOWEST_FRONT = Length.ofInches(1, 2);
    private static final ScoreId CREASE = new ScoreId("fold");

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
    public boolean isTurned(Settings settings) {
        return settings.is(FOLD, AT_TOP);
    }

    /** The front ends at its free edge: the farther the score, the deeper the front. */
    @Override
    public Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        Length depth = upright(settings).width();
        return Optional.of(settings.with(SHORT_BY, Length.max(depth.minus(at), Length.ZERO)));
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Length front = finished.width().minus(brief.length(SHORT_BY));
        if (front.isShorterThan(SHALLOWEST_FRONT)) {
            Figure most = brief.figure(Length.max(finished.width().minus(SHALLOWEST_FRONT), Length.ZERO));
            return Outcome.refused(
                    SHORT_BY.key(),
                    "The front must stay " + brief.figure(SHALLOWEST_FRONT) + " deep: shorten it by " + most
                            + " or less.");
        }
        Strip strip = new Strip(
                List.of(new Leaf(FRONT, front), new Leaf(BACK, finished.width())),
                List.of(Crease.valley(CREASE)),
                1,
                finished.height());
        List<Pose> poses =
                strip.poses(Map.of(CREASE, isTurned(brief.settings()) ? 148 : 138), new Pose.View(0, 0, 10, 12));
        return Outcome.made(
                Form.of(finished, strip.piece(brief), strip.panels(), FRONT_AND_BACK, poses, List.of(CREASE)));
    }
}
