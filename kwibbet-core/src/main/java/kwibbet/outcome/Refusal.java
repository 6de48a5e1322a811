package kwibbet.outcome;

/**
 * Why something cannot be made.
 *
 * @param field the key of the entry it belongs to, such as {@code width} or {@code border}
 * @param message what is wrong and what would be right, in a maker's words
 */
public record Refusal(String field, String message) {

    /** The same refusal, said of an entry of another name. */
    public Refusal at(String otherField) {
        return new Refusal(otherField, message);
    }
}
