package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.card.Zone;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/** A pair of flat magnets that meet when the card is shut: one here, one on the panel behind. */
public record Magnets() implements Feature {

    /** How wide a magnet is. */
    public static final Parameter.OfLength ACROSS =
            Shapes.length("size", "Magnet", "Across one magnet.", "1/8", "1", "3/8");

    @Override
    public String key() {
        return "magnets";
    }

    @Override
    public String title() {
        return "Magnets";
    }

    @Override
    public String sentence() {
        return "A pair that meets when the card is shut.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(ACROSS));
        all.addAll(Placing.ALL);
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(ACROSS));
        asked.addAll(Placing.asked(settings));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Size size = new Size(site.brief().length(ACROSS), site.brief().length(ACROSS));
        Point corner = Placing.corner(site, size);
        Outline magnet = new CutShape(CutShape.Kind.OVAL, size).outline().plus(corner.x(), corner.y());
        return Window.fitting(site, magnet, "The magnet").then(ok -> site.behind().stream()
                .filter(deeper -> Overlay.contains(Region.of(deeper.panel().outline()), magnet.in(deeper.frame())))
                .findFirst()
                .map(deeper -> Outcome.made(pair(site, deeper, magnet)))
                .orElseGet(() -> Outcome.refused(
                        "form",
                        "When the card is shut, no panel lies behind the " + site.place()
                                + " there for the second magnet. Put it where two panels meet.")));
    }

    private static Work pair(Site site, Site.Deeper behind, Outline magnet) {
        Zone one = new Zone(
                site.id(), site.side().opposite(), magnet.in(site.frame()), Zone.Use.MAGNET, "glue a magnet here");
        Zone other = new Zone(
                site.id(),
                behind.side(),
                magnet.in(behind.frame()),
                Zone.Use.MAGNET,
                "glue the second magnet here, the pull towards the first");
        return new Work.Collector()
                .zone(site.piece(), one)
                .zone(behind.piece(), other)
                .supply(Supply.count(
                        site.id(), "magnet, " + site.brief().figure(site.brief().length(ACROSS)), 2))
                .end();
    }
}
