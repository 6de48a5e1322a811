package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

/**
 * A window with film, a wall and loose filler behind it.
 *
 * <p>The film laps the opening all round; the wall stands outside the opening and under the frame, where it is not seen. Built on
 * top, the piece it sits on is the back; built through the panel, the opening is cut in the panel itself and a back closes it
 * from behind. To see through, the back has the same opening in exact register, and a film of its own.
 */
public record Shaker() implements Feature {

    /** How it is built. */
    public static final Parameter.OfChoice BUILT = Parameter.OfChoice.of(
            "built",
            "Built",
            "On top with a frame of its own, or with the opening in the panel itself.",
            Shaker.ON_TOP,
            "on top, framed",
            Shaker.THROUGH,
            "through the panel");
    /** How much of the frame, or of the back, reaches past the opening. */
    public static final Parameter.OfLength BORDER = Shapes.length(
            "border",
            "Frame width",
            "What the frame or the back reaches past the opening, on each side.",
            "1/4",
            "4",
            "1/2");
    /** How far the film laps the opening. */
    public static final Parameter.OfLength LAP =
            Shapes.length("lap", "Film laps by", "How far the film reaches past the opening.", "1/16", "2", "1/4");
    /** How deep it is. */
    public static final Parameter.OfLength DEPTH =
            Shapes.length("depth", "Depth", "How high the wall is.", "1/32", "1/2", "1/8");
    /** What the wall is made of. */
    public static final Parameter.OfChoice WALL = Parameter.OfChoice.of(
            "wall",
            "Wall",
            "Foam tape, or paper frames stacked to the depth.",
            "foam",
            "foam tape",
            "frames",
            "stacked frames");
    /** Whether one sees through it. */
    public static final Parameter.OfChoice BACK = Parameter.OfChoice.of(
            "back",
            "Back",
            "Closed, or clear so that one sees through.",
            "closed",
            "closed",
            Shaker.CLEAR,
            "see-through",
            Shaker.CLEAR_TO_THE_BACK,
            "see-through, and all it sits on opened in register");

    /** One sees through it. */
    public static final String CLEAR = "clear";
    /** One sees through it, and through all that its piece is stuck to. */
    public static final String CLEAR_TO_THE_BACK = "all";

    static final String ON_TOP = "top";
    static final String THROUGH = "through";

    /** A shaker moves freely when about a third of it is filled; common practice, no source. */
    private static final double FILLED = 1 / 3.0;

    /** How thick powder against static lies on what is wiped with it, in inches; common practice, no source. */
    private static final double DUSTED = 0.001;

    private static final int MOST_FRAMES = 12;

    @Override
    public String key() {
        return "shaker";
    }

    @Override
    public String title() {
        return "Shaker";
    }

