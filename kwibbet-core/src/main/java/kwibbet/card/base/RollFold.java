package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/**
 * Panels wrapped inward, each round the ones before.
 *
 * <p>From left to right lie the front, the back and the inner flaps, all creases valleys. The last flap is folded in first, the
 * front last. The front and the back are {@code w} wide. A flap lies inside the fold of the panel next to it, together with what
 * is wrapped into it already; to clear that fold it is shorter than its neighbour by two calipers for each panel wrapped, rounded up
 * to what the trimmer shows. With card stock of 0.3 mm and a trimmer of sixteenths that gives the usual 1/16 off the inner flap
 * (common practice, no source).
 */
public record RollFold() implements ParallelFoldBase {

    /** How many panels. */
    public static final Parameter.OfCount PANELS =
            new Parameter.OfCount("panels", "Panels", "The front, the back and what is wrapped inside.", 3, 6, 3);
    /** How the relief is found. */
    public static final Parameter.OfChoice RELIEF = Parameter.OfChoice.of(
            "relief",
            "Relief",
            "How much shorter each inner flap is than the panel it hangs on.",
            RollFold.FROM_PAPER,
            "from the paper’s thickness",
            RollFold.OWN,
            "my own");
    /** The maker's own relief. */
    public static final Parameter.OfLength SHORTER_BY = CardSides.length(
            "shorterBy",
            "Shorter by",
            "Taken off each inner flap in turn.",
            Length.ZERO,
            Length.ofInches(1),
            Length.ofInches(1, 16));

    /** Worked out from the caliper. */
    public static final String FROM_PAPER = "paper";
    /** Set by the maker. */
    public static final String OWN = "own";

    @Override
    public String key() {
        return "roll";
    }

    @Override
    public String title() {
        return "Roll fold";
    }

    @Override
    public String sentence() {
        return "Three or more panels wrapped inward, each inner one a little shorter.";
    }

    @Override
    public Optional<WayOut> withShorterPanel(Settings settings, PanelId panel, Length by) {
        return Optional.of(new WayOut("take the relief from the paper", settings.with(RELIEF, FROM_PAPER)));
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, PANELS, RELIEF, SHORTER_BY);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return settings.is(RELIEF, FROM_PAPER)
                ? List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, PANELS, RELIEF)
                : parameters();
    }

    /**
     * How much shorter a flap is than the panel it hangs on.
     *
     * @param wrapped how many panels are wrapped together with it, itself included; at least 1
     */
    static Length relief(int wrapped, Brief brief) {
        if (brief.is(RELIEF, OWN)) {
            return brief.length(SHORTER_BY);
        }
        Length plies = brief.caliper(PaperSlot.PAPER).multipliedBy(2L * wrapped);
        return plies.roundedUpTo(brief.materials().trim()).shown();
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        int flaps = brief.count(PANELS) - 2;
        List<Leaf> leaves =
                new ArrayList<>(List.of(new Leaf(FRONT, finished.width()), new Leaf(BACK, finished.width())));
        List<Crease> creases = new ArrayList<>(List.of(Crease.valley(FRONT.hinge())));
        Length width = finished.width();
        for (int flap = 1; flap <= flaps; flap++) {
            width = width.minus(relief(flaps - flap + 1, brief));
            if (!width.isLongerThan(Length.ofInches(1, 4))) {
                return Outcome.refused(
                        brief.is(RELIEF, OWN) ? SHORTER_BY.key() : PANELS.key(),
                        "Hardly anything would be left of flap " + flap + ": fewer panels, or less relief.");
            }
            leaves.add(new Leaf(flap(flap), width));
            creases.add(Crease.valley(flap(flap).hinge()));
        }
        return Outcome.made(form(finished, new Strip(leaves, creases, 1, finished.height()), flaps, brief));
    }

    private static Form form(Size finished, Strip strip, int flaps, Brief brief) {
        List<ScoreId> closing = new ArrayList<>();
        Map<ScoreId, Integer> standing = new HashMap<>(Map.of(FRONT.hinge(), 128));
        for (int flap = flaps; flap >= 1; flap--) {
            closing.add(flap(flap).hinge());
            standing.put(flap(flap).hinge(), 158);
        }
        closing.add(FRONT.hinge());
        List<Pose> poses = strip.poses(standing, new Pose.View(0, 0, 12, 14));
        Form form = Form.of(finished, strip.piece(brief), strip.panels(), faces(flaps), poses, closing);
        return form;
    }

    private static PanelId flap(int number) {
        return new PanelId("flap-" + number);
    }

    private static List<Face> faces(int flaps) {
        List<Face> faces = new ArrayList<>(List.of(
                Face.of(FRONT, Side.UNDER, "front"),
                Face.inside(FRONT, Side.UP, "inside front"),
                Face.inside(BACK, Side.UP, "inside back"),
                Face.back(BACK, Side.UNDER, "back")));
        for (int flap = 1; flap <= flaps; flap++) {
            faces.add(Face.of(flap(flap), Side.UNDER, "flap " + flap));
            faces.add(Face.inside(flap(flap), Side.UP, "inside flap " + flap));
        }
        return faces;
    }
}
