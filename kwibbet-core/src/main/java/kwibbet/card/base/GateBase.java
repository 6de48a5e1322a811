package kwibbet.card.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Size;

/**
 * Two doors that close over a middle.
 *
 * <p>For doors {@code a} and {@code b} and a middle {@code w} the flat base is {@code a + w + b} wide, scored at {@code a} and
 * {@code a + w}. Common practice, no source: a 5 × 7 gate is 10 × 7, scored at 2 1/2 and 7 1/2.
 */
public record GateBase() implements ParallelFoldBase {

    /** How wide the doors are. */
    public static final Parameter.OfChoice DOORS = Parameter.OfChoice.of(
            "doors",
            "Doors",
            "How the doors come together.",
            GateBase.MEET,
            "alike, and meet",
            GateBase.OWN,
            "own widths",
            GateBase.OVERLAP,
            "own widths, may overlap");
    /** The width of the left door. */
    public static final Parameter.OfLength LEFT = door("left", "Left door");
    /** The width of the right door. */
    public static final Parameter.OfLength RIGHT = door("right", "Right door");

    /** Which of two doors that overlap is shut last. */
    public static final Parameter.OfChoice OUTSIDE = Parameter.OfChoice.of(
            "outside",
            "Outside",
            "Which door lies over the other.",
            "right",
            "the right door",
            "left",
            "the left door");

    private static final Parameter.OfChoice LYING_OUTSIDE = Parameter.OfChoice.of(
            OUTSIDE.key(), OUTSIDE.label(), OUTSIDE.sentence(), "right", "the bottom door", "left", "the top door");

    /** Both doors half as wide as the middle. */
    public static final String MEET = "meet";
    /** Doors of their own widths that may leave a gap. */
    public static final String OWN = "own";
    /** Doors of their own widths that may overlap. */
    public static final String OVERLAP = "overlap";

    static final PanelId LEFT_DOOR = new PanelId("left");
    static final PanelId RIGHT_DOOR = new PanelId("right");
    static final PanelId MIDDLE = new PanelId("middle");
    static final List<Face> FACES = List.of(
            Face.of(LEFT_DOOR, Side.UNDER, "left door").lyingCalled("top door"),
            Face.of(RIGHT_DOOR, Side.UNDER, "right door").lyingCalled("bottom door"),
            Face.inside(LEFT_DOOR, Side.UP, "inside left door").lyingCalled("inside top door"),
            Face.of(MIDDLE, Side.UP, "middle"),
            Face.inside(RIGHT_DOOR, Side.UP, "inside right door").lyingCalled("inside bottom door"),
            Face.back(MIDDLE, Side.UNDER, "back"));

    private static Parameter.OfLength door(String key, String label) {
        return CardSides.length(
                        key,
                        label,
                        "From its fold to its free edge.",
                        Length.ofInches(1, 2),
                        Length.ofInches(23),
                        Length.ofInches(5, 2))
                .following(Parameter.Follows.WIDTH);
    }

    @Override
    public String key() {
        return "gate";
    }

    @Override
    public String title() {
        return "Gate";
    }

    @Override
    public String sentence() {
        return "Two doors close over a middle.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, DOORS, LEFT, RIGHT, OUTSIDE);
    }

    @Override
    public Optional<WayOut> withMeetingDoors(Settings settings) {
        return Optional.of(new WayOut("let them meet", settings.with(DOORS, MEET)));
    }

    /** The doors of a gate that lies a quarter turned are at its top and its bottom. */
    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, DOORS));
        if (!settings.is(DOORS, MEET)) {
            asked.add(lying(LEFT, settings));
            asked.add(lying(RIGHT, settings));
        }
        if (settings.is(DOORS, OVERLAP)) {
            asked.add(lies(settings) ? LYING_OUTSIDE : OUTSIDE);
        }
        return asked;
    }

    private static Parameter.OfLength lying(Parameter.OfLength door, Settings settings) {
        return !lies(settings) ? door : door.called(door.equals(LEFT) ? "Top door" : "Bottom door");
    }

    /** The middle keeps its width; the door that hangs on the score takes what there is. */
    @Override
    public Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        Length width = upright(settings).width();
        Length half = width.half();
        boolean alike = settings.is(DOORS, MEET);
        Length left = alike ? half : settings.length(LEFT);
        Length right = alike ? half : settings.length(RIGHT);
        Settings own = settings.with(DOORS, OVERLAP).with(LEFT, left).with(RIGHT, right);
        return Optional.of(
                score.equals(LEFT_DOOR.hinge())
                        ? own.with(LEFT, at)
                        : own.with(RIGHT, left.plus(width).plus(right).minus(at)));
    }

    private static boolean lies(Settings settings) {
        return settings.is(CardSides.LIES, CardSides.TURNED);
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Length width = finished.width();
        boolean alike = brief.is(DOORS, MEET);
        Length half = width.half();
        Length left = alike ? half : brief.length(LEFT);
        Length right = alike ? half : brief.length(RIGHT);
        List<Refusal> reasons = new ArrayList<>();
        reasons.addAll(tooWide(LEFT, left, width, brief));
        reasons.addAll(tooWide(RIGHT, right, width, brief));
        Length overlap = left.plus(right).minus(width);
        if (brief.is(DOORS, OWN) && overlap.isPositive()) {
            reasons.add(new Refusal(
                    RIGHT.key(),
                    "The doors overlap by " + brief.figure(overlap)
                            + ". Make one narrower by that, or let them overlap."));
        }
        return reasons.isEmpty() ? Outcome.made(gate(finished, left, right, brief)) : Outcome.refused(reasons);
    }

    private static List<Refusal> tooWide(Parameter.OfLength door, Length width, Length most, Brief brief) {
        return width.isLongerThan(most)
                ? List.of(new Refusal(
                        door.key(),
                        lying(door, brief.settings()).label() + ": it would reach past the far edge by "
                                + brief.figure(width.minus(most)) + "."))
                : List.of();
    }

    /** Meeting doors are shut from the left; of two that overlap the outer one last. */
    private static List<ScoreId> closing(Brief brief) {
        return brief.is(DOORS, OVERLAP) && brief.is(OUTSIDE, "left")
                ? List.of(RIGHT_DOOR.hinge(), LEFT_DOOR.hinge())
                : List.of(LEFT_DOOR.hinge(), RIGHT_DOOR.hinge());
    }

    static Strip strip(Length left, Length middle, Length right, Length height) {
        return new Strip(
                List.of(new Leaf(LEFT_DOOR, left), new Leaf(MIDDLE, middle), new Leaf(RIGHT_DOOR, right)),
                List.of(Crease.valley(LEFT_DOOR.hinge()), Crease.valley(RIGHT_DOOR.hinge())),
                1,
                height);
    }

    private static Form gate(Size finished, Length left, Length right, Brief brief) {
        Strip strip = strip(left, finished.width(), right, finished.height());
        List<Pose> poses =
                strip.poses(Map.of(LEFT_DOOR.hinge(), 118, RIGHT_DOOR.hinge(), 118), new Pose.View(0, 0, 8, 12));
        Form form = Form.of(finished, strip.piece(brief), strip.panels(), FACES, poses, closing(brief));
        return form;
    }
}
