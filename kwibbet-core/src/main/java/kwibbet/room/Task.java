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
 * @param byItself whether it goes on without anybody, as glue dries; it needs no tool then, and nobody's pace counts
 */
public record Task(String id, Optional<String> tool, Minutes minutes, List<String> after, boolean byItself) {

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException when it goes on by itself and needs a tool
     */
    public Task {
        after = List.copyOf(after);
        if (byItself && tool.isPresent()) {
            throw new IllegalArgumentException("“" + id + "” goes on by itself and needs no " + tool.get());
        }
    }

    /** What hands do. */
    public static Task ofHands(String id, Optional<String> tool, Minutes minutes, List<String> after) {
        return new Task(id, tool, minutes, after, false);
    }

    /** The same after others. */
    Task after(List<String> others) {
        return new Task(id, tool, minutes, others, byItself);
    }
}
