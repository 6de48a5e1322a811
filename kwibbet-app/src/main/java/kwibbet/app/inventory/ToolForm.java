package kwibbet.app.inventory;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import kwibbet.app.web.Entries;
import kwibbet.measure.Figure;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.OwnShape;
import kwibbet.shape.Size;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Grooves;
import kwibbet.tool.HandTools;
import kwibbet.tool.Press;
import kwibbet.tool.Punch;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** Reads the form of the tools. */
final class ToolForm {

    /** How far apart marks and grooves are on the tools there are. */
    static final List<Length> MARKS = List.of(
            Length.ofInches(1, 8),
            Length.ofInches(1, 16),
            Length.ofInches(1, 32),
            Length.ofMillimetres(1),
            Length.ofMillimetres(5));

    private static final int LONGEST_GROOVES = 1_000;
    private static final Length LONGEST = Length.ofInches(60);
    private static final Length WIDEST_NARROW = Length.ofInches(4);

    private ToolForm() {}

    /** The marks to choose from: those of a system, and those the trimmer has. */
    static List<Length> marks(MeasureSystem system, Length present) {
        return MARKS.stream()
                .filter(mark -> system == MeasureSystem.INCH || mark.equals(present) || isMetric(mark))
                .toList();
    }

    /**
     * The tools as they were entered.
     *
     * @param before the tools there are, whose dies and whose hand are said elsewhere
     * @param own outlines of the maker's own, which punches can have
     * @param system what numbers without a unit are measured in
     */
    static Outcome<Toolbox> read(Entries entries, Toolbox before, List<OwnShape> own, MeasureSystem system) {
        Length longestCut = reach(entries, "longestCut", 4, system);
        Length boardWidth = reach(entries, "boardWidth", 4, system);
        Length trimmerMarks = marks(entries, "trimmerMarks");
        Optional<Grooves> grooves = grooves(entries, boardWidth, system);
        Length thickest = entries.length("thickestStack", MeasureSystem.METRIC);
        if (!thickest.isPositive()) {
            entries.refuse("thickestStack", "It must be more than 0.");
        }
        Length narrowest = entries.length("narrowest", system);
        if (narrowest.isNegative() || narrowest.isLongerThan(WIDEST_NARROW)) {
            entries.refuse("narrowest", "It must be 0 to " + Figure.of(system.mostSaid(WIDEST_NARROW), system) + ".");
        }
        Trimmer.Slits slits = entries.choice("slits", Trimmer.Slits.class);
        Length bed = reach(entries, "bed", 1, system);
        Length plates = reach(entries, "plateLength", 1, system);
        List<Punch> punches = said(entries, "punches", Punch.example(system), said -> Punch.parse(said, system, own));
        List<EdgePunch> edgePunches =
                said(entries, "edgePunches", EdgePunch.example(system), said -> EdgePunch.parse(said, system));
        List<Length> rounders = rounders(entries, system);
        Optional<Size> folder = size(entries, "folder", system);
        Optional<Size> stencil = size(entries, "stencil", system);
        Optional<Size> platform = size(entries, "platform", system);
        Optional<Size> printer = size(entries, "printer", system);
        ScoringBoard.Plate plate = entries.choice("plate", ScoringBoard.Plate.class);
        int sheetsAtOnce = entries.wholeNumber("sheetsAtOnce");
        if (sheetsAtOnce < 1 || sheetsAtOnce > 50) {
            entries.refuse("sheetsAtOnce", "A trimmer cuts 1 to 50 sheets at once.");
        }
        int layers = entries.wholeNumber("layers");
        if (layers < 1 || layers > 10) {
            entries.refuse("layers", "A press cuts 1 to 10 layers at once.");
        }
        if (!entries.areGood()) {
            return Outcome.refused(entries.messages().stream()
                    .map(message -> new Refusal("", message))
                    .toList());
        }
        return Outcome.made(new Toolbox(
                new Trimmer(
                        "Trimmer",
                        new Trimmer.Reach(longestCut, narrowest),
                        new Graduation(trimmerMarks),
                        new Trimmer.Stack(sheetsAtOnce, thickest),
                        slits),
                new ScoringBoard(
                        "Scoring board",
                        boardWidth,
                        grooves.orElseThrow(
                                () -> new IllegalStateException("grooves that could not be read were refused before")),
                        plate),
                new Press(bed, plates, layers),
                before.dies(),
                before.hand(),
                new HandTools(
                        punches,
                        edgePunches,
                        rounders,
                        folder,
                        stencil,
                        platform,
                        printer,
                        !entries.isTicked("noHeat"))));
    }

    /** What is said in a field one after the other, if it is no longer than anybody says it. */
    private static <T> List<T> said(
            Entries entries, String field, String example, Function<String, Outcome<List<T>>> read) {
        if (entries.words(field).length() > LONGEST_GROOVES) {
            entries.refuse(field, "Say them in up to " + LONGEST_GROOVES + " letters, such as “" + example + "”.");
            return List.of();
        }
        Outcome<List<T>> all = read.apply(entries.words(field));
        entries.refuse(all.reasons());
        return all instanceof Outcome.Made<List<T>> made ? made.value() : List.of();
    }

    private static List<Length> rounders(Entries entries, MeasureSystem system) {
        Outcome<List<Length>> rounders = HandTools.rounders(entries.words("rounders"), system);
        entries.refuse(rounders.reasons());
        return rounders instanceof Outcome.Made<List<Length>> made ? made.value() : List.of();
    }

    /** The sides of something that may not be there: both are said, or neither. */
    private static Optional<Size> size(Entries entries, String what, MeasureSystem system) {
        boolean isSaid = !entries.words(what + "Width").isBlank()
                || !entries.words(what + "Height").isBlank();
        return isSaid
                ? Optional.of(
                        new Size(reach(entries, what + "Width", 1, system), reach(entries, what + "Height", 1, system)))
                : Optional.empty();
    }

    private static boolean isMetric(Length mark) {
        return Figure.inMillimetres(mark).isExact() && !Figure.inInches(mark).isExact();
    }

    private static Optional<Grooves> grooves(Entries entries, Length boardWidth, MeasureSystem system) {
        if (entries.words("grooves").length() > LONGEST_GROOVES) {
            entries.refuse(
                    "grooves",
                    "Say it in up to " + LONGEST_GROOVES + " letters, such as “" + Grooves.example(system) + "”.");
            return Optional.empty();
        }
        Outcome<Grooves> grooves = Grooves.parse(entries.words("grooves"), system);
        entries.refuse(grooves.reasons());
        if (grooves instanceof Outcome.Made<Grooves> made) {
            if (made.value().last().isLongerThan(boardWidth)) {
                entries.refuse("grooves", "A groove lies beyond the board.");
            }
            return Optional.of(made.value());
        }
        return Optional.empty();
    }

    private static Length reach(Entries entries, String field, int leastInches, MeasureSystem system) {
        Length length = entries.length(field, system);
        Length least = Length.ofInches(leastInches);
        if (length.isShorterThan(least) || length.isLongerThan(LONGEST)) {
            String from = Figure.of(system.leastSaid(least), system).text();
            entries.refuse(field, "It must be " + from + " to " + Figure.of(system.mostSaid(LONGEST), system) + ".");
            return LONGEST;
        }
        return length;
    }

    private static Length marks(Entries entries, String field) {
        return MARKS.stream()
                .filter(mark -> mark.toString().equals(entries.words(field)))
                .findFirst()
                .orElseGet(() -> {
                    entries.refuse(field, "Choose one of the list.");
                    return MARKS.get(0);
                });
    }
}
