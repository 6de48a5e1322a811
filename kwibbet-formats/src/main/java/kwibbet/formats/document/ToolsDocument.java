package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.formats.outline.OutlineDocument;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.EdgePattern;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.HandTools;
import kwibbet.tool.Press;
import kwibbet.tool.Punch;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

import static kwibbet.formats.document.ShelfDocument.one;
import static kwibbet.formats.document.ShelfDocument.word;
import static kwibbet.formats.json.Misfit.require;

/** Tools as part of a JSON document: written exactly, and read where what is left out is as usual. */
public final class ToolsDocument {

    private static final int MOST_DIES = 2_000;
    private static final int MOST_PUNCHES = 200;
    private static final int MOST_GROOVES = 2_000;
    private static final Length LARGEST = Length.ofInches(400);

    private ToolsDocument() {}

    /** Writes tools into an object. */
    public static void write(Toolbox tools, ObjectNode node) {
        Trimmer trimmer = tools.trimmer();
        node.putObject("trimmer")
                .put("name", trimmer.name())
                .put("longestCut", trimmer.longestCut().toString())
                .put("marks", trimmer.graduation().step().toString())
                .put("narrowest", trimmer.reach().narrowest().toString())
                .put("sheetsAtOnce", trimmer.stack().sheets())
                .put("thickestStack", trimmer.stack().thickest().toString())
                .put("slits", word(trimmer.slits()));
        ScoringBoard board = tools.board();
        ObjectNode boardNode = node.putObject("board")
                .put("name", board.name())
                .put("width", board.width().toString())
                .put("diagonal", board.plate() != ScoringBoard.Plate.NONE);
        if (board.plate() == ScoringBoard.Plate.SQUARE) {
            boardNode.put("laid", "square");
        }
        write(board.grooves(), boardNode.putObject("grooves"));
        node.putObject("press")
                .put("bed", tools.press().bed().toString())
                .put("plate", tools.press().plate().toString())
                .put("layers", tools.press().layers());
        ArrayNode dies = node.putArray("dies");
        tools.dies().forEach(die -> write(die, dies.addObject()));
        node.put("hand", word(tools.hand()));
        if (!tools.handTools().equals(HandTools.ANY)) {
            write(tools.handTools(), node.putObject("handTools"));
        }
    }

    private static void write(HandTools tools, ObjectNode node) {
        ArrayNode punches = node.putArray("punches");
        for (Punch punch : tools.punches()) {
            ObjectNode written = punches.addObject()
                    .put("width", punch.shape().size().width().toString())
                    .put("height", punch.shape().size().height().toString())
                    .put("reach", punch.reach().toString());
            write(punch.shape().look(), written);
        }
        ArrayNode edges = node.putArray("edgePunches");
        tools.edgePunches().forEach(punch -> edges.addObject()
                .put("pattern", word(punch.pattern()))
                .put("pitch", punch.pitch().toString())
                .put("deep", punch.deep().toString())
                .put("atOnce", punch.atOnce()));
        ArrayNode rounders = node.putArray("rounders");
        tools.rounders().forEach(radius -> rounders.add(radius.toString()));
        node.put("heat", tools.canHeat());
        tools.stencil().ifPresent(size -> write(size, node.putObject("stencil")));
        tools.folder().ifPresent(size -> write(size, node.putObject("folder")));
        tools.platform().ifPresent(size -> write(size, node.putObject("platform")));
        tools.printer().ifPresent(size -> write(size, node.putObject("printer")));
    }

    private static void write(Size size, ObjectNode node) {
        node.put("width", size.width().toString()).put("height", size.height().toString());
    }

    private static void write(Grooves grooves, ObjectNode node) {
        ArrayNode series = node.putArray("series");
        grooves.series().forEach(each -> series.addObject()
                .put("step", each.step().toString())
                .put("from", each.from().toString())
                .put("to", each.to().toString()));
        ArrayNode singles = node.putArray("singles");
        grooves.singles().forEach(single -> singles.add(single.toString()));
    }

    private static void write(Die die, ObjectNode node) {
        node.put("id", die.id().value())
                .put("name", die.name())
                .put("width", die.shape().size().width().toString())
                .put("height", die.shape().size().height().toString())
                .put("metal", die.metal().toString())
                .put("detail", word(die.detail()))
                .put("sides", word(die.sides().pattern()))
                .put("pitch", die.sides().pitch().toString())
                .put("set", die.set())
                .put("onHand", die.onHand());
        write(die.shape().look(), node);
    }

