package kwibbet.stock;

/**
 * Names a booking. One that is asked for twice, by a double click, from two tabs or because its answer was lost, comes under the same key.
 *
 * @param value 1 to 100 letters
 */
public record BookingKey(String value) {

    private static final int LONGEST = 100;
    private static final String BACK = "back ";
    private static final String MADE = "made ";

    /**
     * Checks the length.
     *
     * @throws IllegalArgumentException when it is blank or too long
     */
    public BookingKey {
        if (value.isBlank() || value.length() > LONGEST + BACK.length()) {
            throw new IllegalArgumentException(
                    "a booking is named by 1 to " + LONGEST + " letters, not “" + value + "”");
        }
    }

    /** The key under which sheets of a layout of a run are cut for the so-manieth time, from 1. */
    public static BookingKey ofCut(String run, String layout, int time) {
        return new BookingKey("cut " + run + " " + layout + " " + time);
    }

    /** The key under which a run uses what its cards take as they are made, for each state of the run once. */
    public static BookingKey ofMade(String run, long version) {
        return new BookingKey(MADE + run + " " + version);
    }

    /** Whether it is the key of what was used as cards were made. */
    public boolean isOfMade() {
        return value.startsWith(MADE);
    }

    /** The key of what takes the booking of this key back. */
    public BookingKey back() {
        return new BookingKey(BACK + value);
    }

    /** Whether it is the key of what takes another back, which itself is not taken back. */
    public boolean isBack() {
        return value.startsWith(BACK);
    }
}
