package kwibbet.room;

import java.util.Map;
import java.util.Set;

/**
 * How far somebody in a room is.
 *
 * @param done the ids of the tasks that are over
 * @param underWay the tasks they are at, and those that go on by themselves, and for how many minutes already; whose tool they wait for is none of them
 */
public record Standing(Set<String> done, Map<String, Double> underWay) {

    /** Copies what is told. */
    public Standing {
        done = Set.copyOf(done);
        underWay = Map.copyOf(underWay);
    }
}
