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
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperKind;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;
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
    /** Whether it lies on its place, or level with it. */
    public static final Parameter.OfChoice SET = Parameter.OfChoice.of(
            "set",
            "Lies",
            "On its place, or in an opening of its own shape, stuck to what is behind, so that both are level.",
            Ornament.ON,
            "on top",
            Ornament.INLAID,
            "inlaid, level with what is round it");
    /** It lies on its place. */
    public static final String ON = "on";
    /** It lies in its negative. */
    public static final String INLAID = "inlaid";
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
        all.addAll(Placing.ASLANT);
        all.addAll(List.of(SET, BACKING, Held.FOAM, Held.WHERE, COPY));
        return all;
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings, shape);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.askedAslant(settings));
        asked.add(SET);
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
        Placement laid = Placing.laid(site, shape);
        return site.brief().is(SET, INLAID) ? inlaid(site, shape, laid) : Outcome.made(on(site, shape, laid));
    }

    /** Cut out of what it is set into, and stuck to what that is stuck to. */
    private static Outcome<Work> inlaid(Site site, CutShape shape, Placement laid) {
        if (site.below().isEmpty()) {
            return Outcome.refused(
                    SET.key(),
                    "Nothing lies behind the " + site.place()
                            + " for it to be stuck to: put a mat there and inlay it into that.");
        }
        if (site.brief().is(BACKING, FOAM_DIE)) {
            return Outcome.refused(
                    BACKING.key(),
                    "On foam of its own shape it would not be level: hold it as what is round it is held.");
        }
        Site.Deeper behind = site.below().get(0);
        Outline outline = shape.outline().in(laid);
        return negative(site, shape, laid, outline).then(work -> {
            Piece ornament = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), shape);
            work.piece(
                    ornament,
                    Held.adhesion(BACKING, site.brief()),
                    Panel.stuck(
                            PanelId.of(site.id()),
                            site.id(),
                            ornament.outline(),
                            behind.panel().id(),
                            behind.side(),
                            laid.within(behind.frame())));
            return Outcome.made(work.end());
        });
    }

    /**
     * An opening of its shape; of what reaches over an edge, as an ornament over the frame round it or into the opening in that, what lies on the paper is cut off
     * there.
     */
    private static Outcome<Work.Collector> negative(Site site, CutShape shape, Placement laid, Outline outline) {
        Work.Collector work = new Work.Collector();
        List<Region> openings = site.openings().stream()
                .filter(opening -> Overlay.overlap(opening, outline))
                .map(Region::of)
                .toList();
        boolean isInside = Overlay.contains(site.room(), outline);
        if (isInside && openings.isEmpty()) {
            return Outcome.made(work.opening(site.piece(), site.opening("negative", shape, laid)));
        }
        List<Region> paper = Overlay.without(site.room(), openings);
        boolean touches =
                paper.stream().anyMatch(part -> Overlay.sharedArea(part, Region.of(outline)) > Overlay.NOTHING);
        boolean staysWhole = paper.stream()
                        .mapToInt(part ->
                                Overlay.without(part, Region.of(outline)).size())
                        .sum()
                == paper.size();
        boolean swallows =
                openings.stream().anyMatch(opening -> Overlay.contains(Region.of(outline), opening.outline()));
        if (!touches || !staysWhole || swallows || openings.size() > 1 || (!isInside && !openings.isEmpty())) {
            return Outcome.refused(
                    "form",
                    touches
                            ? "The " + site.place() + " would be cut in two, or an opening it has would be cut away."
                            : isInside
                                    ? "It lies in an opening of the " + site.place()
                                            + ": there is no paper to set it into."
                                    : "It lies beside the " + site.place() + ", not in it.");
        }
        PartCut.PastEdge part = PartCut.PastEdge.of(
                site.id(),
                shape,
                laid.within(site.frame()),
                Outline.of(site.bounds()).in(site.frame()).bounds());
        return Outcome.made(work.edge(
                isInside ? Work.EdgeCut.atOpening(site.panel(), part) : Work.EdgeCut.byDie(site.panel(), part)));
    }

    private static Work on(Site site, CutShape shape, Placement laid) {
        Piece ornament = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), shape);
        Work.Collector work = new Work.Collector();
        if (site.brief().is(BACKING, FOAM_DIE)) {
            Piece foam = Piece.of(
                    site.part("foam"), site.name() + ", foam", site.brief().paper(FOAM), shape);
            work.piece(foam, site.on(foam, laid));
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
            work.piece(ornament, Held.adhesion(BACKING, site.brief()), site.on(ornament, laid));
        }
        if (site.brief().is(COPY, "behind")) {
            Piece copy = Piece.of(site.part("copy"), site.name() + ", behind", ornament.paper(), shape);
            work.piece(copy, site.behind(copy, laid));
        }
        return work.end();
    }
}
