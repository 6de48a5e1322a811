package kwibbet.room;

import java.util.List;
import java.util.Optional;

/**
 * What everybody in the room does once.
 *
 * @param id by which others name it
 * @param tool the shared tool it needs; nothing where everybody has their own
 * @param minutes how long it takes a person of the usual pace
 * @param after the ids of the tasks that have to be done before
 */
public record Task(String id, Optional<String> tool, Minutes minutes, List<String> after) {

    /** Copies the list. */
    public Task {
        after = List.copyOf(after);
    }
}
