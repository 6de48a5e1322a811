package kwibbet.bench;

import java.util.List;

import kwibbet.layout.Leftover;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * Offcuts that are kept and come off a printed sheet with a bare edge.
 *
 * @param letter the letter of the sheet
 * @param leftover the offcuts
 */
public record BareOffcut(String letter, Leftover leftover) {

    /** All of a plan. */
    static List<BareOffcut> of(SheetPlan sheets) {
        return sheets.lettered().stream()
                .flatMap(sheet -> Leftover.of(sheet).stream()
                        .filter(left -> left.isKept() && left.hasBareEdge())
                        .map(left -> new BareOffcut(sheet.letter(), left)))
                .toList();
    }

    /** What is cut off before they go into the drawer. */
    public Phrase sentence(MeasureSystem system) {
        boolean many = leftover.count() > 1;
        return Phrase.in(system)
                .words(many ? leftover.count() + " offcuts " : "The offcut ")
                .size(leftover.asCut())
                .words(" of sheet " + letter + (many ? " are" : " is") + " worth keeping: cut the bare edge off, to ")
                .size(leftover.size())
                .words(".")
                .end();
    }
}
