package kwibbet.stock;

import java.util.Optional;

import kwibbet.card.Tape;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** What there can be so much of. */
public sealed interface StockItem {

    /** What is counted, as {@code offcuts 4 × 12 in}. */
    Phrase words(MeasureSystem system);

    /** So much of it, zero or more, as it is counted, with a sign before it. */
    Phrase amount(String sign, long amount, MeasureSystem system);

    /** Sheets of paper, whole or left over; counted one by one. */
    sealed interface OfPaper extends StockItem {

        /** The paper it is of. */
        PaperId paper();

        /** How large a leftover is; nothing for whole sheets. */
        Optional<Size> leftoverSize();

        @Override
        default Phrase words(MeasureSystem system) {
            return leftoverSize()
                    .map(size -> Phrase.in(system).words("offcuts ").size(size).end())
                    .orElse(Phrase.of("sheets"));
        }

        @Override
        default Phrase amount(String sign, long amount, MeasureSystem system) {
            return Phrase.of(sign + amount);
        }
    }

    /**
     * Whole sheets of a paper.
     *
     * @param paper which
     */
    record Sheets(PaperId paper) implements OfPaper {
        @Override
        public Optional<Size> leftoverSize() {
            return Optional.empty();
        }
    }

    /**
     * Leftovers of one size.
     *
     * @param paper the paper they are of
     * @param size their size, as the sheet lay they were cut from
     */
    record Leftovers(PaperId paper, Size size) implements OfPaper {
        @Override
        public Optional<Size> leftoverSize() {
            return Optional.of(size);
        }
    }

    /**
     * A tape, off whatever roll; counted by its length in ticks ({@link kwibbet.measure.Length#toTicks}).
     *
     * @param tape which
     */
    record Taped(Tape tape) implements StockItem {
        @Override
        public Phrase words(MeasureSystem system) {
            return Phrase.of(tape.words(system));
        }

        @Override
        public Phrase amount(String sign, long amount, MeasureSystem system) {
            return Phrase.in(system).words(sign).length(Length.ofTicks(amount)).end();
        }
    }
}
