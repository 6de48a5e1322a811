package kwibbet.app.web;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

/**
 * A form as it was sent: what was typed, and what is wrong with it. What was typed stays until it is right.
 *
 * <p>Reading an entry that makes no sense notes a message for its field and yields a stand-in; {@link #areGood()} says
 * whether that happened.
 */
public final class Entries {

    /** What is said of a form whose thing was changed elsewhere. */
    public static final String STALE =
            "This was changed elsewhere after you opened it. What you typed stands here; send it again to keep it.";

    private static final int MOST_DIGITS = 7;

    private final Map<String, String> typed;
    private final Map<String, String> messages = new HashMap<>();

    private Entries(Map<String, String> typed) {
        this.typed = Map.copyOf(typed);
    }

    /** Nothing sent yet. */
    public static Entries none() {
        return new Entries(Map.of());
    }

    /** The fields of a form. */
    public static Entries of(Map<String, String> typed) {
        return new Entries(typed);
    }

    /** The same form with nothing found wrong yet. */
    public Entries copy() {
        return new Entries(typed);
    }

    /** Whether nothing wrong was found so far. */
    public boolean areGood() {
        return messages.isEmpty();
    }

    /** What to show in a field: what was typed if something in the form is wrong, otherwise {@code kept}. */
    public String shown(String field, String kept) {
        return areGood() ? kept : Optional.ofNullable(typed.get(field)).orElse(kept);
    }

    /** What is wrong with a field; empty when nothing is. */
    public String message(String field) {
        return Optional.ofNullable(messages.get(field)).orElse("");
    }

    /** All messages. */
    public List<String> messages() {
        return messagesBut(Set.of());
    }

    /** The messages for fields that a page does not show. */
    public List<String> messagesBut(Set<String> shown) {
        return messages.entrySet().stream()
                .filter(message -> !shown.contains(message.getKey()))
                .map(Map.Entry::getValue)
                .sorted()
                .toList();
    }

    /** Whether what a field would show is a whole number that was typed. */
    public boolean isCount(String field) {
        return shown(field, "").matches("-?\\d{1,4}");
    }

    /** Notes what is wrong with a field; the first message stays. */
    public void refuse(String field, String message) {
        messages.putIfAbsent(field, message);
    }

    /** Notes every refusal at its field. */
    public void refuse(List<Refusal> reasons) {
        reasons.forEach(reason -> refuse(reason.field(), reason.message()));
    }

    /** The words in a field, without blanks around them. */
    public String words(String field) {
        return Optional.ofNullable(typed.get(field)).orElse("").strip();
    }

    /** Whether a box was ticked. */
    public boolean isTicked(String field) {
        return !words(field).isEmpty();
    }

    /** The length in a field. */
    public Length length(String field, MeasureSystem system) {
        try {
            return Length.parse(words(field), system);
        } catch (LengthParseException refused) {
            refuse(field, Optional.ofNullable(refused.getMessage()).orElse("That is not a length."));
            return Length.ofInches(1);
        }
    }

    /** A length of more than zero. */
    public Length side(String field, MeasureSystem system) {
        Length length = length(field, system);
        if (!length.isPositive()) {
            refuse(field, "It must be more than 0.");
            return Length.ofInches(1);
        }
        return length;
    }

    /** The whole number in a field. */
    public int wholeNumber(String field) {
        String words = words(field).replace(" ", "");
        if (!words.matches("-?\\d+")) {
            refuse(field, "Enter a whole number.");
            return 1;
        }
        if (words.length() > MOST_DIGITS) {
            refuse(field, "“" + words + "” is far too many.");
            return 1;
        }
        return Integer.parseInt(words);
    }

    /** The version a form was made from; −1 where it says none. */
    public long version() {
        String words = words("version");
        return words.matches("\\d{1,18}") ? Long.parseLong(words) : -1;
    }

    /** The sum of money in a field, in hundredths; nothing typed is 0. */
    public int cents(String field) {
        String words = words(field).replace(',', '.');
        if (words.isEmpty()) {
            return 0;
        }
        if (!words.matches("\\d{1,5}(\\.\\d{1,2})?")) {
            refuse(field, "Enter a sum such as 0.45.");
            return 0;
        }
        return new BigDecimal(words).movePointRight(2).intValueExact();
    }

    /** The length of a number of millimetres that a drawing reports; what is no number is nothing. */
    public Length millimetres(String field) {
        String words = words(field);
        return words.matches("-?\\d{1,5}(\\.\\d{1,9})?")
                ? Length.nearestInches(Double.parseDouble(words) / 25.4)
                : Length.ZERO;
    }

    /** Whether a field was sent at all. */
    public boolean has(String field) {
        return typed.containsKey(field);
    }

    /** The choice made in a field. */
    public <E extends Enum<E>> E choice(String field, Class<E> kind) {
        for (E choice : kind.getEnumConstants()) {
            if (choice.name().equals(words(field))) {
                return choice;
            }
        }
        refuse(field, "Choose one of the list.");
        return kind.getEnumConstants()[0];
    }
}
