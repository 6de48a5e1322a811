package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

import kwibbet.card.Adhesion;
import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Hold;
import kwibbet.card.Lines;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A pleated blind hung behind an opening.
 *
 * <p>The strip is wider than the opening by a lap on each side. Let down, each pleat stands {@code 20°} off the panel and so takes
 * {@code p · cos 20°} of the drop; an even number of pleats covers the opening and a lap above and below it. The first fold is a valley.
 * Raised, the pleats lie on each other: the stack is as thick as their calipers and one pleat high. Two cords run through holes
 * near both ends of every pleat.
 */
public record Blind() implements Feature {

    /** How deep a pleat is. */
    public static final Parameter.OfLength PLEAT =
            Shapes.length("pleat", "Pleat", "How deep each pleat is.", "1/8", "2", "1/2");
    /** How far it reaches past the opening. */
    public static final Parameter.OfLength LAP =
            Shapes.length("lap", "Laps by", "How far it reaches past the opening on each side.", "1/8", "2", "1/4");
    /** How high the valance is. */
    public static final Parameter.OfLength VALANCE = Shapes.length(
            "valance", "Valance", "The strip with one folded edge that hides its top.", "1/4", "3", "3/4");

    private static final int OFF_PANEL = 20;
    private static final int MOST_PLEATS = 60;
    private static final Length FOLDED_EDGE = Length.ofInches(1, 4);
    private static final Length HOLE = Length.ofInches(1, 8);
    private static final Length TAIL = Length.ofInches(4);

    @Override
    public String key() {
        return "blind";
    }

    @Override
    public String title() {
        return "Pleated blind";
    }

    @Override
    public String sentence() {
        return "A corded blind that hangs behind an opening, under a valance.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        all.addAll(List.of(PLEAT, LAP, VALANCE));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        asked.addAll(List.of(PLEAT, LAP, VALANCE));
        return asked;
    }

    @Override
    public Outcome<Work> work(Site site) {
        Size opening = Shapes.size(site.brief());
        Point corner = Placing.corner(site, opening);
        Length lap = site.brief().length(LAP);
        Outline behind = Outline.of(Rect.of(
                corner.x().minus(lap),
                corner.y().minus(lap),
                opening.width().plus(lap.multipliedBy(2)),
                opening.height().plus(lap.multipliedBy(2))));
        List<Refusal> reasons = impossible(site, opening);
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        return Window.fitting(site, behind, "The blind, which reaches past its opening,")
                .then(ok -> Outcome.made(new Hanging(site, opening, corner).work()));
    }

    /** How many pleats cover a drop: the next even number. */
    static int pleats(Length drop, Length pleat) {
        double each = pleat.toInches() * Math.cos(Math.toRadians(OFF_PANEL));
        int needed = (int) Math.ceil(drop.toInches() / each - 1e-9);
        return needed + needed % 2;
    }

    private static List<Refusal> impossible(Site site, Size opening) {
        List<Refusal> reasons = new ArrayList<>();
        Length drop = opening.height().plus(site.brief().length(LAP).multipliedBy(2));
        int pleats = pleats(drop, site.brief().length(PLEAT));
        if (pleats > MOST_PLEATS) {
            reasons.add(new Refusal(
                    PLEAT.key(), "That takes " + pleats + " pleats; at most " + MOST_PLEATS + ": fold them deeper."));
        }
        if (site.brief().length(PLEAT).isShorterThan(HOLE.multipliedBy(2))) {
            String least = site.brief().figure(HOLE.multipliedBy(2)).toString();
            reasons.add(new Refusal(PLEAT.key(), "A pleat must be at least " + least + " deep to be punched."));
        }
        if (opening.width().isShorterThan(Length.ofInches(1))) {
            reasons.add(new Refusal(
                    Shapes.WIDTH.key(),
                    "Two cords need an opening " + site.brief().figure(Length.ofInches(1)) + " wide."));
        }
        return reasons;
    }

    /**
     * The blind as it hangs.
     *
     * @param site where
     * @param opening the size of the opening
     * @param corner its left top corner
     */
    private record Hanging(Site site, Size opening, Point corner) {

        private Length lap() {
            return site.brief().length(LAP);
        }

        private Length pleat() {
            return site.brief().length(PLEAT);
        }

        private int count() {
            return pleats(opening.height().plus(lap().multipliedBy(2)), pleat());
        }

