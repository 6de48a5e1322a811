package kwibbet.formats.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;

import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

import kwibbet.kit.KitDay;
import kwibbet.kit.Meeting;

/** A class and the days on which it is prepared, as a calendar. */
public final class KitCalendar {

    private KitCalendar() {}

    /**
     * Writes one event for the class and an event of a whole day for each day before.
     *
     * @param id names the class, so that a calendar that has it already changes it
     * @param name what it is called
     * @param meeting when and where
     * @param days the days before
     * @param now when it is written
     */
    public static String write(String id, String name, Meeting meeting, List<KitDay> days, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Kwibbet//Classes//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        LocalDateTime start = meeting.slot().date().atTime(meeting.slot().start());
        VEvent event = new VEvent(start, start.plusMinutes(meeting.slot().minutes()), name);
        identify(event, id, now);
        if (!meeting.place().isBlank()) {
            event.add(new Location(meeting.place()));
        }
        calendar.add(event);
        for (int i = 0; i < days.size(); i++) {
            KitDay day = days.get(i);
            VEvent preparing = new VEvent(day.date(), "Prepare " + name + ", " + day.time());
            // Counted from the class, so that a day more does not rename the others.
            identify(preparing, id + "-" + (days.size() - i), now);
            preparing.add(
                    new Description(day.parts().stream().map(KitDay.Part::words).collect(Collectors.joining("\n"))));
            calendar.add(preparing);
        }
        return text(calendar);
    }

    /** Lines folded and ended as RFC 5545 3.1 asks for. */
    private static String text(Calendar calendar) {
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(true).output(calendar, text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static void identify(VEvent event, String id, Instant now) {
        event.add(new Uid(id + "@kwibbet"));
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(now));
    }
}
