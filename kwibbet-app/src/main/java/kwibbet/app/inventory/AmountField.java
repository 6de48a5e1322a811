package kwibbet.app.inventory;

import java.math.BigDecimal;
import java.math.RoundingMode;

import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.card.Supply;
import kwibbet.measure.MeasureSystem;

/** How much of something besides paper, as it is typed: pieces, a length or a volume. */
final class AmountField {

    private AmountField() {}

    /**
     * How much was entered, of the same as {@code like}; where it cannot be read that is refused at the field.
     *
     * @return what was entered, zero or more; anything where it is refused
     */
    static Supply.Amount read(Entries entries, String field, Supply.Amount like, MeasureSystem system) {
        if (like instanceof Supply.OfCount) {
            return new Supply.OfCount(entries.wholeNumber(field));
        }
        if (like instanceof Supply.OfVolume) {
            return Supply.OfVolume.of(number(entries, field), system);
        }
        return like instanceof Supply.OfTape tape
                ? new Supply.OfTape(tape.tape(), entries.length(field, system))
                : new Supply.OfLength(entries.length(field, system));
    }

    private static double number(Entries entries, String field) {
        String words = entries.words(field).replace(',', '.');
        if (!words.matches("\\d{1,5}(\\.\\d{1,3})?")) {
            entries.refuse(field, "Enter how much it is, such as 120.");
            return 1;
        }
        return Double.parseDouble(words);
    }

    /** How much it is, as it is typed. */
    static String typed(Supply.Amount amount, MeasureSystem system) {
        if (amount instanceof Supply.OfTape tape) {
            return Markup.entry(tape.length(), system);
        }
        if (amount instanceof Supply.OfLength length) {
            return Markup.entry(length.length(), system);
        }
        if (amount instanceof Supply.OfCount count) {
            return String.valueOf(count.count());
        }
        return BigDecimal.valueOf(((Supply.OfVolume) amount).in(system))
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** What it is counted in. */
    static String unit(Supply.Amount amount, MeasureSystem system) {
        if (amount instanceof Supply.OfCount) {
            return "pieces";
        }
        if (amount instanceof Supply.OfVolume) {
            return system == MeasureSystem.INCH ? "cu in" : "ml";
        }
        return system.symbol();
    }
}
