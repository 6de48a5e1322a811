/**
 * A class while it is taught: what was shown and ticked off, where its learners are beside the plan, who waits for what, what can be left out, and what its
 * minutes teach the next plan. May use {@code kit} and {@code room}; knows nothing of pages. What is still to come is simulated as the room of the plan is, from
 * where its learners are.
 */
@NullMarked
package kwibbet.lesson;

import org.jspecify.annotations.NullMarked;
