/**
 * Kits and classes: so many bags of the same cards, for learners who make them at a date and a place or for whoever buys them; who does which step, what
 * that leaves to the room, and whether it fits the slot ({@link kwibbet.kit.KitPlan}).
 *
 * <p>The sheets, lists and progress of a kit are those of a run; a kit only says of what cards and how many. What happens in the room is simulated by {@code
 * room}. How much slower learners are than who makes cards every day, and how much that differs, is common practice, no source, and the maker's to change.
 * Nothing is null. Uses {@code run}, {@code room}, {@code making}, {@code stock} and below.
 */
@NullMarked
package kwibbet.kit;

import org.jspecify.annotations.NullMarked;
