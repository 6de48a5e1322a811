package kwibbet.app.inventory;

import java.util.List;

import kwibbet.app.web.Entries;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;

/** Reads the form of a die, or of a nested set given by its smallest and a step. */
final class DieForm {

    private static final Length LARGEST = Length.ofInches(24);

    private DieForm() {}

    /** The dies that were entered: one, or all of a nested set; none where something is wrong. */
    static List<Die> read(DieId id, Entries entries) {
        Length width = side(entries, "width");
        Length height = side(entries, "height");
        Length metal = entries.length("metal", MeasureSystem.INCH);
        Pattern edge = entries.choice("edge", Pattern.class);
        Sides sides = edge == Pattern.STRAIGHT ? Sides.STRAIGHT : new Sides(edge, side(entries, "pitch"));
        CutShape.Kind kind = entries.choice("shape", CutShape.Kind.class);
        Die.Detail detail = entries.choice("detail", Die.Detail.class);
        int onHand = entries.wholeNumber("onHand");
        boolean nested = !entries.words("upTo").isBlank();
        Length upTo = nested ? side(entries, "upTo") : width;
        Length step = nested ? side(entries, "step") : Length.ofInches(1);
        if (upTo.isShorterThan(width)) {
            entries.refuse("upTo", "The largest is no smaller than the smallest.");
        }
        if (!entries.areGood()) {
            return List.of();
        }
        Die first = new Die(
                id,
                entries.words("name"),
                new CutShape(kind, new Size(width, height)),
                metal,
                detail,
                sides,
                entries.words("set"),
                onHand);
        Outcome<Die> checked = first.checked();
        entries.refuse(checked.reasons());
        if (!entries.areGood()) {
            return List.of();
        }
        return nested ? first.nested(step, upTo, size -> first.name() + " " + named(size)) : List.of(first);
    }

    private static String named(Size size) {
        String width = Figure.inInches(size.width()).text();
        return size.width().equals(size.height())
                ? width
                : width + " × " + Figure.inInches(size.height()).text();
    }

    private static Length side(Entries entries, String field) {
        Length length = entries.length(field, MeasureSystem.INCH);
        if (!length.isPositive() || length.isLongerThan(LARGEST)) {
            entries.refuse(field, "It must be more than 0, and at most 24 in.");
            return Length.ofInches(1);
        }
        return length;
    }
}
