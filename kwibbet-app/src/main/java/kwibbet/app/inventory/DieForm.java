package kwibbet.app.inventory;

import java.util.List;
import java.util.function.Supplier;

import kwibbet.app.web.Entries;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;

/** Reads the form of a die, or of a nested set given by its smallest and a step. */
final class DieForm {

    private DieForm() {}

    /** The dies that were entered: one, or all of a nested set; none where something is wrong. */
    static List<Die> read(DieId id, Entries entries, Supplier<DieId> newId) {
        Length width = entries.side("width", MeasureSystem.INCH);
        Length height = entries.side("height", MeasureSystem.INCH);
        Length metal = entries.length("metal", MeasureSystem.INCH);
        Pattern edge = entries.choice("edge", Pattern.class);
        Sides sides =
                edge == Pattern.STRAIGHT ? Sides.STRAIGHT : new Sides(edge, entries.side("pitch", MeasureSystem.INCH));
        CutShape shape = new CutShape(entries.choice("shape", CutShape.Kind.class), new Size(width, height));
        Die.Detail detail = entries.choice("detail", Die.Detail.class);
        int onHand = entries.wholeNumber("onHand");
        Die die = new Die(id, entries.words("name"), shape, metal, detail, sides, entries.words("set"), onHand);
        List<Die> dies = entries.words("upTo").isBlank() ? List.of(die) : nested(die, entries, newId);
        if (entries.areGood()) {
            dies.forEach(each -> entries.refuse(each.checked().reasons()));
        }
        return entries.areGood() ? dies : List.of();
    }

    private static List<Die> nested(Die smallest, Entries entries, Supplier<DieId> newId) {
        Length upTo = entries.side("upTo", MeasureSystem.INCH);
        Length step = entries.side("step", MeasureSystem.INCH);
        if (upTo.isShorterThan(smallest.shape().size().width())) {
            entries.refuse("upTo", "The largest is no smaller than the smallest.");
        }
        return entries.areGood() ? smallest.nested(step, upTo, newId) : List.of();
    }
}
