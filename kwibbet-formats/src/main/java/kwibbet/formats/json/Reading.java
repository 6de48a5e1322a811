package kwibbet.formats.json;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;

import static kwibbet.formats.json.Misfit.require;

/**
 * A place in a JSON document that is being read. What is not in form there is told with its JSON pointer (RFC 6901).
 *
 * @param node what stands there; missing where nothing does
 * @param pointer the place
 */
public record Reading(JsonNode node, String pointer) {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_TEXT = 200;

    /**
     * Reads a document, or says what is wrong with it and where.
     *
     * @param text the document
     * @param largest the longest text that is read
     * @param reader reads its object
     * @param <T> what it is read as
     */
    public static <T> Outcome<T> of(String text, int largest, Function<Reading, T> reader) {
        if (text.length() > largest) {
            return Outcome.refused("", "That is too long: up to " + largest + " letters are read.");
        }
        try {
            Reading document = new Reading(JSON.readTree(text), "");
            require(document.node.isObject(), "", "It must be a JSON object.");
            return Outcome.made(reader.apply(document));
        } catch (Misfit misfit) {
            return misfit.refused();
        } catch (JacksonException notJson) {
            return Outcome.refused("", "This is not JSON: " + notJson.getOriginalMessage());
        }
    }

    /** A field of the object here. */
    public Reading at(String field) {
        return new Reading(node.path(field), pointer + "/" + field);
    }

    /** Whether nothing stands here. */
    public boolean isMissing() {
        return node.isMissingNode() || node.isNull();
    }

    /** The elements of the list here. */
    public List<Reading> elements(int most) {
        require(node.isArray(), pointer, "It must be a list.");
        require(node.size() <= most, pointer, "Up to " + most + " are read.");
        List<Reading> elements = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            elements.add(new Reading(node.get(i), pointer + "/" + i));
        }
        return elements;
    }

    /** The text here, not blank. */
    public String text() {
        require(node.isString() || node.isNumber(), pointer, "It must be a text.");
        String text = node.asString("");
        require(
                !text.isBlank() && text.length() <= LONGEST_TEXT,
                pointer,
                "It must be 1 to " + LONGEST_TEXT + " letters.");
        return text;
    }

    /** One of some words. */
    public String oneOf(String... words) {
        String text = text();
        require(List.of(words).contains(text), pointer, "It must be one of: " + String.join(", ", words) + ".");
        return text;
    }

    /** One of some words; the first where nothing stands. */
    public String oneOfOr(String otherwise, String... words) {
        return isMissing() ? otherwise : oneOf(words);
    }

    /** Yes or no; no where nothing stands. */
    public boolean flag() {
        require(isMissing() || node.isBoolean(), pointer, "It must be true or false.");
        return node.asBoolean(false);
    }

    /** A whole number within a range. */
    public long whole(long least, long most) {
        require(
                node.isIntegralNumber() && node.canConvertToLong() && node.asLong(0) >= least && node.asLong(0) <= most,
                pointer,
                "It must be a whole number from " + least + " to " + most + ".");
        return node.asLong(0);
    }

    /** A number within a range. */
    public double number(double least, double most) {
        require(
                node.isNumber() && node.asDouble(Double.NaN) >= least && node.asDouble(Double.NaN) <= most,
                pointer,
                "It must be a number from " + least + " to " + most + ".");
        return node.asDouble(0);
    }

    /** A length in any notation a maker types. */
    public Length length(MeasureSystem system) {
        require(node.isString() || node.isNumber(), pointer, "It must be a length, as “4 1/4” or “108 mm”.");
        try {
            return Length.parse(node.asString(""), system);
        } catch (LengthParseException misread) {
            throw new Misfit(pointer, Optional.ofNullable(misread.getMessage()).orElse("It is no length."));
        }
    }

    /** A length of more than zero and at most {@code most}. */
    public Length positive(MeasureSystem system, Length most) {
        Length length = length(system);
        require(
                length.isPositive() && !length.isLongerThan(most),
                pointer,
                "It must be more than 0 and at most " + most + ".");
        return length;
    }

    /** A length of zero or more and at most {@code most}; nothing where nothing stands. */
    public Optional<Length> notNegative(MeasureSystem system, Length most) {
        if (isMissing()) {
            return Optional.empty();
        }
        Length length = length(system);
        require(!length.isNegative() && !length.isLongerThan(most), pointer, "It must be 0 to " + most + ".");
        return Optional.of(length);
    }

    /** Which system numbers without a unit are measured in: {@code in} or {@code mm}. */
    public MeasureSystem system() {
        return oneOfOr("in", "in", "mm").equals("in") ? MeasureSystem.INCH : MeasureSystem.METRIC;
    }
}
