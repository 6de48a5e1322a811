package kwibbet.bench;

import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.wording.Phrase;

/** Figures that a tool cannot show. */
final class Nearest {

    private Nearest() {}

    /** What a reader must know of a figure that the tool cannot show; nothing when it can. */
    static Phrase errorOf(Rounded set, MeasureSystem system) {
        if (set.isExact()) {
            return Phrase.of("");
        }
        return Phrase.in(system)
                .words(" That is the nearest mark, ")
                .length(set.error().abs())
                .words(set.error().isNegative() ? " under." : " over.")
                .end();
    }
}