    private static void write(Look look, ObjectNode node) {
        if (look instanceof OwnShape own) {
            OutlineDocument.write(own, node.putObject("outline"));
        } else if (look instanceof CutShape.Kind kind) {
            node.put("shape", word(kind));
        }
    }

    /**
     * Reads tools; those that are left out are the usual ones.
     *
     * @param at the object
     * @param usual the usual ones
     * @param system what numbers without a unit are measured in
     * @throws Misfit when something is not in form
     */
    public static Toolbox read(Reading at, Toolbox usual, MeasureSystem system) {
        if (at.isMissing()) {
            return usual;
        }
        List<Die> dies = new ArrayList<>();
        if (!at.at("dies").isMissing()) {
            at.at("dies").elements(MOST_DIES).forEach(die -> dies.add(die(die, system)));
        }
        return new Toolbox(
                trimmer(at.at("trimmer"), usual.trimmer(), system),
                board(at.at("board"), usual.board(), system),
                press(at.at("press"), usual.press(), system),
                at.at("dies").isMissing() ? usual.dies() : dies,
                one(at.at("hand"), usual.hand(), Hand.values()),
                handTools(at.at("handTools"), usual.handTools(), system));
    }

    private static HandTools handTools(Reading at, HandTools usual, MeasureSystem system) {
        if (at.isMissing()) {
            return usual;
        }
        List<Punch> punches = new ArrayList<>();
        if (!at.at("punches").isMissing()) {
            at.at("punches")
                    .elements(MOST_PUNCHES)
                    .forEach(punch -> punches.add(new Punch(
                            new CutShape(look(punch, CutShape.Kind.OVAL), size(punch, system)),
                            punch.at("reach").positive(system, LARGEST))));
        }
        List<Length> rounders = new ArrayList<>();
        if (!at.at("rounders").isMissing()) {
            at.at("rounders").elements(MOST_PUNCHES).forEach(radius -> rounders.add(radius.positive(system, LARGEST)));
        }
        return new HandTools(
                punches,
                edgePunches(at, system),
                rounders,
                sizeOf(at.at("folder"), system),
                sizeOf(at.at("stencil"), system),
                sizeOf(at.at("platform"), system),
                sizeOf(at.at("printer"), system),
                at.at("heat").isMissing() || at.at("heat").flag());
    }

    private static List<EdgePunch> edgePunches(Reading at, MeasureSystem system) {
        List<EdgePunch> punches = new ArrayList<>();
        if (!at.at("edgePunches").isMissing()) {
            at.at("edgePunches")
                    .elements(MOST_PUNCHES)
                    .forEach(punch -> punches.add(new EdgePunch(
                            one(punch.at("pattern"), EdgePattern.SCALLOPS, EdgePattern.values()),
                            punch.at("pitch").positive(system, EdgePunch.LARGEST),
                            punch.at("deep").positive(system, EdgePunch.LARGEST),
                            punch.at("atOnce").isMissing()
                                    ? 1
                                    : (int) punch.at("atOnce").whole(1, EdgePunch.MOST_AT_ONCE))));
        }
        return punches;
    }

    private static Optional<Size> sizeOf(Reading at, MeasureSystem system) {
        return at.isMissing() ? Optional.empty() : Optional.of(size(at, system));
    }

    private static Size size(Reading at, MeasureSystem system) {
        return new Size(
                at.at("width").positive(system, LARGEST), at.at("height").positive(system, LARGEST));
    }

    private static Trimmer trimmer(Reading at, Trimmer usual, MeasureSystem system) {
        if (at.isMissing()) {
            return usual;
        }
        return new Trimmer(
                named(at, usual.name()),
                new Trimmer.Reach(
                        positive(at.at("longestCut"), usual.longestCut(), system),
                        at.at("narrowest")
                                .notNegative(system, LARGEST)
                                .orElse(usual.reach().narrowest())),
                new Graduation(positive(at.at("marks"), usual.graduation().step(), system)),
                new Trimmer.Stack(
                        at.at("sheetsAtOnce").isMissing()
                                ? usual.stack().sheets()
                                : (int) at.at("sheetsAtOnce").whole(1, 100),
                        positive(at.at("thickestStack"), usual.stack().thickest(), system)),
                one(at.at("slits"), usual.slits(), Trimmer.Slits.values()));
    }

