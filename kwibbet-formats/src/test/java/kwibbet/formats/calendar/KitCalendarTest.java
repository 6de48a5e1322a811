package kwibbet.formats.calendar;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;

import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

import kwibbet.kit.KitDay;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Slot;
import kwibbet.kit.Venue;
import kwibbet.run.BenchStation;

import static org.assertj.core.api.Assertions.assertThat;

/** RFC 5545, read back with ical4j, which validates it; the rules for lines are looked at in the text itself. */
class KitCalendarTest {

    private static final LocalDate SATURDAY = LocalDate.of(2027, 3, 20);
    private static final List<KitDay> DAYS = List.of(
            new KitDay(
                    SATURDAY.minusDays(2),
                    List.of(
                            new KitDay.Part("cut the sheets; Moss, Oat", BenchStation.TRIM, 18),
                            new KitDay.Part("Lantern evening at the scoring board", BenchStation.SCORE, 30))),
            new KitDay(
                    SATURDAY.minusDays(1), List.of(new KitDay.Part("Lantern evening folding", BenchStation.MAKE, 90))));

    private static String written() {
        Meeting meeting = new Meeting(
                new Slot(SATURDAY, LocalTime.of(14, 0), 90, 10),
                Venue.of("Yard, first floor; back door", Map.of()),
                LearnerPace.USUAL,
                120);
        return KitCalendar.write(
                "abc", "Gates, windows; and doors", meeting, DAYS, Instant.parse("2027-01-01T08:00:00Z"));
    }

    @Test
    void aClassAndItsDaysReadBack() throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(written()));
        assertThat(calendar.validate().hasErrors()).isFalse();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events).hasSize(3);
        VEvent evening = events.get(0);
        assertThat(evening.getSummary().getValue()).isEqualTo("Gates, windows; and doors");
        assertThat(evening.getLocation().getValue()).isEqualTo("Yard, first floor; back door");
        assertThat(evening.getDateTimeStart().getDate()).isEqualTo(LocalDateTime.of(2027, 3, 20, 14, 0));
        assertThat(evening.getDateTimeEnd().getDate()).isEqualTo(LocalDateTime.of(2027, 3, 20, 15, 30));
        assertThat(events.get(1).getDateTimeStart().getDate()).isEqualTo(SATURDAY.minusDays(2));
        assertThat(events.get(1).getSummary().getValue()).isEqualTo("Prepare Gates, windows; and doors, 48 min");
        assertThat(events.get(1).getDescription().getValue())
                .isEqualTo("cut the sheets; Moss, Oat, 18 min\nLantern evening at the scoring board, 30 min");
        assertThat(events)
                .extracting(event -> event.getUid().orElseThrow().getValue())
                .containsExactly("abc@kwibbet", "abc-2@kwibbet", "abc-1@kwibbet");
    }

    /** 3.1: lines of no more than 75 octets end in CR LF; 3.3.11: commas and semicolons in texts are escaped. */
    @Test
    void linesAreInForm() {
        assertThat(written().replace("\r\n", "")).doesNotContain("\n").doesNotContain("\r");
        assertThat(written().split("\r\n")).allSatisfy(line -> assertThat(line.getBytes(StandardCharsets.UTF_8))
                .hasSizeLessThanOrEqualTo(75));
        assertThat(written()).contains("SUMMARY:Gates\\, windows\\; and doors").contains("DTSTART:20270320T140000\r\n");
    }
}
