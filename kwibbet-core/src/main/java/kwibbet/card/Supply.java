package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/**
 * Something used up that is not cut from a sheet.
 *
 * @param owner what it is used for
 * @param name what makers call it, as {@code foam tape, 1/8 in high}
 * @param amount how much of it one card takes
 */
public record Supply(PieceId owner, String name, Amount amount) {

    /** Millilitres in a cubic inch: 2.54 cubed, exactly. */
    private static final double MILLILITRES = 16.387064;

    /** Microlitres in a millilitre. */
    private static final double MICROLITRES = 1_000;

    /** How much. */
    public sealed interface Amount {}

    /**
     * So much off a roll.
     *
     * @param length along the roll
     */
    public record OfLength(Length length) implements Amount {}

    /**
     * So much of a tape.
     *
     * @param tape which
     * @param length along the roll
     */
    public record OfTape(Tape tape, Length length) implements Amount {}

    /**
     * So many.
     *
     * @param count at least 1
     */
    public record OfCount(int count) implements Amount {}

    /**
     * So much filler.
     *
     * @param cubicInches its volume
     */
    public record OfVolume(double cubicInches) implements Amount {

        /** Of so many cubic inches, or millilitres. */
        public static OfVolume of(double amount, MeasureSystem system) {
            return new OfVolume(system == MeasureSystem.INCH ? amount : amount / MILLILITRES);
        }

        /** Of so many microlitres. */
        public static OfVolume ofMicrolitres(long amount) {
            return of(amount / MICROLITRES, MeasureSystem.METRIC);
        }

        /** How many microlitres it is, to the next. */
        public long microlitres() {
            return Math.round(in(MeasureSystem.METRIC) * MICROLITRES);
        }

        /** How many cubic inches, or millilitres, it is. */
        public double in(MeasureSystem system) {
            return system == MeasureSystem.INCH ? cubicInches : cubicInches * MILLILITRES;
        }
    }

    /** A stretch of tape, called as its height is said in {@code system}. */
    public static Supply tape(PieceId owner, Tape tape, Length length, MeasureSystem system) {
        return new Supply(owner, tape.words(system), new OfTape(tape, length));
    }

    /** A stretch of something. */
    public static Supply length(PieceId owner, String name, Length length) {
        return new Supply(owner, name, new OfLength(length));
    }

    /** Several of something. */
    public static Supply count(PieceId owner, String name, int count) {
        return new Supply(owner, name, new OfCount(count));
    }

    /** A volume of something. */
    public static Supply volume(PieceId owner, String name, double cubicInches) {
        return new Supply(owner, name, new OfVolume(cubicInches));
    }
}
