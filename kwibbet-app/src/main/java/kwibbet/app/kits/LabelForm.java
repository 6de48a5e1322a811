package kwibbet.app.kits;

import kwibbet.app.web.Entries;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.kit.LabelSheet;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/** Reads how labels lie on their sheets from a form; what is not there is as usual. */
final class LabelForm {

    private LabelForm() {}

    /** How they lie; what is wrong with it is noted at its fields. */
    static LabelSheet read(Entries entries, PageFormat format, MeasureSystem system) {
        LabelSheet usual = LabelSheet.USUAL;
        LabelSheet sheet = new LabelSheet(
                new Size(
                        side(entries, "width", usual.label().width(), system),
                        side(entries, "height", usual.label().height(), system)),
                length(entries, "left", usual.left(), system),
                length(entries, "top", usual.top(), system),
                new Size(
                        side(entries, "across", usual.pitch().width(), system),
                        side(entries, "down", usual.pitch().height(), system)),
                new LabelSheet.Grid(
                        entries.has("columns")
                                ? entries.wholeNumber("columns")
                                : usual.grid().columns(),
                        entries.has("rows")
                                ? entries.wholeNumber("rows")
                                : usual.grid().rows()));
        if (entries.areGood()) {
            entries.refuse(sheet.refusals(format.size()));
        }
        return sheet;
    }

    private static Length side(Entries entries, String field, Length otherwise, MeasureSystem system) {
        return entries.has(field) ? entries.side(field, system) : otherwise;
    }

    private static Length length(Entries entries, String field, Length otherwise, MeasureSystem system) {
        return entries.has(field) ? entries.length(field, system) : otherwise;
    }
}
