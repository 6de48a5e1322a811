package kwibbet.formats.csv;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

import org.apache.commons.csv.CSVRecord;

import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

/** One line of a list, read column by column; what is wrong is noted with line and column, and a stand-in is given. */
final class CsvLine {

    private final CSVRecord line;
    private final List<Refusal> refusals;

    CsvLine(CSVRecord line, List<Refusal> refusals) {
        this.line = line;
        this.refusals = refusals;
    }

    /** Which line it is. */
    String at() {
        return "line " + (line.getRecordNumber() + 1);
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    String text(Enum<?> column) {
        return line.isSet(word(column)) ? CsvCell.read(line.get(word(column))) : "";
    }

    String textOr(Enum<?> column, String otherwise) {
        String text = text(column);
        return text.isEmpty() ? otherwise : text;
    }

    /** Inches where the column says nothing. */
    MeasureSystem system(Enum<?> column) {
        String said = textOr(column, MeasureSystem.INCH.symbol());
        return Stream.of(MeasureSystem.values())
                .filter(system -> system.symbol().equals(said))
                .findFirst()
                .orElseGet(() -> {
                    refuse(column, "It must be in or mm.");
                    return MeasureSystem.INCH;
                });
    }

    void refuse(Enum<?> column, String message) {
        refusals.add(new Refusal(at() + ", " + word(column), message));
    }

    <E extends Enum<E>> E choice(Enum<?> column, E otherwise) {
        String text = textOr(column, word(otherwise));
        List<String> words = new ArrayList<>();
        for (E each : otherwise.getDeclaringClass().getEnumConstants()) {
            if (word(each).equals(text)) {
                return each;
            }
            words.add(word(each));
        }
        refuse(column, "It must be one of: " + String.join(", ", words) + ".");
        return otherwise;
    }

    /** A length of more than zero. */
    Length side(Enum<?> column, MeasureSystem system) {
        Length side = length(column, system, "");
        if (!side.isPositive()) {
            refuse(column, "It must be more than 0.");
            return Length.ofInches(1);
        }
        return side;
    }

    Length length(Enum<?> column, MeasureSystem system, String otherwise) {
        try {
            return Length.parse(textOr(column, otherwise), system);
        } catch (LengthParseException misread) {
            refuse(column, Optional.ofNullable(misread.getMessage()).orElse("It is no length."));
            return Length.ofInches(1);
        }
    }

    int whole(Enum<?> column, String otherwise) {
        String text = textOr(column, otherwise);
        if (text.matches("[0-9]{1,9}")) {
            return Integer.parseInt(text);
        }
        refuse(column, "It must be a whole number.");
        return 0;
    }

    int cents(Enum<?> column) {
        String text = textOr(column, "0");
        if (text.matches("[0-9]{1,6}([.][0-9]{1,2})?")) {
            return new BigDecimal(text)
                    .movePointRight(2)
                    .setScale(0, RoundingMode.UNNECESSARY)
                    .intValueExact();
        }
        refuse(column, "It must be an amount, as 0.45.");
        return 0;
    }
}
