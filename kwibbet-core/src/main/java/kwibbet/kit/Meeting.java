package kwibbet.kit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * When and where learners make the cards of a kit.
 *
 * @param slot when
 * @param place where; may be empty
 * @param tools how many there are of each shared tool; of those that are not here everybody has one
 * @param pace how learners work
 * @param day how long the maker prepares on a day, in minutes
 */
public record Meeting(Slot slot, String place, Map<SharedTool, Integer> tools, LearnerPace pace, int day) {

    /** What is usual; common practice, no source. */
    private static final int MINUTES = 90;

    private static final int OPENING = 10;
    private static final int DAY = 120;
    private static final LocalTime START = LocalTime.of(14, 0);

    /** Copies the tools. */
    public Meeting {
        tools = Map.copyOf(tools);
    }

    /** What a new class begins with: an afternoon in a fortnight, with one press. */
    static Meeting begun(LocalDate today) {
        Slot slot = new Slot(today.plusWeeks(2), START, MINUTES, OPENING);
        return new Meeting(slot, "", Map.of(SharedTool.PRESS, 1), LearnerPace.USUAL, DAY);
    }

    /** How long hands are busy at most, in minutes. */
    public int handsOn() {
        return slot.minutes() - slot.opening();
    }

    /** How many there are of a tool, in words; nothing where everybody has one. */
    public String count(SharedTool tool) {
        return Optional.ofNullable(tools.get(tool)).map(String::valueOf).orElse("");
    }

    /** The same with one more of a tool. */
    Meeting withOneMore(SharedTool tool) {
        Map<SharedTool, Integer> more = new EnumMap<>(SharedTool.class);
        more.putAll(tools);
        more.merge(tool, 1, Integer::sum);
        return new Meeting(slot, place, more, pace, day);
    }
}
