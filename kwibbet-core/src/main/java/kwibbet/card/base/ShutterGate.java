package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.card.Adhesion;
import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Parts;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Side;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.paper.PaperKind;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A gate whose doors draw two pointed shutters from behind a round opening.
 *
 * <p>Over the middle lies a sleeve, held by tabs that wrap round its ends. Behind it lie two shutters, each on a tab stuck to the inside
 * of a door. The score between tab and shutter lies {@code d = start} from the door's fold, the tab beyond it. Shut, the score lies {@code d}
 * inside the middle, where the shutter goes behind the sleeve: so {@code d} is at most what the sleeve leaves free of the middle at each side.
 * Open, it lies {@code d} outside: opening a door draws its shutter by {@code 2d}. A shutter {@code r} long beyond its score so reaches to
 * {@code d + r} when shut and to {@code r − d} when open, measured from the door's fold. It comes to a point at half its height, cut at 45°.
 *
 * <p>Common practice, no source: for 5 × 7 a gate of 10 × 7; a sleeve of 4 × 8 scored at 1/2 and 7 1/2; shutters of 4 × 4 scored at
 * 1/2, starting 1/4 in from the folds; an opening 3 across in the middle.
 */
public record ShutterGate() implements ParallelFoldBase {

    /** How wide the sleeve is. */
    public static final Parameter.OfLength SLEEVE = size(
                    "sleeve", "Sleeve", "How wide the sleeve over the middle is.", Length.ofInches(4))
            .following(Parameter.Follows.WIDTH);
    /** How wide the round opening is. */
    public static final Parameter.OfLength OPENING = size(
                    "opening", "Opening", "Across the round opening in the sleeve.", Length.ofInches(3))
            .following(Parameter.Follows.BOTH);
    /** How long a shutter is, tab included. */
    public static final Parameter.OfLength SHUTTER = size(
                    "shutter", "Shutter", "How long a shutter is from its tab to its point.", Length.ofInches(4))
            .following(Parameter.Follows.BOTH);
    /** How high a shutter is. */
    public static final Parameter.OfLength SHUTTER_HEIGHT = size(
                    "shutterHeight", "Shutter height", "How high a shutter is.", Length.ofInches(4))
            .following(Parameter.Follows.BOTH);
    /** How wide the tabs are. */
    public static final Parameter.OfLength TAB = CardSides.length(
            "tab",
            "Tabs",
            "How wide the tabs of sleeve and shutters are.",
            Length.ofInches(1, 4),
            Length.ofInches(1),
            Length.ofInches(1, 2));
    /** Where the shutters start. */
    public static final Parameter.OfLength START = CardSides.length(
            "start",
            "Shutters start",
            "How far from the door’s fold the shutter’s score lies, its tab beyond it.",
            Length.ofInches(1, 8),
            Length.ofInches(2),
            Length.ofInches(1, 4));

    private static final PaperSlot SLEEVE_PAPER = new PaperSlot("sleeve", "Sleeve", PaperKind.CARD_STOCK);
    private static final PaperSlot SHUTTER_PAPER = new PaperSlot("shutters", "Shutters", PaperKind.CARD_STOCK);
    private static final PieceId SLEEVE_PIECE = new PieceId("sleeve");
    private static final PanelId SLEEVE_PANEL = PanelId.of(SLEEVE_PIECE);
    private static final PanelId SLEEVE_START = new PanelId("sleeve-start");
    private static final PanelId SLEEVE_END = new PanelId("sleeve-end");
    private static final PieceId LEFT_SHUTTER = new PieceId("left-shutter");
    private static final PieceId RIGHT_SHUTTER = new PieceId("right-shutter");
    private static final PanelId LEFT_BLADE = PanelId.of(LEFT_SHUTTER);
    private static final PanelId RIGHT_BLADE = PanelId.of(RIGHT_SHUTTER);
    private static final List<ScoreId> CLOSING =
            List.of(LEFT_BLADE.hinge(), RIGHT_BLADE.hinge(), GateBase.LEFT_DOOR.hinge(), GateBase.RIGHT_DOOR.hinge());

