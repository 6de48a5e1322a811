package kwibbet.app.kits;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import kwibbet.app.web.Entries;
import kwibbet.kit.Kit;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Slot;

/** Reads a kit or class from its form. */
final class KitForm {

    /** A class, rather than a kit. */
    static final String CLASS = "class";

    private static final int USUAL_MINUTES = 90;
    private static final int USUAL_OPENING = 10;

    private KitForm() {}

    /**
     * The kit a form says; what is wrong with it is noted at its fields.
     *
     * @param entries the form
     * @param cards which cards are in a bag
     * @param before the kit as it was; nothing of a new one
     * @param today the day on which it is sent
     */
    static Kit read(Entries entries, List<String> cards, Optional<Kit> before, LocalDate today) {
        List<Kit.Line> lines = cards.stream()
                .map(card -> new Kit.Line(card, entries.has("each-" + card) ? entries.wholeNumber("each-" + card) : 1))
                .toList();
        Optional<Meeting> meeting = entries.words("kind").equals(CLASS)
                ? Optional.of(meeting(entries, before.flatMap(Kit::meeting), today))
                : Optional.empty();
        Kit kit = new Kit(
                entries.words("name"),
                lines,
                new Kit.Bags(entries.wholeNumber("bags"), entries.has("spares") ? entries.wholeNumber("spares") : 0),
                before.map(Kit::sharing).orElse(Sharing.NONE),
                meeting,
                before.map(Kit::pricing).orElse(Pricing.NONE));
        entries.refuse(kit.refusals());
        return kit;
    }

    private static Meeting meeting(Entries entries, Optional<Meeting> before, LocalDate today) {
        LocalDate date = time(entries, "date", LocalDate::parse, today, "Enter a date, as 2027-03-20.");
        boolean isAsBefore =
                before.filter(each -> each.slot().date().equals(date)).isPresent();
        if (date.isBefore(today) && !isAsBefore) {
            entries.refuse("date", "That day is past: choose today or a later one.");
        }
        LocalTime start = time(entries, "start", LocalTime::parse, LocalTime.NOON, "Enter a time, as 14:00.");
        Map<SharedTool, Integer> tools = new EnumMap<>(SharedTool.class);
        for (SharedTool tool : SharedTool.values()) {
            if (!entries.words(tool.key()).isEmpty()) {
                tools.put(tool, entries.wholeNumber(tool.key()));
            }
        }
        LearnerPace usual = before.map(Meeting::pace).orElse(LearnerPace.USUAL);
        return new Meeting(
                new Slot(
                        date,
                        start,
                        number(
                                entries,
                                "minutes",
                                before.map(each -> each.slot().minutes()).orElse(USUAL_MINUTES)),
                        number(
                                entries,
                                "opening",
                                before.map(each -> each.slot().opening()).orElse(USUAL_OPENING))),
                entries.words("place"),
                tools,
                new LearnerPace(
                        number(entries, "slower", usual.slower()),
                        number(entries, "between", usual.between()),
                        number(entries, "within", usual.within())),
                number(entries, "day", before.map(Meeting::day).orElse(Meeting.USUAL_DAY)));
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