    private static String named(Reading at, String usual) {
        return at.at("name").isMissing() ? usual : at.at("name").text();
    }

    private static Length positive(Reading at, Length usual, MeasureSystem system) {
        return at.isMissing() ? usual : at.positive(system, LARGEST);
    }

    private static ScoringBoard board(Reading at, ScoringBoard usual, MeasureSystem system) {
        if (at.isMissing()) {
            return usual;
        }
        Length width = positive(at.at("width"), usual.width(), system);
        Grooves grooves = at.at("grooves").isMissing() ? usual.grooves() : grooves(at.at("grooves"), system);
        require(
                !grooves.last().isLongerThan(width),
                at.at("grooves").pointer(),
                "A groove at " + grooves.last() + " lies beyond a board " + width + " wide.");
        return new ScoringBoard(named(at, usual.name()), width, grooves, plate(at));
    }

    /**
     * Reads whether a board has a 45° plate, and how paper lies in it: by its corner unless it says square.
     *
     * @param board the board
     * @throws Misfit when it says neither
     */
    public static ScoringBoard.Plate plate(Reading board) {
        boolean square = board.at("laid").oneOfOr("corner", "corner", "square").equals("square");
        if (!board.at("diagonal").flag()) {
            return ScoringBoard.Plate.NONE;
        }
        return square ? ScoringBoard.Plate.SQUARE : ScoringBoard.Plate.AT_45;
    }

    /**
     * Reads grooves: a rule as makers say it, a list of places, or series and singles.
     *
     * @param at where they stand
     * @param system what numbers without a unit are measured in
     * @throws Misfit when something is not in form
     */
    public static Grooves grooves(Reading at, MeasureSystem system) {
        if (at.node().isString()) {
            Outcome<Grooves> rule = Grooves.parse(at.text(), system);
            if (rule instanceof Outcome.Made<Grooves> made) {
                return made.value();
            }
            throw new Misfit(at.pointer(), rule.reasons().get(0).message());
        }
        try {
            return at.node().isObject()
                    ? new Grooves(
                            at.at("series").elements(MOST_GROOVES).stream()
                                    .map(each -> series(each, system))
                                    .toList(),
                            places(at.at("singles"), system))
                    : Grooves.at(places(at, system));
        } catch (IllegalArgumentException odd) {
            throw new Misfit(at.pointer(), "No: " + odd.getMessage() + ".");
        }
    }

    private static Grooves.Series series(Reading at, MeasureSystem system) {
        return new Grooves.Series(
                at.at("step").length(system),
                at.at("from").length(system),
                at.at("to").length(system));
    }

    private static List<Length> places(Reading at, MeasureSystem system) {
        return at.elements(MOST_GROOVES).stream()
                .map(place -> place.positive(system, LARGEST))
                .toList();
    }

    private static Press press(Reading at, Press usual, MeasureSystem system) {
        return at.isMissing()
                ? usual
                : new Press(
                        positive(at.at("bed"), usual.bed(), system),
                        positive(at.at("plate"), usual.plate(), system),
                        at.at("layers").isMissing()
                                ? usual.layers()
                                : (int) at.at("layers").whole(1, 20));
    }

    private static Look look(Reading at, CutShape.Kind usual) {
        return at.at("outline").isMissing()
                ? one(at.at("shape"), usual, CutShape.Kind.values())
                : OutlineDocument.read(at.at("outline"));
    }

    private static Die die(Reading at, MeasureSystem system) {
        Size size = new Size(
                at.at("width").positive(system, LARGEST), at.at("height").positive(system, LARGEST));
        return new Die(
                new DieId(at.at("id").text()),
                named(at, at.at("id").text()),
                new CutShape(look(at, CutShape.Kind.RECTANGLE), size),
                at.at("metal").notNegative(system, LARGEST).orElse(Length.ZERO),
                one(at.at("detail"), Die.Detail.PLAIN, Die.Detail.values()),
                new Sides(
                        one(at.at("sides"), Sides.Pattern.STRAIGHT, Sides.Pattern.values()),
                        positive(at.at("pitch"), Sides.STRAIGHT.pitch(), system)),
                at.at("set").node().asString(""),
                at.at("onHand").isMissing() ? 1 : (int) at.at("onHand").whole(1, 99));
    }
}
