package kwibbet.kit;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

import kwibbet.room.Rooms;

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

    /** An evening. */
    public static final int USUAL_DAY = 120;

    /** Copies the tools. */
    public Meeting {
        tools = Map.copyOf(tools);
    }

    /** How long hands are busy at most, in minutes. */
    public int handsOn() {
        return slot.minutes() - slot.opening();
    }

    /** How many there are of a tool, in words; nothing where everybody has one. */
    public String count(SharedTool tool) {
        return Optional.ofNullable(tools.get(tool)).map(String::valueOf).orElse("");
    }

    /** When nine in ten are done, in whole minutes from the beginning. */
    public long nineInTen(Rooms rooms) {
        return Math.round(slot.opening() + rooms.nineInTen());
    }

    /** Whether nine in ten are done in time. */
    public boolean fits(Rooms rooms) {
        return rooms.nineInTen() <= handsOn();
    }

    /** The same with one more of a tool. */
    Meeting withOneMore(SharedTool tool) {
        Map<SharedTool, Integer> more = new EnumMap<>(SharedTool.class);
        more.putAll(tools);
        more.merge(tool, 1, Integer::sum);
        return new Meeting(slot, place, more, pace, day);
    }
}
