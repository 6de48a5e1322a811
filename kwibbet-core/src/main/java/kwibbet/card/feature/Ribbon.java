package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;

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
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Decorative tape, ribbon or twine from edge to edge of a face: cut off there, turned behind, or all round with a knot or a bow. */
public record Ribbon() implements Feature {

    /** What it is. */
    public static final Parameter.OfChoice KIND = Parameter.OfChoice.of(
            "ribbon",
            "What",
            "What runs there.",
            Ribbon.TAPE,
            "decorative tape",
            "ribbon",
            "ribbon",
            Ribbon.TWINE,
            "twine");
    /** How wide it is. */
    public static final Parameter.OfLength WIDE = Shapes.length("wide", "Wide", "How wide it is.", "1/32", "6", "5/8");
    /** Which way it runs. */
    public static final Parameter.OfChoice RUNS = Running.way("Which way it runs.");
    /** What becomes of its ends. */
    public static final Parameter.OfChoice ENDS = Parameter.OfChoice.of(
            "ends",
            "Ends",
            "What becomes of its ends.",
            Ribbon.CUT_OFF,
            "cut off at the edge",
            Ribbon.BEHIND,
            "turned behind",
            Ribbon.KNOT,
            "all round, knotted",
            Ribbon.BOW,
            "all round, in a bow");
    /** How far each end goes behind. */
    public static final Parameter.OfLength TURNED =
            Shapes.length("turned", "Turned behind", "How far each end goes behind.", "1/8", "6", "1/2");
    /** What a knot takes. */
    public static final Parameter.OfLength FOR_KNOT =
            Shapes.length("for-knot", "For the knot", "What the knot and both its tails take.", "1", "40", "5");
    /** What a bow takes. */
    public static final Parameter.OfLength FOR_BOW =
            Shapes.length("for-bow", "For the bow", "What both loops, the knot and both tails take.", "2", "60", "12");

    /** Common practice, no source. */
    private static final Length THICK = Length.ofInches(1, 64);
    /** Twine is about so wide. Common practice, no source. */
    private static final Length TWINE_WIDE = Length.ofInches(1, 16);

    /** It sticks by itself. */
    public static final String TAPE = "tape";
    /** It is twisted. */
    public static final String TWINE = "twine";
    /** Cut off at the edge of what it runs over. */
    public static final String CUT_OFF = "cut";
    /** Turned round the edge and held behind. */
    public static final String BEHIND = "behind";
    /** Tied in a knot. */
    public static final String KNOT = "knot";
    /** Tied in a bow. */
    public static final String BOW = "bow";

    @Override
    public String key() {
        return "ribbon";
    }

    @Override
    public String title() {
        return "Ribbon and tape";
    }

