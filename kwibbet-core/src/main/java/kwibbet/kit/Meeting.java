package kwibbet.kit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;

/**
 * When and where learners make the cards of a kit.
 *
 * @param slot when
 * @param venue where, and what is there
 * @param pace how learners work
 * @param day how long the maker prepares on a day, in minutes
 */
public record Meeting(Slot slot, Venue venue, LearnerPace pace, int day) {

    /** What is usual; common practice, no source. */
    private static final int MINUTES = 90;

    private static final int OPENING = 10;
    private static final int DAY = 120;
    private static final LocalTime START = LocalTime.of(14, 0);

    /** What a new class begins with: an afternoon in a fortnight, with one press. */
    static Meeting begun(LocalDate today) {
        Slot slot = new Slot(today.plusWeeks(2), START, MINUTES, OPENING);
        return new Meeting(slot, Venue.of("", Map.of(SharedTool.PRESS, 1)), LearnerPace.USUAL, DAY);
    }

    /** How long hands are busy at most, in minutes. */
    public int handsOn() {
        return slot.minutes() - slot.opening();
    }

    /** How many there are of a tool, in words; nothing where everybody has one. */
    public String count(SharedTool tool) {
        return Optional.ofNullable(tools().get(tool)).map(String::valueOf).orElse("");
    }

    /** What the place is called; may be empty. */
    public String place() {
        return venue.place();
    }

    /** How many there are of each shared tool; of those that are not here everybody has one. */
    public Map<SharedTool, Integer> tools() {
        return venue.tools();
    }

    /** The same with one more of a tool. */
    Meeting withOneMore(SharedTool tool) {
        return new Meeting(slot, venue.withOneMore(tool), pace, day);
    }
}
