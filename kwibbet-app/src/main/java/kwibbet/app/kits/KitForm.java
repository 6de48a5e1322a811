package kwibbet.app.kits;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import kwibbet.app.web.Entries;
import kwibbet.kit.Extra;
import kwibbet.kit.Kit;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Slot;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.outcome.Refusal;

/** Reads a kit or class from its form. */
final class KitForm {

    /** A class, rather than a kit. */
    static final String CLASS = "class";

    private static final Pattern EXTRA = Pattern.compile("(extra-[a-z]+-)(\\d+)");

    private KitForm() {}

    /**
     * The kit a form says; what is wrong with it is noted at its fields.
     *
     * @param entries the form
     * @param cards which cards are in a bag
     * @param before the kit as it was, or as a new one begins
     * @param today the day on which it is sent
     */
    static Kit read(Entries entries, List<String> cards, Kit before, LocalDate today) {
        List<Kit.Line> lines = cards.stream()
                .map(card -> new Kit.Line(card, entries.has("each-" + card) ? entries.wholeNumber("each-" + card) : 1))
                .toList();
        Optional<Meeting> meeting = entries.words("kind").equals(CLASS)
                ? Optional.of(meeting(entries, before.meeting().orElseGet(() -> usual(today)), today))
                : Optional.empty();
        Kit kit = new Kit(
                entries.words("name"),
                new Kit.Contents(lines, entries.has("extra-name-0") ? extras(entries) : before.extras()),
                new Kit.Bags(entries.wholeNumber("bags"), entries.has("spares") ? entries.wholeNumber("spares") : 0),
                before.sharing(),
                meeting,
                before.pricing());
        entries.refuse(kit.refusals().stream()
                .map(refusal -> new Refusal(lineOf(entries, refusal.field()), refusal.message()))
                .toList());
        return kit;
    }

    /** What goes with the cards, row after row; a row without a name is none. */
    /** The lines of the form in which something goes with the cards; a line without a name is none. */
    private static List<Integer> rows(Entries entries) {
        return IntStream.rangeClosed(0, Extra.MOST)
                .filter(row -> !entries.words("extra-name-" + row).isEmpty())
                .boxed()
                .toList();
    }

    private static List<Extra> extras(Entries entries) {
        return rows(entries).stream()
                .map(row -> new Extra(
                        entries.words("extra-name-" + row),
                        number(entries, "extra-each-" + row, 1),
                        new Extra.Pack(
                                number(entries, "extra-pack-" + row, 1),
                                entries.has("extra-price-" + row) ? entries.cents("extra-price-" + row) : 0)))
                .toList();
    }

    /** The field of what goes with the cards in its line of the form; other fields are as they are. */
    private static String lineOf(Entries entries, String field) {
        Matcher extra = EXTRA.matcher(field);
        List<Integer> rows = rows(entries);
        return extra.matches() && Integer.parseInt(extra.group(2)) < rows.size()
                ? extra.group(1) + rows.get(Integer.parseInt(extra.group(2)))
                : field;
    }

    /** A kit has become a class. */
    private static Meeting usual(LocalDate today) {
        return Kit.begun(today)
                .meeting()
                .orElseThrow(() -> new IllegalStateException("what a new one begins with is a class"));
    }

    private static Meeting meeting(Entries entries, Meeting before, LocalDate today) {
        LocalDate date = time(entries, "date", LocalDate::parse, today, "Enter a date, as 2027-03-20.");
        if (date.isBefore(today) && !before.slot().date().equals(date)) {
            entries.refuse("date", "That day is past: choose today or a later one.");
        }
        LocalTime start = time(entries, "start", LocalTime::parse, LocalTime.NOON, "Enter a time, as 14:00.");
        Map<SharedTool, Integer> tools = new EnumMap<>(SharedTool.class);
        for (SharedTool tool : SharedTool.values()) {
            if (!entries.words(tool.key()).isEmpty()) {
                tools.put(tool, entries.wholeNumber(tool.key()));
            }
        }
        return new Meeting(
                new Slot(
                        date,
                        start,
                        number(entries, "minutes", before.slot().minutes()),
                        number(entries, "opening", before.slot().opening())),
                new Venue(
                        entries.words("place"),
                        tools,
                        entries.has("tables")
                                ? Table.read(entries.words("tables"))
                                : before.venue().tables()),
                new LearnerPace(
                        number(entries, "slower", before.pace().slower()),
                        number(entries, "between", before.pace().between()),
                        number(entries, "within", before.pace().within())),
                number(entries, "day", before.day()));
    }

    private static int number(Entries entries, String field, int otherwise) {
        return entries.has(field) ? entries.wholeNumber(field) : otherwise;
    }

    private static <T> T time(Entries entries, String field, Function<String, T> parse, T otherwise, String message) {
        try {
            return parse.apply(entries.words(field));
        } catch (DateTimeException unread) {
            entries.refuse(field, message);
            return otherwise;
        }
    }
}
