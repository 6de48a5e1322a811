package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Feature;
import kwibbet.card.Opening;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Two brads and a twine wound round them in a figure of eight; the second brad may sit on the panel beside this one. */
public record Tie() implements Feature {

    /** How far apart the brads are. */
    public static final Parameter.OfLength APART =
            Shapes.length("apart", "Apart", "From one brad to the other, when the card is shut.", "1/2", "12", "1 1/2");
    /** How often the twine goes round. */
    public static final Parameter.OfCount TURNS =
            new Parameter.OfCount("turns", "Turns", "How often the twine goes round both.", 1, 8, 3);

    private static final Length HOLE = Length.ofInches(1, 8);
    private static final Length TAIL = Length.ofInches(5);

    @Override
    public String key() {
        return "tie";
    }

    @Override
    public String title() {
        return "Tie";
    }

    @Override
    public String sentence() {
        return "Two brads and a twine that holds the card shut.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(Placing.ALL);
        all.addAll(List.of(APART, TURNS));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(Placing.asked(settings));
        asked.addAll(List.of(APART, TURNS));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Size hole = new Size(HOLE, HOLE);
        Size pair = new Size(site.brief().length(APART).plus(HOLE), HOLE);
        Point corner = Placing.corner(site, pair);
        Point second = corner.plus(site.brief().length(APART), Length.ZERO);
        CutShape round = new CutShape(CutShape.Kind.OVAL, hole);
        return Window.fitting(site, round.outline().plus(corner.x(), corner.y()), "The first hole")
                .then(ok -> other(site, round, second))
                .then(others -> {
                    Work.Collector work = new Work.Collector();
                    holes(site, round, corner).forEach(each -> work.opening(each.piece(), each.what()));
                    others.forEach(each -> work.opening(each.piece(), each.what()));
                    Length twine = site.brief()
                            .length(APART)
                            .multipliedBy(2L * site.brief().count(TURNS))
                            .plus(TAIL.multipliedBy(2));
                    return Outcome.made(work.supply(Supply.count(site.id(), "brad", 2))
                            .supply(Supply.length(site.id(), "twine", twine))
                            .direction(
                                    site.piece(),
                                    Phrase.of(
                                            "Set the two brads of " + site.name() + " and wind the twine round both."))
                            .end());
                });
    }

    /** The piece itself and all it is stuck to. */
    private static List<Work.On<Opening>> holes(Site site, CutShape round, Point corner) {
        List<Work.On<Opening>> holes = new ArrayList<>();
        holes.add(new Work.On<>(site.piece(), site.opening("hole", round, corner)));
        site.below().forEach(deeper -> holes.add(on(deeper, site, round, corner)));
        return holes;
    }

    private static Work.On<Opening> on(Site.Deeper deeper, Site site, CutShape round, Point corner) {
        return new Work.On<>(
                deeper.piece(),
                new Opening(site.id(), "hole", round, Placement.at(corner).within(deeper.frame())));
    }

    /** The second hole: beside the first, or in the panel beside and all that covers it there. */
    private static Outcome<List<Work.On<Opening>>> other(Site site, CutShape round, Point second) {
        Outline there = round.outline().plus(second.x(), second.y());
        if (Overlay.contains(site.room(), there)) {
            return Outcome.made(holes(site, round, second));
        }
        return site.beside().stream()
                .filter(panel -> Overlay.contains(Region.of(panel.panel().outline()), there.in(panel.frame())))
                .findFirst()
                .map(panel -> Outcome.made(Stream.concat(
                                Stream.of(on(panel, site, round, second)),
                                panel.covers().stream()
                                        .filter(cover -> Overlay.contains(
                                                Region.of(cover.panel().outline()), there.in(cover.frame())))
                                        .map(cover -> on(cover, site, round, second)))
                        .toList()))
                .orElseGet(() -> Outcome.refused(
                        APART.key(), "The second brad would lie beside the card: put them closer together."));
    }
}
