package kwibbet.formats.plot;

import java.math.BigDecimal;
import java.math.RoundingMode;

import kwibbet.measure.Length;

/** Lengths as decimals of a millimetre, to a hundred-thousandth, which tells every tick from the next. */
final class Millimetres {

    private static final int PLACES = 5;

    private Millimetres() {}

    static String of(Length length) {
        BigDecimal rounded = BigDecimal.valueOf(length.toMillimetres())
                .setScale(PLACES, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }
}
