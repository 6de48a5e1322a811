package kwibbet.card.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/**
 * A front of two strips that only a film joins.
 *
 * <p>For a card {@code w × h} folded at the top, with strips {@code s}: the base is {@code w × (h + s)}, scored {@code h} from the
 * bottom; the film is {@code w} wide and 1/16 shorter than {@code h}, so that it does not push into the fold; the lower strip is {@code
 * w × s}; the gap is {@code h − 2s}. Common practice, no source: 5 × 7 with 2 inch strips takes a base of 5 × 9 scored at 7, from a
 * letter sheet that leaves the lower strip of 5 × 2.
 */
public record BridgedBase() implements ParallelFoldBase {

    /** How deep the strips are. */
    public static final Parameter.OfLength STRIP = CardSides.length(
                    "strip",
                    "Strips",
                    "How deep each strip of the front is.",
                    Length.ofInches(1, 2),
                    Length.ofInches(12),
                    Length.ofInches(2))
            .following(Parameter.Follows.WIDTH);
    /** How much shorter the film is than the card. */
    public static final Parameter.OfLength SHORTER_BY = CardSides.length(
            "shorterBy",
            "Film shorter by",
            "Kept off the fold, so that the film does not bulge.",
            Length.ZERO,
            Length.ofInches(1, 2),
            Length.ofInches(1, 16));
    /** Where it is folded. */
    public static final Parameter.OfChoice FOLD = CardSides.FOLD_AT_TOP;

    private static final Length NARROWEST_GAP = Length.ofInches(1, 2);
    private static final ScoreId CREASE = new ScoreId("fold");
    private static final PieceId FILM = new PieceId("film");
    private static final PieceId LOOSE = new PieceId("loose-strip");
    private static final List<Face> FACES = List.of(
            Face.of(PanelId.of(FILM), Side.UNDER, "clear front"),
            Face.of(FRONT, Side.UNDER, "left strip").lyingCalled("top strip"),
            Face.of(PanelId.of(LOOSE), Side.UP, "right strip").lyingCalled("bottom strip"),
            Face.inside(BACK, Side.UP, "inside back"),
            Face.inside(FRONT, Side.UP, "inside left strip").lyingCalled("inside top strip"),
            Face.inside(PanelId.of(FILM), Side.UP, "inside clear front"),
            Face.back(BACK, Side.UNDER, "back"));

    @Override
    public String key() {
        return "bridged";
    }

    @Override
    public String title() {
        return "Bridged clear front";
    }

    @Override
    public String sentence() {
        return "Two strips make the front, and only clear film joins them.";
    }

    @Override
    public Optional<WayOut> withShorterFilm(Settings settings, Length by) {
        return Optional.of(new WayOut("make it shorter", settings.with(SHORTER_BY, by)));
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, FOLD, STRIP, SHORTER_BY);
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER, PaperSlot.FILM);
    }

    @Override
    public boolean isTurned(Settings settings) {
        return settings.is(FOLD, CardSides.AT_TOP);
    }

    /** The score lies at the depth of the strip. */
    @Override
    public Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        return Optional.of(settings.with(STRIP, at));
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Length strip = brief.length(STRIP);
        Length gap = finished.width().minus(strip.multipliedBy(2));
        if (gap.isShorterThan(NARROWEST_GAP)) {
            Length most = finished.width().minus(NARROWEST_GAP).half();
            return Outcome.refused(
                    STRIP.key(),
                    "The strips leave no gap between them. They can be at most " + brief.figure(most) + " deep.");
        }
        return Outcome.made(bridged(finished, strip, brief));
    }

    /** Folded at the left: the fixed strip lies left of the fold, the film and the loose strip go on to the left of it. */
    private static Form bridged(Size finished, Length strip, Brief brief) {
        Length depth = finished.width();
        Strip base = new Strip(
                List.of(new Leaf(FRONT, strip), new Leaf(BACK, depth)),
                List.of(Crease.valley(CREASE)),
                1,
                finished.height());
        Size filmSize = new Size(depth.minus(brief.length(SHORTER_BY)), finished.height());
        Piece film = Piece.of(FILM, "Clear front", brief.paper(PaperSlot.FILM), filmSize);
        Piece loose = Piece.of(LOOSE, "Loose strip", brief.paper(PaperSlot.PAPER), new Size(strip, finished.height()));
        Placement filmOnBase = Placement.at(new Point(strip.minus(depth), Length.ZERO));
        Placement looseOnFilm = new Placement(new Point(strip, Length.ZERO), 0, true);
        List<Panel> panels = new ArrayList<>(base.panels());
        panels.add(Panel.stuck(PanelId.of(FILM), FILM, film.outline(), FRONT, Side.UP, filmOnBase));
        panels.add(Panel.stuck(PanelId.of(LOOSE), LOOSE, loose.outline(), PanelId.of(FILM), Side.UNDER, looseOnFilm));
        List<Pose> poses = base.poses(Map.of(CREASE, 146), new Pose.View(0, 0, 10, 12));
        return new Form(
                finished,
                new Parts(List.of(base.piece(brief), film, loose), panels, FACES, List.of()),
                poses,
                List.of(CREASE),
                Form.Hands.USUAL);
    }
}