    private static Parameter.OfLength size(String key, String label, String sentence, Length preset) {
        return CardSides.length(key, label, sentence, Length.ofInches(1, 2), CardSides.WIDEST, preset);
    }

    @Override
    public String key() {
        return "shutter-gate";
    }

    @Override
    public String title() {
        return "Shutter gate";
    }

    @Override
    public String sentence() {
        return "A gate whose doors draw two shutters from an opening.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                CardSides.WIDTH,
                CardSides.HEIGHT,
                CardSides.LIES,
                SLEEVE,
                OPENING,
                SHUTTER,
                SHUTTER_HEIGHT,
                TAB,
                START);
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER, SLEEVE_PAPER, SHUTTER_PAPER);
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        List<Refusal> reasons = impossible(finished, brief);
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        return Outcome.made(new Gate(brief, finished).form());
    }

    private static List<Refusal> impossible(Size finished, Brief brief) {
        List<Refusal> reasons = new ArrayList<>();
        Length hinge = brief.length(START);
        Length reach = brief.length(SHUTTER).minus(brief.length(TAB));
        Length sleeveEnd = finished.width().plus(brief.length(SLEEVE));
        refuseLonger(reasons, SLEEVE, "The sleeve is wider than the middle.", brief, finished.width());
        Length inSleeve = Length.min(brief.length(SLEEVE), finished.height()).minus(Length.ofInches(1, 2));
        refuseLonger(reasons, OPENING, "The opening leaves too little of the sleeve.", brief, inSleeve);
        refuseLonger(reasons, SHUTTER_HEIGHT, "The shutters are higher than the card.", brief, finished.height());
        Length tabEnd = hinge.plus(brief.length(TAB));
        Length beside = finished.width().minus(brief.length(SLEEVE));
        if (tabEnd.multipliedBy(2).isLongerThan(finished.width())) {
            reasons.add(new Refusal(START.key(), "The tabs do not fit on the doors: start them nearer to the folds."));
        } else if (beside.isPositive() && hinge.multipliedBy(2).isLongerThan(beside)) {
            reasons.add(new Refusal(
                    START.key(),
                    "The shutters could not go behind the sleeve: start them at most " + brief.figure(beside.half())
                            + " from the folds."));
        }
        if (!reach.multipliedBy(2).isLongerThan(brief.length(SHUTTER_HEIGHT))) {
            reasons.add(new Refusal(
                    SHUTTER.key(),
                    "Cut to a point at 45°, a shutter this high must be longer than "
                            + brief.figure(brief.length(SHUTTER_HEIGHT).half().plus(brief.length(TAB)))
                            + "."));
        }
        if (hinge.plus(reach).multipliedBy(2).isLongerThan(sleeveEnd)) {
            Length most = sleeveEnd.half().minus(brief.length(START));
            reasons.add(new Refusal(
                    SHUTTER.key(),
                    "Shut, the shutter’s point would stick out past the sleeve. It can be at most " + brief.figure(most)
                            + " long."));
        }
        return reasons;
    }

    private static void refuseLonger(
            List<Refusal> reasons, Parameter.OfLength parameter, String words, Brief brief, Length most) {
        if (brief.length(parameter).isLongerThan(most)) {
            reasons.add(new Refusal(parameter.key(), words + " It can be at most " + brief.figure(most) + "."));
        }
    }

    /**
     * The gate as it lies with its folds upright.
     *
     * @param brief its settings
     * @param finished the shut card
     */
    private record Gate(Brief brief, Size finished) {

        Form form() {
            Length door = finished.width().half();
            Strip strip = GateBase.strip(door, finished.width(), door, finished.height());
            Piece sleeve = sleeve();
            Piece left = shutter(LEFT_SHUTTER, "Left shutter");
            Piece right = shutter(RIGHT_SHUTTER, "Right shutter");
            List<Panel> panels = new ArrayList<>(strip.panels());
            panels.addAll(sleevePanels(sleeve, door));
            Length start = brief.length(START);
            Length below = finished.height().minus(brief.length(SHUTTER_HEIGHT)).half();
            Length tabEnd = start.plus(brief.length(TAB));
            Point leftCorner = new Point(door.minus(tabEnd), below);
            Point rightCorner =
                    new Point(door.plus(finished.width()).plus(tabEnd), below.plus(brief.length(SHUTTER_HEIGHT)));
            panels.addAll(shutterPanels(GateBase.LEFT_DOOR, left, Placement.at(leftCorner)));
            panels.addAll(shutterPanels(GateBase.RIGHT_DOOR, right, new Placement(rightCorner, 180, false)));
            List<Face> faces = new ArrayList<>(GateBase.FACES);
            faces.add(2, Face.of(SLEEVE_PANEL, Side.UP, "sleeve"));
            return new Form(
                    finished,
                    new Parts(List.of(strip.piece(brief), sleeve, left, right), panels, faces, above()),
                    poses(),
                    CLOSING,
                    new Form.Hands(List.of(new Work.Holding(SLEEVE_PIECE, Adhesion.NONE)), List.of(), List.of()));
        }

        /** Its tabs wrap round the ends of the middle; their corners are cut at 45° by half their width. */
        private Piece sleeve() {
            Length tab = brief.length(TAB);
            Length mitre = tab.half();
            Size size = new Size(brief.length(SLEEVE), finished.height().plus(tab.multipliedBy(2)));
            Length right = size.width();
            Length fold = tab.plus(finished.height());
            Outline outline = Outline.of(
                    new Point(mitre, Length.ZERO),
                    new Point(right.minus(mitre), Length.ZERO),
                    new Point(right, tab),
                    new Point(right, fold),
                    new Point(right.minus(mitre), size.height()),
                    new Point(mitre, size.height()),
                    new Point(Length.ZERO, fold),
                    new Point(Length.ZERO, tab));
            Rect face = Rect.of(Length.ZERO, tab, right, finished.height());
            Size round = new Size(brief.length(OPENING), brief.length(OPENING));
            Opening opening = new Opening(
                    SLEEVE_PIECE,
                    "opening",
                    new CutShape(CutShape.Kind.OVAL, round),
                    Placement.at(face.centred(round).corner()));
            return Piece.of(SLEEVE_PIECE, "Sleeve", brief.paper(SLEEVE_PAPER), outline)
                    .scored(List.of(
                            Score.level(SLEEVE_START.hinge(), tab, size, Score.Fold.MOUNTAIN),
                            Score.level(SLEEVE_END.hinge(), fold, size, Score.Fold.MOUNTAIN)))
                    .opened(opening);
        }

        private List<Panel> sleevePanels(Piece sleeve, Length door) {
            Length tab = brief.length(TAB);
            Size size = sleeve.size();
            Length margin = finished.width().minus(size.width()).half();
            Rect face = Rect.of(Length.ZERO, tab, size.width(), finished.height());
            Rect start = Rect.of(Length.ZERO, Length.ZERO, size.width(), tab);
            Placement placement = Placement.at(new Point(door.plus(margin), tab.negated()));
            return List.of(
                    Panel.stuck(SLEEVE_PANEL, SLEEVE_PIECE, Outline.of(face), GateBase.MIDDLE, Side.UP, placement),
                    Panel.folded(
                            SLEEVE_START, SLEEVE_PIECE, mitred(start, true), SLEEVE_PANEL, SLEEVE_START.hinge(), 180),
                    Panel.folded(
                            SLEEVE_END,
                            SLEEVE_PIECE,
                            mitred(start.plus(Length.ZERO, tab.plus(finished.height())), false),
                            SLEEVE_PANEL,
                            SLEEVE_END.hinge(),
                            180));
        }

        private static Outline mitred(Rect tab, boolean atTop) {
            Length mitre = tab.size().height().half();
            Length in = atTop ? mitre : Length.ZERO;
            Length out = mitre.minus(in);
            return Outline.of(
                    new Point(tab.left().plus(in), tab.top()),
                    new Point(tab.right().minus(in), tab.top()),
                    new Point(tab.right().minus(out), tab.bottom()),
                    new Point(tab.left().plus(out), tab.bottom()));
        }

        /** From its tab at the left to its point at the right; its shoulder can lie at the tab. */
        private List<Point> shutterCorners() {
            Size size = new Size(brief.length(SHUTTER), brief.length(SHUTTER_HEIGHT));
            Length half = size.height().half();
            Length tab = brief.length(TAB);
            Length mitre = tab.half();
            Length shoulder = size.width().minus(half);
            return List.of(
                    new Point(Length.ZERO, mitre),
                    new Point(tab, Length.ZERO),
                    new Point(shoulder, Length.ZERO),
                    new Point(size.width(), half),
                    new Point(shoulder, size.height()),
                    new Point(tab, size.height()),
                    new Point(Length.ZERO, size.height().minus(mitre)));
        }

        private Piece shutter(PieceId id, String name) {
            Outline outline = new Outline(shutterCorners());
            Size size = outline.bounds().size();
            Length tab = brief.length(TAB);
            return Piece.of(id, name, brief.paper(SHUTTER_PAPER), outline)
                    .scored(List.of(Score.upright(ScoreId.of(id), tab, size, Score.Fold.VALLEY)));
        }

        private List<Panel> shutterPanels(PanelId door, Piece shutter, Placement placement) {
            List<Point> corners = shutterCorners();
            Outline tabOutline = new Outline(List.of(corners.get(0), corners.get(1), corners.get(5), corners.get(6)));
            Outline bladeOutline = new Outline(corners.subList(1, 6));
            PanelId blade = PanelId.of(shutter.id());
            PanelId tab = new PanelId(blade.value() + "-tab");
            return List.of(
                    Panel.stuck(tab, shutter.id(), tabOutline, door, Side.UP, placement),
                    Panel.folding(blade, shutter.id(), bladeOutline, tab, blade.hinge()));
        }

        /** A shutter stays parallel to the middle: as far as the door is closed, its score is folded. */
        private static List<Pose> poses() {
            Map<ScoreId, Integer> shut = new HashMap<>();
            Map<ScoreId, Integer> ajar = new HashMap<>();
            CLOSING.forEach(score -> shut.put(score, 180));
            CLOSING.forEach(score -> ajar.put(score, 100));
            return Pose.all(shut, ajar, new Pose.View(0, 0, 8, 12), Pose.View.TENT);
        }

        /** The sleeve’s ends are folded in behind it. Behind the sleeve, a shutter is behind the other side's door too, though that closes first. */
        private static List<Form.Above> above() {
            List<Form.Above> above = new ArrayList<>();
            for (PanelId end : List.of(SLEEVE_START, SLEEVE_END)) {
                above.add(new Form.Above(SLEEVE_PANEL, end));
                above.add(new Form.Above(end, GateBase.MIDDLE));
            }
            for (PanelId shutter : List.of(LEFT_BLADE, RIGHT_BLADE)) {
                above.add(new Form.Above(SLEEVE_PANEL, shutter));
                above.add(new Form.Above(shutter, GateBase.MIDDLE));
            }
            above.add(new Form.Above(RIGHT_BLADE, LEFT_BLADE));
            above.add(new Form.Above(GateBase.LEFT_DOOR, RIGHT_BLADE));
            above.add(new Form.Above(GateBase.RIGHT_DOOR, LEFT_BLADE));
            return above;
        }
    }
}
