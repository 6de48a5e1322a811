package kwibbet.kit;

import java.time.LocalTime;
import java.util.stream.Collectors;

import kwibbet.room.Rooms;

/**
 * How the room of a class goes, beside its slot. Times are whole minutes from the beginning of the class.
 *
 * @param meeting the class
 * @param rooms what happens in the room once hands are busy
 */
public record Fit(Meeting meeting, Rooms rooms) {

    private static final int HUNDRED = 100;
    private static final int MOST_WAITS = 3;
    /** Shorter waits, in minutes, are not told. */
    private static final double NO_WAIT = 0.5;

    /** Whether nine in ten are done in time. */
    public boolean isInTime() {
        return rooms.nineInTen() <= meeting.handsOn();
    }

    /** When half are done. */
    public long half() {
        return fromBeginning(rooms.half());
    }

    /** When nine in ten are done. */
    public long nineInTen() {
        return fromBeginning(rooms.nineInTen());
    }

    /** In one class of ten nine in ten are done by then. */
    public long lucky() {
        return fromBeginning(rooms.inALuckyRoom());
    }

    /** In nine classes of ten they are. */
    public long unlucky() {
        return fromBeginning(rooms.inAnUnluckyRoom());
    }

    private long fromBeginning(double handsOn) {
        return Math.round(meeting.slot().opening() + handsOn);
    }

    /** What the clock shows when hands are busy for so many minutes. */
    LocalTime clock(int handsOn) {
        return meeting.slot().start().plusMinutes(meeting.slot().opening() + (long) handsOn);
    }

    /** How many of a hundred learners are done in time. */
    public long inTime() {
        return Math.round(HUNDRED * rooms.doneWithin(meeting.handsOn()));
    }

    /** For what a learner waits, and how long in all. */
    public String waits() {
        String waits = rooms.waits().stream()
                .filter(wait -> wait.mean() >= NO_WAIT)
                .limit(MOST_WAITS)
                .map(wait -> Math.round(wait.mean()) + " min for the "
                        + SharedTool.of(wait.tool()).map(SharedTool::words).orElse(wait.tool()))
                .collect(Collectors.joining(", "));
        return waits.isEmpty() ? "Nobody waits long." : "A learner waits " + waits + ".";
    }
}
