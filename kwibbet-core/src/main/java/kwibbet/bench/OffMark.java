package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import kwibbet.layout.CutPart;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/**
 * Pieces the trimmer has no mark for: they come out at the nearest marks.
 *
 * @param part the pieces
 * @param cut what they are cut to
 */
public record OffMark(CutPart part, Size cut) {

    /** All of a plan that is cut with a trimmer. */
    static List<OffMark> of(SheetPlan sheets, Trimmer trimmer) {
        List<OffMark> off = new ArrayList<>();
        for (PaperPlan paper : sheets.papers()) {
            for (CutPart part : paper.order().parts()) {
                Size cut = paper.order().cutTo(part, trimmer);
                if (!cut.equals(part.blank())) {
                    off.add(new OffMark(part, cut));
                }
            }
        }
        return off;
    }

    /**
     * What is asked, and how far off it comes out.
     *
     * @param system what the maker measures in
     */
    public Phrase sentence(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system)
                .words(part.usedAs() + ", ")
                .size(part.blank())
                .words(": your trimmer has no mark for it. It comes out ");
        Length wider = cut.width().minus(part.blank().width());
        Length higher = cut.height().minus(part.blank().height());
        if (!wider.isZero()) {
            writer.length(wider.abs()).words(wider.isNegative() ? " narrower" : " wider");
        }
        if (!wider.isZero() && !higher.isZero()) {
            writer.words(" and ");
        }
        if (!higher.isZero()) {
            writer.length(higher.abs()).words(higher.isNegative() ? " lower" : " higher");
        }
        return writer.words(".").end();
    }
}
