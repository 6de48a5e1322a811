package kwibbet.card.base;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/**
 * A front, a back, and a flap that comes round the far edge onto the front.
 *
 * <p>For a flap {@code f} the flat base is {@code 2w + f} wide, scored at {@code w} and {@code 2w}. Common practice, no source: 5 1/2
 * × 10 scored at 4 1/4 and 8 1/2 leaves a 1 1/2 flap.
 */
public record WrapOverBase() implements ParallelFoldBase {

    /** How far the flap comes onto the front. */
    public static final Parameter.OfLength FLAP = CardSides.length(
                    "flap",
                    "Flap",
                    "How far it comes round onto the front.",
                    Length.ofInches(1, 2),
                    Length.ofInches(23),
                    Length.ofInches(3, 2))
            .following(Parameter.Follows.WIDTH);

    private static final PanelId WRAP = new PanelId("flap");
    private static final List<Face> FACES = List.of(
            Face.of(FRONT, Side.UNDER, "front"),
            Face.of(WRAP, Side.UNDER, "flap"),
            Face.inside(FRONT, Side.UP, "inside front"),
            Face.inside(BACK, Side.UP, "inside back"),
            Face.inside(WRAP, Side.UP, "inside flap"),
            Face.back(BACK, Side.UNDER, "back"));

    @Override
    public String key() {
        return "wrap-over";
    }

    @Override
    public String title() {
        return "Wrap-over flap";
    }

    @Override
    public String sentence() {
        return "A flap comes round the edge onto the front.";
    }

    /** The standard card, whose flap is 1 1/2. */
    @Override
    public Optional<Size> usual(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? Optional.of(new Size(Length.ofInches(17, 4), Length.ofInches(11, 2)))
                : Optional.empty();
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, FLAP);
    }

    /** The flap takes what lies beyond its score; the fold between front and back lies where it must. */
    @Override
    public Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        Length width = upright(settings).width();
        Length flat = width.multipliedBy(2).plus(settings.length(FLAP));
        return score.equals(WRAP.hinge()) ? Optional.of(settings.with(FLAP, flat.minus(at))) : Optional.empty();
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Length width = finished.width();
        Length flap = brief.length(FLAP);
        if (flap.isLongerThan(width)) {
            return Outcome.refused(
                    FLAP.key(),
                    "The flap would reach past the front by " + brief.figure(flap.minus(width)) + ". It can be at most "
                            + brief.figure(width) + ".");
        }
        Strip strip = new Strip(
                List.of(new Leaf(FRONT, width), new Leaf(BACK, width), new Leaf(WRAP, flap)),
                List.of(Crease.valley(FRONT.hinge()), Crease.valley(WRAP.hinge())),
                1,
                finished.height());
        List<Pose> poses = strip.poses(Map.of(FRONT.hinge(), 150, WRAP.hinge(), 112), new Pose.View(0, 0, 8, 12));
        Form form = Form.of(
                finished, strip.piece(brief), strip.panels(), FACES, poses, List.of(FRONT.hinge(), WRAP.hinge()));
        return Outcome.made(form);
    }
}
