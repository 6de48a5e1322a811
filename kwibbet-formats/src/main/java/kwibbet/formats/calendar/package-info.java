/**
 * Days as iCalendar (RFC 5545), by way of ical4j. Times are floating, as RFC 5545 3.3.5 calls it: a class at two is at two where it is held.
 *
 * <p>Nothing is null; uses the core only.
 */
@NullMarked
package kwibbet.formats.calendar;

import org.jspecify.annotations.NullMarked;
