package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Gems, drops of gloss, sequins, buttons or brads in a row. What they take of height is common practice, no source. */
public record Bits() implements Feature {

    /** What they are. */
    public static final Parameter.OfChoice KIND = Parameter.OfChoice.of(
            "bit",
            "What",
            "What is set there.",
            Bits.GEM,
            "gem",
            Bits.DROP,
            "drop of gloss",
            Bits.SEQUIN,
            "sequin",
            Bits.BUTTON,
            "button",
            Bits.BRAD,
            "brad");
    /** How wide one is. */
    public static final Parameter.OfLength ACROSS =
            Shapes.length("across-one", "Wide", "Across one of them.", "1/16", "1 1/2", "3/16");
    /** How many. */
    public static final Parameter.OfCount COUNT =
            new Parameter.OfCount("count", "How many", "How many stand in the row.", 1, 40, 3);
    /** Which way the row runs. */
    public static final Parameter.OfChoice RUNS = Running.way("Which way the row runs.");
    /** From one to the next. */
    public static final Parameter.OfLength APART =
            Shapes.length("apart", "Apart", "From the middle of one to the middle of the next.", "1/16", "12", "1/2");

    /** A cut stone with its own adhesive. */
    public static final String GEM = "gem";
    /** Poured, and left to set. */
    public static final String DROP = "drop";
    /** Flat, on a glue dot. */
    public static final String SEQUIN = "sequin";
    /** On a glue dot. */
    public static final String BUTTON = "button";
    /** Its legs go through a hole. */
    public static final String BRAD = "brad";

    /** How far the head and the legs of a brad stand up together; common practice, no source. */
    static final Length BRAD_RISE = Length.ofInches(1, 8);

    private static final Length HOLE = Length.ofInches(1, 16);
    /** A drop is half a flattened ball, half as high as its radius: two thirds of π r² h. */
    private static final double DROP_SHARE = 2.0 / 3 * Math.PI / 2;

    @Override
    public String key() {
        return "bits";
    }

    @Override
    public String title() {
        return "Gems and brads";
    }

    @Override
    public String sentence() {
        return "Gems, drops, sequins, buttons or brads in a row.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(KIND, ACROSS, Colours.COLOUR, COUNT, RUNS, APART));
        all.addAll(Placing.ALL);
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(KIND, ACROSS, Colours.COLOUR, COUNT));
        if (settings.count(COUNT) > 1) {
            asked.addAll(List.of(RUNS, APART));
        }
        asked.addAll(Placing.asked(settings));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /** As many as there is room for side by side. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        return IntStream.iterate(settings.count(COUNT), count -> count > 0, count -> count - 1)
                .mapToObj(count -> settings.with(COUNT, count))
                .toList();
    }

    @Override
    public Outcome<Work> work(Site site) {
        int count = site.brief().count(COUNT);
        Length one = site.brief().length(ACROSS);
        Length apart = site.brief().length(APART);
        if (count > 1 && apart.isShorterThan(one)) {
            return Outcome.refused(
                    APART.key(),
                    "They would lie over each other: at least " + site.brief().figure(one) + " from one to the next.");
        }
        Length along = count == 1 ? one : apart.multipliedBy(count - 1L).plus(one);
        boolean across = Running.isAcross(RUNS, site.brief());
        Point first = Placing.corner(site, Running.size(across, along, one));
        List<Rect> boxes = IntStream.range(0, count)
                .mapToObj(i -> apart.multipliedBy(i))
                .map(by -> Running.along(across, first, by))
                .map(corner -> new Rect(corner, new Size(one, one)))
                .toList();
        Rect row = boxes.stream().reduce(Rect::around).orElseThrow(() -> new IllegalStateException("a row has bits"));
        if (boxes.stream().allMatch(box -> Overlay.contains(site.room(), round(box)))) {
            return Outcome.made(set(site, boxes));
        }
        return Window.fitting(site, Outline.of(row), count == 1 ? "It" : "The row")
                .then(ok ->
                        Outcome.refused("form", "One of them would lie past the edge of the " + site.place() + "."));
    }

    private static Outline round(Rect box) {
        return new CutShape(CutShape.Kind.OVAL, box.size()).outline().plus(box.left(), box.top());
    }

    private static Work set(Site site, List<Rect> boxes) {
        Work.Collector work = new Work.Collector();
        String kind = site.brief().choice(KIND);
        String called = KIND.way(kind).label();
        int count = boxes.size();
        Length one = site.brief().length(ACROSS);
        Optional<Colour> colour = Colours.drawn(site.brief());
        String words = called + " of “" + site.name() + "”";
        boxes.forEach(box -> work.zone(site.piece(), site.setOn(round(box), rise(kind, one), words, colour)));
        String name = Colours.named(site.brief(), called) + ", " + site.brief().figure(one);
        switch (kind) {
            case DROP -> {
                double radius = one.half().toInches();
                work.supply(Supply.volume(site.id(), "gloss", DROP_SHARE * radius * radius * radius * count));
            }
            case SEQUIN, BUTTON ->
                work.supply(Supply.count(site.id(), name, count)).supply(Supply.count(site.id(), "glue dot", count));
            default -> work.supply(Supply.count(site.id(), name, count));
        }
        if (kind.equals(BRAD)) {
            boxes.stream()
                    .flatMap(box -> Holes.here(site, HOLE, box.middle()).stream())
                    .forEach(hole -> work.opening(hole.piece(), hole.what()));
        }
        return work.direction(direction(site, boxes, kind, called)).end();
    }

    /** A gem and a button are about a third as high as they are wide, a drop a quarter, a brad's head and its legs an eighth of an inch; a sequin is flat. */
    private static Length rise(String kind, Length across) {
        return switch (kind) {
            case SEQUIN -> Length.ofInches(1, 64);
            case DROP -> across.dividedDownBy(4);
            case BRAD -> BRAD_RISE;
            default -> across.dividedDownBy(3);
        };
    }

    private static Direction direction(Site site, List<Rect> boxes, String kind, String called) {
        int count = boxes.size();
        String what = count == 1 ? "the " + called : "the " + count + " " + plural(kind, called);
        Phrase.Writer writer = Phrase.in(site.brief().system())
                .words(kind.equals(BRAD) ? "Set " : kind.equals(DROP) ? "Pour " : "Stick ")
                .words(what + " of " + site.name())
                .words(
                        !kind.equals(BRAD)
                                ? ""
                                : count == 1
                                        ? " through its hole and spread the legs behind."
                                        : " through their holes and spread the legs behind.")
                .words(kind.equals(SEQUIN) || kind.equals(BUTTON) ? ", each on a glue dot," : "");
        if (!kind.equals(BRAD)) {
            Point middle = boxes.get(0).middle();
            writer.words(" on the " + site.place() + ": " + (count == 1 ? "its middle " : "the first "))
                    .length(middle.x().minus(site.bounds().left()))
                    .words(" from the left and ")
                    .length(middle.y().minus(site.bounds().top()))
                    .words(" from the top");
            if (count > 1) {
                writer.words(", then every ")
                        .length(site.brief().length(APART))
                        .words(Running.isAcross(RUNS, site.brief()) ? " to the right" : " down");
            }
            writer.words(".");
        }
        Direction.Does does =
                switch (kind) {
                    case BRAD -> Direction.Does.FASTEN;
                    case DROP -> Direction.Does.POUR;
                    default -> Direction.Does.SET_ON;
                };
        return new Direction(site.id(), site.piece(), does, writer.end());
    }

    private static String plural(String kind, String called) {
        return kind.equals(DROP) ? "drops of gloss" : called + "s";
    }
}
