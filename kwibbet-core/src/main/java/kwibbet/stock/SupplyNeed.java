package kwibbet.stock;

import java.util.Optional;

import kwibbet.card.SupplyList;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * What a run still takes of something besides paper, beside what there is of it.
 *
 * @param use what, and how much is still to be used
 * @param onHand how much there is, as it is counted; nothing where it is not kept
 */
public record SupplyNeed(SupplyList use, Optional<Long> onHand) {

    private StockItem.Goods goods() {
        return StockItem.Goods.of(use);
    }

    private long need() {
        return StockItem.Goods.amountOf(use);
    }

    /** What there is too little of, as it is counted; 0 where there is enough, or it is not kept. */
    public long missing() {
        return onHand.map(has -> Math.max(need() - has, 0)).orElse(0L);
    }

    /** As it is read, lengths said generously. */
    public Phrase words(MeasureSystem system) {
        Phrase.Writer writer =
                Phrase.in(system).phrase(goods().words(system)).words(": ").phrase(use.amount(system));
        onHand.ifPresent(has ->
                writer.words(", ").phrase(goods().amount("", has, system)).words(" on hand"));
        if (missing() > 0) {
            writer.words(", short by ").phrase(goods().list(missing(), system).amount(system));
        }
        return writer.end();
    }
}
