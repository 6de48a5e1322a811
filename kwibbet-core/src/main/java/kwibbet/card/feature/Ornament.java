package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperKind;
import kwibbet.shape.CutShape;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

/**
 * A topper, a label, an ornament: cut to a shape, flat or raised, and free to stick out.
 *
 * <p>Backed with foam cut by the same die it stays in its negative until it is stuck; a second copy behind the panel hides what bleeds
 * through and stiffens it.
 */
public record Ornament() implements Feature {

    /** What holds it. */
    public static final Parameter.OfChoice BACKING =
            Held.with("backing", new Parameter.Choice(Ornament.FOAM_DIE, "on foam of its own shape"));
    /** Whether a second copy lies behind. */
    public static final Parameter.OfChoice COPY = Parameter.OfChoice.of(
            "copy", "Second copy", "Another one behind the panel.", "none", "none", "behind", "behind the panel");
    /** The foam it is cut from. */
    public static final PaperSlot FOAM = new PaperSlot("foam", "Foam", PaperKind.FOAM);

    private static final String FOAM_DIE = "die";

    @Override
    public String key() {
        return "ornament";
    }

    @Override
    public String title() {
        return "Ornament";
    }

    @Override
    public String sentence() {
        return "A label or a figure, cut to a shape, flat or raised.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        all.addAll(List.of(BACKING, Held.FOAM, Held.WHERE, COPY));
        return all;
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings, shape);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        asked.addAll(settings.is(BACKING, FOAM_DIE) ? List.of(BACKING) : Held.asked(BACKING, settings));
        asked.add(COPY);
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER, FOAM);
    }

    @Override
    public Outcome<Work> work(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        Point corner = Placing.corner(site, shape.size());
        Piece ornament = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), shape);
        Work.Collector work = new Work.Collector();
        if (site.brief().is(BACKING, FOAM_DIE)) {
            Piece foam = Piece.of(
                    site.part("foam"), site.name() + ", foam", site.brief().paper(FOAM), shape);
            work.piece(foam, site.on(foam, corner));
            work.piece(
                    ornament,
                    Panel.stuck(
                            PanelId.of(site.id()),
                            site.id(),
                            ornament.outline(),
                            PanelId.of(foam.id()),
                            Side.UP,
                            Placement.SAME));
            work.direction(new Direction(
                    site.id(),
                    foam.id(),
                    Direction.Does.KEEP,
                    Phrase.of("Leave the foam of " + site.name() + " in its negative until it is stuck.")));
        } else {
            work.piece(ornament, Held.adhesion(BACKING, site.brief()), site.on(ornament, corner));
        }
        if (site.brief().is(COPY, "behind")) {
            Piece copy = Piece.of(site.part("copy"), site.name() + ", behind", ornament.paper(), shape);
            work.piece(copy, site.behind(copy, corner));
        }
        return Outcome.made(work.end());
    }
}
