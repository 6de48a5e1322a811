package kwibbet.stock;

import java.util.Optional;

import kwibbet.card.SupplyList;
import kwibbet.card.TapeUse;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * What a run still takes of a tape, beside what there is of it.
 *
 * @param use which tape, and how much is still to be used
 * @param onHand how much there is; nothing where that tape is not kept
 */
public record TapeNeed(TapeUse use, Optional<Length> onHand) {

    /** What there is too little of; zero where there is enough, or the tape is not kept. */
    public Length missing() {
        return onHand.map(has -> Length.max(use.length().minus(has), Length.ZERO))
                .orElse(Length.ZERO);
    }

    /** As it is read, lengths said generously. */
    public Phrase words(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system).words(use.tape().words(system) + ": ");
        writer.length(said(use.length(), system));
        onHand.ifPresent(has -> writer.words(", ").length(has).words(" on hand"));
        if (missing().isPositive()) {
            writer.words(", short by ").length(said(missing(), system));
        }
        return writer.end();
    }

    private static Length said(Length length, MeasureSystem system) {
        return length.isZero() ? length : SupplyList.generously(length, system);
    }
}
