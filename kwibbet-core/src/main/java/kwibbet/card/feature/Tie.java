package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Opening;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Two brads and a twine wound round them in a figure of eight; one of them may sit on the panel beside this one or behind it. */
public record Tie() implements Feature {

    /** How far apart the brads are. */
    public static final Parameter.OfLength APART =
            Shapes.length("apart", "Apart", "From one brad to the other, when the card is shut.", "1/2", "12", "1 1/2");
    /** How often the twine goes round. */
    public static final Parameter.OfCount TURNS =
            new Parameter.OfCount("turns", "Turns", "How often the twine goes round both.", 1, 8, 3);

    /** Which way the twine runs. */
    public static final Parameter.OfChoice RUNS = Running.way("Which way the twine runs.");

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
        all.addAll(List.of(RUNS, APART, TURNS));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(Placing.asked(settings));
        asked.addAll(List.of(RUNS, APART, TURNS));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /** With one brad on each side of an edge: the right one, the left one, the lower and the upper one; also closer together. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        Graduation marks = Graduation.usual(system);
        return Stream.of(settings.length(APART), system.usual(Length.ofInches(1)), system.usual(APART.least()))
                .map(apart -> settings.with(APART, apart))
                .flatMap(each -> Stream.concat(
                        Stream.of(room.width(), Length.ZERO).map(edge -> astride(each, Running.ACROSS, edge, marks)),
                        Stream.of(room.height(), Length.ZERO).map(edge -> astride(each, Running.DOWN, edge, marks))))
                .toList();
    }

    private static Settings astride(Settings settings, String runs, Length edge, Graduation marks) {
        Settings tie = settings.with(RUNS, runs);
        Length from = edge.minus(settings.length(APART).plus(HOLE).half())
                .roundedTo(marks)
                .shown();
        return runs.equals(Running.ACROSS)
                ? tie.with(Placing.ACROSS, Placing.BY).with(Placing.FROM_LEFT, from)
                : tie.with(Placing.DOWN, Placing.BY).with(Placing.FROM_TOP, from);
    }

    @Override
    public Outcome<Work> work(Site site) {
        Length apart = site.brief().length(APART);
        boolean across = Running.isAcross(RUNS, site.brief());
        Length along = apart.plus(HOLE);
        Point corner = Placing.corner(site, Running.size(across, along, HOLE));
        Point first = corner.plus(HOLE.half(), HOLE.half());
        Point second = Running.along(across, first, apart);
        boolean firstIsHere = Overlay.contains(site.room(), hole(first));
        Point here = firstIsHere ? first : second;
        return Window.fitting(site, hole(here), "The nearer hole")
                .then(ok -> other(site, firstIsHere ? second : first))
                .then(others -> Outcome.made(tied(site, Holes.here(site, HOLE, here), others)));
    }

    private static Outline hole(Point middle) {
        Rect box = Rect.around(middle, new Size(HOLE, HOLE));
        return Holes.round(HOLE).outline().plus(box.left(), box.top());
    }

    private static Work tied(Site site, List<Work.On<Opening>> here, List<Work.On<Opening>> others) {
        Work.Collector work = new Work.Collector();
        Stream.concat(here.stream(), others.stream()).forEach(each -> work.opening(each.piece(), each.what()));
        Length twine = site.brief()
                .length(APART)
                .multipliedBy(2L * site.brief().count(TURNS))
                .plus(TAIL.multipliedBy(2));
        return work.supply(Supply.count(site.id(), "brad", 2))
                .supply(Supply.length(site.id(), "twine", twine))
                .direction(new Direction(
                        site.id(),
                        site.below().stream()
                                .reduce((upper, lower) -> lower)
                                .map(Site.Deeper::piece)
                                .orElse(site.piece()),
                        Direction.Does.FASTEN,
                        Phrase.of("Set the two brads of " + site.name() + " and wind the twine round both.")))
                .end();
    }

    /**
     * The other hole: beside the first, or in what its piece is stuck to; or in the panel that is seen there when the card, or the small card it ties, is shut, and all that
     * covers it.
     */
    private static Outcome<List<Work.On<Opening>>> other(Site site, Point second) {
        Outline there = hole(second);
        if (Overlay.contains(site.room(), there)) {
            return Outcome.made(Holes.here(site, HOLE, second));
        }
        List<Site.Deeper> below =
                site.below().stream().dropWhile(layer -> !reaches(layer, there)).toList();
        Stream<Site.Deeper> through = below.isEmpty()
                ? site.others().stream()
                        .filter(panel -> reaches(panel, there))
                        .limit(1)
                        .flatMap(panel -> Stream.concat(Stream.of(panel), panel.covers().stream()))
                : below.stream();
        List<Work.On<Opening>> holes = through.filter(each -> reaches(each, there))
                .map(each -> Holes.in(each, site, HOLE, second))
                .toList();
        return holes.isEmpty()
                ? Outcome.refused(APART.key(), "The other brad would lie beside the card: put them closer together.")
                : Outcome.made(holes);
    }

    private static boolean reaches(Site.Deeper layer, Outline hole) {
        return Overlay.contains(Region.of(layer.panel().outline()), hole.in(layer.frame()));
    }
}
