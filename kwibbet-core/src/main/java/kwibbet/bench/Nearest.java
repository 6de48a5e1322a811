package kwibbet.bench;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.wording.Phrase;

/** Figures that a tool cannot show. */
final class Nearest {

    /** What no eye sees and no figure shows is not told. */
    private static final Length UNSEEN = Length.ofInches(1, 256);

    private Nearest() {}

    /** Whether so little is no error to tell. */
    static boolean isUnseen(Length error) {
        return error.abs().isShorterThan(UNSEEN);
    }

    /** What a reader must know of a figure that the tool cannot show; nothing when it can. */
    static Phrase errorOf(Rounded set, MeasureSystem system) {
        if (isUnseen(set.error())) {
            return Phrase.of("");
        }
        return Phrase.in(system)
                .words(" That is the nearest mark, ")
                .length(set.error().abs())
                .words(set.error().isNegative() ? " under." : " over.")
                .end();
    }
}