    @Override
    public String sentence() {
        return "A window with film, a wall and loose filler.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(BUILT, Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ASLANT);
        all.addAll(List.of(BORDER, LAP, DEPTH, WALL, BACK));
        return all;
    }

    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Shapes.cutTo(settings, shape);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(BUILT, Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.askedAslant(settings));
        asked.addAll(List.of(BORDER, LAP, DEPTH, WALL, BACK));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER, PaperSlot.FILM);
    }

    @Override
    public boolean isPlacedByOpening() {
        return true;
    }

    @Override
    public Outcome<Work> work(Site site) {
        CutShape shape = Shapes.shape(site.brief());
        Placement laid = Placing.laid(site, shape);
        Length border = site.brief().length(BORDER);
        Outline around = shape.grown(border).outline().in(Window.around(laid, border));
        return tight(site)
                .then(ok -> Window.fitting(site, around, "The shaker with its frame"))
                .then(ok -> Window.closed(site, shape, border, BORDER))
                .then(ok -> Outcome.made(new Box(site, shape, laid).work()));
    }

    private static Outcome<Length> tight(Site site) {
        Length border = site.brief().length(BORDER);
        Length lap = site.brief().length(LAP);
        List<Refusal> reasons = new ArrayList<>();
        if (!lap.isShorterThan(border)) {
            reasons.add(new Refusal(
                    LAP.key(),
                    "The film would show past the frame: lap it by less than "
                            + site.brief().figure(border) + "."));
        }
        if (site.brief().is(WALL, "frames") && frames(site) > MOST_FRAMES) {
            reasons.add(new Refusal(
                    DEPTH.key(),
                    "That takes " + frames(site) + " frames stacked; at most " + MOST_FRAMES
                            + " are worth it: use foam tape, or less depth."));
        }
        return reasons.isEmpty() ? Outcome.made(border) : Outcome.refused(reasons);
    }

    private static int frames(Site site) {
        double caliper = site.brief().caliper(PaperSlot.PAPER).toInches();
        return (int) Math.ceil(site.brief().length(DEPTH).toInches() / caliper - 1e-9);
    }

    /**
     * The box being built.
     *
     * @param site where
     * @param shape the opening
     * @param laid where the frame of the opening lies
     */
    private record Box(Site site, CutShape shape, Placement laid) {

        Work work() {
            Work.Collector work = new Work.Collector();
            if (site.brief().is(BUILT, ON_TOP)) {
                onTop(work);
            } else {
                through(work);
            }
            work.supply(Supply.volume(
                    site.id(), "filler", shape.area() * length(DEPTH).toInches() * FILLED));
            work.supply(Supply.volume(site.id(), "powder", inside() * DUSTED));
            work.direction(new Direction(
                    site.id(),
                    site.id(),
                    Direction.Does.DUST,
                    Phrase.of("Wipe the film and the wall of " + site.name() + " with powder against static.")));
            work.direction(new Direction(
                    site.id(), site.id(), Direction.Does.FILL, Phrase.of("Fill " + site.name() + " a third full.")));
            return work.end();
        }

        /** What the filler touches, in square inches: in front, behind, and the wall. */
        private double inside() {
            return 2 * shape.area() + shape.perimeter() * length(DEPTH).toInches();
        }

        private Length length(Parameter.OfLength parameter) {
            return site.brief().length(parameter);
        }

        private Placement out(Length by) {
            return Window.around(laid, by);
        }

        /** Frame over film over wall over what is there, which is the back. */
        private void onTop(Work.Collector work) {
            boolean clear = isClear();
            Piece frame = Window.ring(site.id(), site.name(), site, shape, length(BORDER));
            Piece film = film("film", "film");
            PanelId wall = wall(work, site.panel(), site.side());
            Panel lying = wall.equals(site.panel())
                    ? site.on(frame, out(length(BORDER)))
                    : Panel.stuck(PanelId.of(frame.id()), frame.id(), frame.outline(), wall, Side.UP, Placement.SAME);
            Adhesion held = wall.equals(site.panel()) ? Adhesion.foam(length(DEPTH)) : Adhesion.FLAT;
            work.piece(frame, held, lying);
            work.piece(film, stuckTo(frame, Side.UNDER, film));
            if (clear) {
                work.opening(site.piece(), site.opening("opening", shape, laid));
                openBelow(work);
                Piece second = film("back-film", "second film");
                work.piece(second, site.behind(second, out(length(LAP))));
            }
        }

        private boolean isClear() {
            return site.brief().is(BACK, CLEAR) || site.brief().is(BACK, CLEAR_TO_THE_BACK);
        }

        private void openBelow(Work.Collector work) {
            if (site.brief().is(BACK, CLEAR_TO_THE_BACK)) {
                site.below().forEach(deeper -> work.opening(deeper.piece(), Window.on(deeper, site, shape, laid)));
            }
        }

        /** A film on the side of a frame or a back that is turned to the filler. */
        private Panel stuckTo(Piece frame, Side side, Piece film) {
            Length in = length(BORDER).minus(length(LAP));
            return Panel.stuck(
                    PanelId.of(film.id()),
                    film.id(),
                    film.outline(),
                    PanelId.of(frame.id()),
                    side,
                    Placement.at(new Point(in, in)));
        }

        /** Film behind the panel, then the wall, then the back. */
        private void through(Work.Collector work) {
            boolean clear = isClear();
            openBelow(work);
            work.opening(site.piece(), site.opening("opening", shape, laid));
            Piece film = film("film", "film");
            work.piece(film, site.behind(film, out(length(LAP))));
            Piece back = clear
                    ? Window.ring(site.id(), site.name(), site, shape, length(BORDER))
                    : Piece.of(
                            site.id(),
                            site.name(),
                            site.brief().paper(PaperSlot.PAPER),
                            shape.grown(length(BORDER)).outline());
            PanelId wall = wall(work, site.panel(), site.side().opposite());
            boolean foam = wall.equals(site.panel());
            Panel lying = foam
                    ? site.behind(back, out(length(BORDER)))
                    : Panel.stuck(PanelId.of(back.id()), back.id(), back.outline(), wall, Side.UNDER, Placement.SAME);
            work.piece(back, foam ? Adhesion.foam(length(DEPTH)) : Adhesion.FLAT, lying);
            if (clear) {
                Piece second = film("back-film", "second film");
                work.piece(second, stuckTo(back, Side.UP, second));
            }
        }

        /** Of the opening's own shape, so that it laps it alike all round and stays within the wall. */
        private Piece film(String suffix, String called) {
            Outline outline = shape.grown(length(LAP)).outline();
            return Piece.of(
                    site.part(suffix), site.name() + ", " + called, site.brief().paper(PaperSlot.FILM), outline);
        }

        /**
         * Foam tape in the middle of the frame, as long as the way round there; or frames stacked on each other.
         *
         * @return the panel that what follows is stuck to
         */
        private PanelId wall(Work.Collector work, PanelId on, Side side) {
            if (site.brief().is(WALL, "foam")) {
                // What holds the frame is the wall: the tape of its join.
                return on;
            }
            PanelId below = on;
            Placement placement = out(length(BORDER)).within(site.frame());
            Side face = side;
            for (int i = 1; i <= frames(site); i++) {
                PieceId id = site.part("wall-" + i);
                // Cut by the pair of dies that cuts the frame, so that it stays out of sight behind it.
                Piece ring = Window.ring(id, site.name() + ", wall " + i, site, shape, length(BORDER));
                work.piece(ring, Panel.stuck(PanelId.of(id), id, ring.outline(), below, face, placement));
                below = PanelId.of(id);
                placement = Placement.SAME;
                face = side == site.side() ? Side.UP : Side.UNDER;
            }
            return below;
        }
    }
}
