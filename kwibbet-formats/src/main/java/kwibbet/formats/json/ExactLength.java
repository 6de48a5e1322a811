package kwibbet.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

import kwibbet.measure.Length;

import static kwibbet.formats.json.Misfit.require;

/**
 * Lengths in documents that only Kwibbet reads: whole numbers of 1/121 920 inch, and texts as {@code 7/8} where they are no whole number of these, and so
 * exact.
 */
public final class ExactLength {

    private static final long LONGEST = 1_000_000_000_000L;
    private static final long EIGHTHS = 8;

    private ExactLength() {}

    /** A length as it is written. */
    public static JsonNode of(Length length) {
        return length.isMultipleOf(Length.GRAIN)
                ? JsonNodeFactory.instance.numberNode(length.dividedBy(Length.GRAIN))
                : JsonNodeFactory.instance.stringNode(
                        length.multipliedBy(EIGHTHS).dividedBy(Length.GRAIN) + "/" + EIGHTHS);
    }

    /**
     * The length that stands there, more than zero.
     *
     * @throws Misfit when there is none
     */
    public static Length read(Reading at) {
        if (!at.node().isString()) {
            return Length.GRAIN.multipliedBy(at.whole(1, LONGEST));
        }
        String text = at.text();
        require(text.matches("[1-9][0-9]{0,12}/" + EIGHTHS), at.pointer(), "It must be a number of eighths, as 7/8.");
        return Length.GRAIN
                .multipliedBy(Long.parseLong(text.substring(0, text.indexOf('/'))))
                .dividedBy(EIGHTHS);
    }
}
