package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.card.Zone;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.tool.Die;

/** Stamping, inking, embossing, colouring, heat: an area of a face, and what is kept free around it. */
public record SurfaceWork() implements Feature {

    /** What is done. */
    public static final Parameter.OfChoice TECHNIQUE = Parameter.OfChoice.of(
            "technique",
            "Work",
            "What is done there.",
            SurfaceWork.STAMP,
            "stamp",
            SurfaceWork.STENCIL,
            "ink through a stencil",
            SurfaceWork.EMBOSS,
            "emboss dry",
            SurfaceWork.HEAT,
            "emboss with heat",
            SurfaceWork.COLOUR,
            "colour by hand");
    /** How large an area. */
    public static final Parameter.OfChoice FIT = Parameter.OfChoice.of(
            "fit",
            "Area",
            "An area of its own size, or the face from edge to edge.",
            SurfaceWork.OWN_SIZE,
            "of its own size",
            SurfaceWork.WHOLE_FACE,
            "the whole face");
    /** What is left of the whole face. */
    public static final Parameter.OfLength LESS = Shapes.length(
            "less", "Less an edge of", "What is left free along the edges; 0 for nothing.", "0", "6", "0");
    /** What is kept free around it. */
    public static final Parameter.OfLength KEEP_FREE =
            Shapes.length("keepFree", "Keep free", "Kept free around it; 0 for nothing.", "0", "2", "0");

    /** So large as is said. */
    public static final String OWN_SIZE = "size";
    /** As large as the face it is on. */
    public static final String WHOLE_FACE = "face";
    /** What is stamped may be words. */
    public static final String STAMP = "stamp";
    /** Embossing powder is melted with a heat gun, which warps film. */
    public static final String HEAT = "heat";
    /** Ink is spread through a stencil, and would run past its area. */
    public static final String STENCIL = "stencil";
    /** Pressed into the paper, without ink. */
    public static final String EMBOSS = "emboss";
    /** Colour is laid on by hand. */
    public static final String COLOUR = "colour";

    @Override
    public String key() {
        return "surface";
    }

    @Override
    public String title() {
        return "Surface work";
    }

    @Override
    public String sentence() {
        return "Stamp, ink, emboss, colour or heat an area of a face.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(TECHNIQUE, FIT, LESS, Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ASLANT);
        all.add(KEEP_FREE);
        return all;
    }

    /** No die is used on a surface. */
    @Override
    public Optional<Settings> cutWith(Settings settings, Die die) {
        return Optional.empty();
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings.with(FIT, OWN_SIZE), shape);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(TECHNIQUE, FIT));
        if (settings.is(FIT, WHOLE_FACE)) {
            asked.add(LESS);
        } else {
            asked.addAll(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
            asked.addAll(Placing.askedAslant(settings));
            asked.add(KEEP_FREE);
        }
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        return area(site).then(area -> {
            Work.Collector work = new Work.Collector();
            String doing = TECHNIQUE.way(site.brief().choice(TECHNIQUE)).label();
            work.zone(site.piece(), site.zone(area, Zone.Use.SURFACE, doing + " “" + site.name() + "”"));
            if (site.brief().is(FIT, OWN_SIZE) && site.brief().length(KEEP_FREE).isPositive()) {
                Overlay.inset(area, site.brief().length(KEEP_FREE).negated()).stream()
                        .findFirst()
                        .ifPresent(free -> work.zone(
                                site.piece(), site.zone(free, Zone.Use.KEEP_OUT, "keep free around " + site.name())));
            }
            return Outcome.made(work.end());
        });
    }

    private static Outcome<Outline> area(Site site) {
        if (site.brief().is(FIT, OWN_SIZE)) {
            CutShape shape = Shapes.shape(site.brief());
            return Window.fitting(site, shape.outline().in(Placing.laid(site, shape)), "The area");
        }
        return site.within(site.brief().length(LESS)).stream()
                .max(Comparator.comparingDouble(Outline::area))
                .map(Outcome::made)
                .orElseGet(() -> Outcome.refused(
                        LESS.key(), "Nothing would be left of the " + site.place() + ": leave a narrower edge."));
    }
}
