package kwibbet.kit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

import kwibbet.room.Rooms;

/**
 * When and where learners make the cards of a kit.
 *
 * @param date the day
 * @param start when it begins
 * @param minutes how long it is
 * @param place where; may be empty
 * @param opening minutes of it before hands are busy: words of welcome, bags handed out
 * @param tools how many there are of each shared tool; of those that are not here everybody has one
 * @param pace how learners work
 */
public record Meeting(
        LocalDate date,
        LocalTime start,
        int minutes,
        String place,
        int opening,
        Map<SharedTool, Integer> tools,
        LearnerPace pace) {

    /** A class lasts so long at most: a day. */
    public static final int LONGEST = 1_440;

    /** Copies the tools. */
    public Meeting {
        tools = Map.copyOf(tools);
    }

    /** How long hands are busy at most, in minutes. */
    public int handsOn() {
        return minutes - opening;
    }

    /** How many there are of a tool, in words; nothing where everybody has one. */
    public String count(SharedTool tool) {
        return Optional.ofNullable(tools.get(tool)).map(String::valueOf).orElse("");
    }

    /** When nine in ten are done, in whole minutes from the beginning. */
    public long nineInTen(Rooms rooms) {
        return Math.round(opening + rooms.nineInTen());
    }

    /** Whether nine in ten are done in time. */
    public boolean fits(Rooms rooms) {
        return rooms.nineInTen() <= handsOn();
    }

    /** When it ends. */
    public LocalTime end() {
        return start.plusMinutes(minutes);
    }

    /** The same with one more of a tool. */
    Meeting withOneMore(SharedTool tool) {
        Map<SharedTool, Integer> more = new EnumMap<>(SharedTool.class);
        more.putAll(tools);
        more.merge(tool, 1, Integer::sum);
        return new Meeting(date, start, minutes, place, opening, more, pace);
    }
}
