package kwibbet.kit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * When a class is.
 *
 * @param date the day
 * @param start when it begins
 * @param minutes how long it is
 * @param opening minutes of it before hands are busy: words of welcome, bags handed out
 */
public record Slot(LocalDate date, LocalTime start, int minutes, int opening) {

    /** A class lasts so long at most: a day. */
    public static final int LONGEST = 1_440;

    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    /** A day as it is told among others. */
    static String words(LocalDate day) {
        return day.format(WORDS);
    }

    /** The day as it is told among others. */
    public String day() {
        return words(date);
    }

    /** When it ends. */
    public LocalTime end() {
        return start.plusMinutes(minutes);
    }
}
