package kwibbet.app.inventory;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

import kwibbet.app.web.Entries;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;

/** Reads the form of a die, or of a nested set given by its smallest and a step. */
final class DieForm {

    private DieForm() {}

    /**
     * The dies that were entered: one, or all of a nested set; none where something is wrong.
     *
     * @param looks what a die can cut, by what the form says
     */
    static List<Die> read(
            DieId id,
            Entries entries,
            MeasureSystem system,
            Function<String, Optional<Look>> looks,
            Supplier<DieId> newId) {
        Length width = entries.side("width", system);
        Length height = entries.side("height", system);
        Length metal = entries.length("metal", system);
        Pattern edge = entries.choice("edge", Pattern.class);
        Sides sides = sides(edge, entries, system);
        Optional<Look> look = looks.apply(entries.words("shape"));
        if (look.isEmpty()) {
            entries.refuse("shape", "Choose one of the list.");
        }
        CutShape shape = new CutShape(look.orElse(CutShape.Kind.RECTANGLE), new Size(width, height));
        Die.Detail detail = entries.choice("detail", Die.Detail.class);
        int onHand = entries.wholeNumber("onHand");
        Die die = new Die(id, entries.words("name"), shape, metal, detail, sides, entries.words("set"), onHand);
        boolean single =
                entries.words("upTo").isBlank() && entries.words("step").isBlank();
        List<Die> dies = single ? List.of(die) : nested(die, entries, system, newId);
        if (entries.areGood()) {
            dies.forEach(each -> entries.refuse(each.checked().reasons()));
        }
        return entries.areGood() ? dies : List.of();
    }

    /** A straight edge repeats nothing; what was typed for it is read all the same, so that no wrong entry goes unsaid. */
    private static Sides sides(Pattern edge, Entries entries, MeasureSystem system) {
        if (edge == Pattern.STRAIGHT && entries.words("pitch").isBlank()) {
            return Sides.STRAIGHT;
        }
        Length pitch = entries.side("pitch", system);
        return edge == Pattern.STRAIGHT ? Sides.STRAIGHT : new Sides(edge, pitch);
    }

    private static List<Die> nested(Die smallest, Entries entries, MeasureSystem system, Supplier<DieId> newId) {
        Length upTo = entries.side("upTo", system);
        Length step = entries.side("step", system);
        if (upTo.isShorterThan(smallest.shape().size().width())) {
            entries.refuse("upTo", "The largest is no smaller than the smallest.");
        }
        return entries.areGood() ? smallest.nested(step, upTo, newId) : List.of();
    }
}
