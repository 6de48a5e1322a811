package kwibbet.formats.csv;

import java.util.regex.Pattern;

/**
 * A cell that no sheet program takes for a formula.
 *
 * <p>What begins with {@code =}, {@code +}, {@code -}, {@code @}, a tab or a line end gets an apostrophe before it, as the Open Worldwide
 * Application Security Project advises ("CSV Injection", from memory); reading takes it off again. What begins with apostrophes and then
 * such a sign gets one more, so that every text is read as it was written.
 */
final class CsvCell {

    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r\\n].*", Pattern.DOTALL);

    private CsvCell() {}

    static Object written(Object cell) {
        return cell instanceof String text && FORMULA.matcher(text).matches() ? "'" + text : cell;
    }

    static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
