package kwibbet.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import kwibbet.measure.LengthParseException;
import kwibbet.outcome.Outcome;

/**
 * How tools are said one after the other, parted by commas.
 *
 * @param field the key of the entry they are said in
 * @param one what one of them looks like, in small letters
 * @param misfit what is wrong with one that does not look like that
 * @param tools what they are called
 * @param most so many at most
 * @param example how they are said, for example
 */
record SaidList(String field, Pattern one, String misfit, String tools, int most, String example) {

    /**
     * Reads them.
     *
     * @param said the tools; none where it is blank
     * @param of what one comes to; whatever it throws as an illegal argument is told
     */
    <T> Outcome<List<T>> read(String said, Function<Matcher, T> of) {
        List<T> all = new ArrayList<>();
        for (String part : said.toLowerCase(Locale.ROOT).split("[,;\\n]", -1)) {
            if (part.isBlank()) {
                continue;
            }
            Matcher matcher = one.matcher(part.strip());
            if (!matcher.matches()) {
                return wrong("“" + part.strip() + "” " + misfit + ".");
            }
            try {
                all.add(of.apply(matcher));
            } catch (LengthParseException misread) {
                return wrong(Objects.requireNonNullElse(misread.getMessage(), ""));
            } catch (IllegalArgumentException odd) {
                return wrong("No: " + odd.getMessage() + ".");
            }
        }
        return all.size() > most ? wrong("At most " + most + " " + tools + ".") : Outcome.made(all);
    }

    private <T> Outcome<List<T>> wrong(String what) {
        return Outcome.refused(field, what + " Say it as “" + example + "”.");
    }
}
