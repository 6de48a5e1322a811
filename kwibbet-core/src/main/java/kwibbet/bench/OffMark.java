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
                if (!Nearest.isUnseen(cut.width().minus(part.blank().width()))
                        || !Nearest.isUnseen(cut.height().minus(part.blank().height()))) {
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
        boolean isWide = !Nearest.isUnseen(wider);
        boolean isHigh = !Nearest.isUnseen(higher);
        if (isWide) {
            writer.length(wider.abs()).words(wider.isNegative() ? " narrower" : " wider");
        }
        if (isWide && isHigh) {
            writer.words(" and ");
        }
        if (isHigh) {
            writer.length(higher.abs()).words(higher.isNegative() ? " lower" : " higher");
        }
        return writer.words(".").end();
    }
}