        Work work() {
            Work.Collector work = new Work.Collector();
            CutShape window = new CutShape(CutShape.Kind.RECTANGLE, opening);
            work.opening(site.piece(), site.opening("opening", window, corner));
            Piece strip = strip();
            work.piece(strip, Adhesion.FLAT, panels(strip));
            valance(work);
            Length drop = opening.height().plus(lap().multipliedBy(2));
            Length cords = drop.plus(opening.width()).plus(TAIL).multipliedBy(2);
            work.supply(Supply.length(site.id(), "cord", cords));
            work.direction(new Direction(site.id(), site.id(), Direction.Does.THREAD, sentence()));
            // A layer is stuck over the back of what hangs behind it. With nothing behind it when the card is shut, its
            // back is on show in any case.
            if (site.below().isEmpty() && !site.behind().isEmpty()) {
                Adhesion allRound = Adhesion.glue().held(new Hold.Along(EnumSet.allOf(Edge.class)));
                work.closure(GluedShut.closing(site, site.behind().get(0), allRound));
                work.direction(new Direction(
                        site.id(),
                        site.id(),
                        Direction.Does.CLOSE,
                        Phrase.of("Glue the " + site.place() + " shut over the back of " + site.name() + ".")));
            }
            return work.end();
        }

        private Phrase sentence() {
            MeasureSystem system = site.brief().system();
            Length stack = site.brief().caliper(PaperSlot.PAPER).multipliedBy(count());
            return Phrase.in(system)
                    .words("Squeeze " + site.name() + " into its " + count() + " pleats of ")
                    .length(pleat())
                    .words(", thread two cords through the holes and knot them below. Raised, the pleats stack ")
                    .length(stack.roundedUpTo(site.brief().materials().trim()).shown())
                    .words(" thick.")
                    .end();
        }

        private Piece strip() {
            Length width = opening.width().plus(lap().multipliedBy(2));
            Size size = new Size(width, pleat().multipliedBy(count()));
            List<Score> scores = new ArrayList<>();
            for (int i = 1; i < count(); i++) {
                Score.Fold fold = i % 2 == 1 ? Score.Fold.VALLEY : Score.Fold.MOUNTAIN;
                scores.add(Score.level(pleatFold(i), pleat().multipliedBy(i), size, fold));
            }
            Piece strip = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), size)
                    .scored(scores);
            Length half = pleat().minus(HOLE).half();
            Length in = Length.max(lap(), Length.ofInches(3, 8));
            for (int i = 0; i < count(); i++) {
                Length top = pleat().multipliedBy(i).plus(half);
                strip = strip.opened(hole(new Point(in, top)))
                        .opened(hole(new Point(width.minus(in).minus(HOLE), top)));
            }
            return strip;
        }

        private ScoreId pleatFold(int number) {
            return site.scorePart("pleat-" + number);
        }

        private Opening hole(Point at) {
            CutShape round = new CutShape(CutShape.Kind.OVAL, new Size(HOLE, HOLE));
            return new Opening(site.id(), "hole", round, Placement.at(at));
        }

        /** The first pleat is stuck behind the panel above the opening; the others hang from it, to and fro. */
        private List<Panel> panels(Piece strip) {
            List<Panel> panels = new ArrayList<>();
            Length width = strip.size().width();
            for (int i = 0; i < count(); i++) {
                Outline outline = Outline.of(Rect.of(Length.ZERO, pleat().multipliedBy(i), width, pleat()));
                Placement behind = site.at(corner.plus(lap().negated(), lap().negated()));
                panels.add(
                        i == 0
                                ? Panel.stuck(
                                        panel(i),
                                        site.id(),
                                        outline,
                                        site.panel(),
                                        site.side().opposite(),
                                        behind)
                                : Panel.folded(
                                        panel(i),
                                        site.id(),
                                        outline,
                                        panel(i - 1),
                                        pleatFold(i),
                                        i == 1 ? OFF_PANEL : 2 * OFF_PANEL));
            }
            return panels;
        }

        private PanelId panel(int pleat) {
            return pleat == 0 ? PanelId.of(site.id()) : site.panelPart(String.valueOf(pleat));
        }

        private void valance(Work.Collector work) {
            PieceId id = site.part("valance");
            Length width = opening.width().plus(lap().multipliedBy(2));
            Size size = new Size(width, site.brief().length(VALANCE).plus(FOLDED_EDGE));
            PanelId turned = site.panelPart("valance-edge");
            Piece valance = Piece.of(id, site.name() + ", valance", site.brief().paper(PaperSlot.PAPER), size)
                    .scored(List.of(new Score(
                            turned.hinge(),
                            Lines.level(site.brief().length(VALANCE), Length.ZERO, width),
                            Score.Fold.MOUNTAIN)));
            Outline face = Outline.of(
                    Rect.of(Length.ZERO, Length.ZERO, width, site.brief().length(VALANCE)));
            Outline edge = Outline.of(Rect.of(Length.ZERO, site.brief().length(VALANCE), width, FOLDED_EDGE));
            Point at = corner.plus(lap().negated(), lap().negated());
            work.piece(
                    valance,
                    Panel.stuck(PanelId.of(id), id, face, site.panel(), site.side(), site.at(at)),
                    Panel.folded(turned, id, edge, PanelId.of(id), turned.hinge(), 180));
        }
    }
}