    @Override
    public String sentence() {
        return "Decorative tape, ribbon or twine from edge to edge.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(KIND, WIDE, Colours.COLOUR, RUNS));
        all.addAll(Placing.ALL);
        all.addAll(List.of(ENDS, TURNED, FOR_KNOT, FOR_BOW));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(KIND, WIDE, Colours.COLOUR, RUNS));
        boolean across = Running.isAcross(RUNS, settings);
        asked.add(across ? Placing.DOWN : Placing.ACROSS);
        if (settings.is(across ? Placing.DOWN : Placing.ACROSS, Placing.BY)) {
            asked.add(across ? Placing.FROM_TOP : Placing.FROM_LEFT);
        }
        asked.add(ENDS);
        switch (settings.choice(ENDS)) {
            case BEHIND -> asked.add(TURNED);
            case KNOT -> asked.add(FOR_KNOT);
            case BOW -> asked.add(FOR_BOW);
            default -> {
                // What is cut off takes nothing more.
            }
        }
        return asked;
    }

    @Override
    public Settings following(Settings before, Settings after, MeasureSystem system) {
        Length now = usual(after, system);
        boolean isOfAnotherWidth = !now.equals(usual(before, system));
        return isOfAnotherWidth && after.length(WIDE).equals(usual(before, system)) ? after.with(WIDE, now) : after;
    }

    private static Length usual(Settings settings, MeasureSystem system) {
        return system.usual(settings.is(KIND, TWINE) ? TWINE_WIDE : WIDE.preset());
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        boolean across = Running.isAcross(RUNS, site.brief());
        Length wide = site.brief().length(WIDE);
        Length along = across ? site.size().width() : site.size().height();
        Length room = across ? site.size().height() : site.size().width();
        if (wide.isLongerThan(room)) {
            return Outcome.refused(
                    WIDE.key(),
                    "It is wider than the " + site.place() + ". It can be at most "
                            + site.brief().figure(room) + ".");
        }
        if (site.brief().is(KIND, TAPE) && isTied(site)) {
            return Outcome.refused(
                    ENDS.key(), "Tape is not tied: cut it off at the edge or turn it behind, or take ribbon or twine.");
        }
        if (site.brief().is(ENDS, BEHIND) && site.brief().length(TURNED).isLongerThan(along.half())) {
            return Outcome.refused(
                    TURNED.key(),
                    "Its ends would meet behind. They can reach at most "
                            + site.brief().figure(along.half()) + ".");
        }
        Size size = Running.size(across, along, wide);
        Point placed = Placing.corner(site, size);
        Point corner = across
                ? new Point(site.bounds().left(), placed.y())
                : new Point(placed.x(), site.bounds().top());
        Rect box = new Rect(corner, size);
        return site.bounds().contains(box)
                ? Outcome.made(laid(site, box))
                : Outcome.refused(
                        across ? Placing.FROM_TOP.key() : Placing.FROM_LEFT.key(),
                        "It runs past the edge of the " + site.place() + ".");
    }

    private static Work laid(Site site, Rect box) {
        boolean across = Running.isAcross(RUNS, site.brief());
        String kind = KIND.way(site.brief().choice(KIND)).label();
        String name = Colours.named(site.brief(), kind) + ", "
                + site.brief().figure(site.brief().length(WIDE)) + " wide";
        Length along = across ? box.size().width() : box.size().height();
        Work.Collector work = new Work.Collector();
        work.zone(
                site.piece(),
                site.setOn(Outline.of(box), THICK, kind + " of “" + site.name() + "”", Colours.drawn(site.brief())));
        Length all =
                switch (site.brief().choice(ENDS)) {
                    case BEHIND -> along.plus(site.brief().length(TURNED).multipliedBy(2));
                    case KNOT -> along.multipliedBy(2).plus(site.brief().length(FOR_KNOT));
                    case BOW -> along.multipliedBy(2).plus(site.brief().length(FOR_BOW));
                    default -> along;
                };
        work.supply(Supply.length(site.id(), name, all));
        if (!site.brief().is(KIND, TAPE) && !isTied(site)) {
            work.supply(Supply.count(site.id(), "glue dot", site.brief().is(ENDS, BEHIND) ? 2 : 3));
        }
        return work.direction(new Direction(
                        site.id(),
                        site.piece(),
                        site.brief().is(ENDS, CUT_OFF) ? Direction.Does.SET_ON : Direction.Does.BIND,
                        words(site, box, kind, all)))
                .end();
    }

    private static boolean isTied(Site site) {
        return site.brief().is(ENDS, KNOT) || site.brief().is(ENDS, BOW);
    }

    private static Phrase words(Site site, Rect box, String kind, Length all) {
        boolean across = Running.isAcross(RUNS, site.brief());
        Phrase.Writer writer = Phrase.in(site.brief().system())
                .words("Cut ")
                .length(all)
                .words(" of " + kind + " and lay it " + (across ? "across" : "down") + " the " + site.place() + ", ")
                .length(
                        across
                                ? box.top().minus(site.bounds().top())
                                : box.left().minus(site.bounds().left()))
                .words(across ? " from the top" : " from the left");
        switch (site.brief().choice(ENDS)) {
            case BEHIND ->
                writer.words(", its ends turned ")
                        .length(site.brief().length(TURNED))
                        .words(" behind" + (site.brief().is(KIND, TAPE) ? "." : ", each on a glue dot."));
            case KNOT -> writer.words(" and all round, and knot it in front.");
            case BOW -> writer.words(" and all round, and tie it in a bow in front.");
            default -> writer.words(site.brief().is(KIND, TAPE) ? "." : ", on three glue dots.");
        }
        return writer.end();
    }
}
