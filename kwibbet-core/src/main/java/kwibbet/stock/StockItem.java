package kwibbet.stock;

import java.util.Optional;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
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

    /** What is used up besides paper. */
    sealed interface Goods extends StockItem {

        /** Whether it comes off a roll. */
        boolean isOnRoll();

        /** So much of it, as the item is counted. */
        SupplyList list(long amount, MeasureSystem system);

        /** What it is that is used up. */
        static Goods of(SupplyList used) {
            if (used.total() instanceof Supply.OfTape tape) {
                return new Taped(tape.tape());
            }
            return new Named(used.name(), Measure.of(used.total()));
        }

        /** How much of it that is, as the item is counted: volumes to the next microlitre. */
        static long amountOf(SupplyList used) {
            if (used.total() instanceof Supply.OfTape tape) {
                return tape.length().toTicks();
            }
            if (used.total() instanceof Supply.OfLength length) {
                return length.length().toTicks();
            }
            return used.total() instanceof Supply.OfCount count
                    ? count.count()
                    : ((Supply.OfVolume) used.total()).microlitres();
        }
    }

    /** In what something that has a name is counted. */
    enum Measure {
        /** Piece by piece. */
        COUNT,
        /** In ticks along its roll ({@link kwibbet.measure.Length#toTicks}). */
        LENGTH,
        /** In microlitres. */
        VOLUME;

        private static Measure of(Supply.Amount amount) {
            if (amount instanceof Supply.OfLength) {
                return LENGTH;
            }
            return amount instanceof Supply.OfCount ? COUNT : VOLUME;
        }
    }

    /**
     * A tape, off whatever roll; counted by its length in ticks ({@link kwibbet.measure.Length#toTicks}).
     *
     * @param tape which
     */
    record Taped(Tape tape) implements Goods {
        @Override
        public boolean isOnRoll() {
            return true;
        }

        @Override
        public Phrase words(MeasureSystem system) {
            return Phrase.of(tape.words(system));
        }

        @Override
        public Phrase amount(String sign, long amount, MeasureSystem system) {
            return Phrase.in(system).words(sign).length(Length.ofTicks(amount)).end();
        }

        @Override
        public SupplyList list(long amount, MeasureSystem system) {
            return new SupplyList(tape.words(system), new Supply.OfTape(tape, Length.ofTicks(amount)));
        }
    }

    /**
     * Findings, cord, filler, envelopes: anything that has a name.
     *
     * @param name what it is called
     * @param measure in what it is counted
     */
    record Named(String name, Measure measure) implements Goods {
        @Override
        public boolean isOnRoll() {
            return measure == Measure.LENGTH;
        }

        @Override
        public Phrase words(MeasureSystem system) {
            return Phrase.of(name);
        }

        @Override
        public Phrase amount(String sign, long amount, MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system).words(sign);
            return isOnRoll()
                    ? writer.length(Length.ofTicks(amount)).end()
                    : writer.phrase(list(amount, system).amount(system)).end();
        }

        @Override
        public SupplyList list(long amount, MeasureSystem system) {
            return new SupplyList(
                    name,
                    switch (measure) {
                        case COUNT -> new Supply.OfCount(Math.toIntExact(amount));
                        case LENGTH -> new Supply.OfLength(Length.ofTicks(amount));
                        case VOLUME -> Supply.OfVolume.ofMicrolitres(amount);
                    });
        }
    }
}
