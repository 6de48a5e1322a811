package kwibbet.room;

import java.util.SplittableRandom;
import java.util.random.RandomGenerator;

/** Random numbers that belong to one thing that happens: the same for the same seed, room, person and task, whatever else happens. */
final class Draw {

    /** Odd, and in no simple relation to each other, so that no two streams overlap within what is drawn. */
    private static final long ROOM = 0xD1342543DE82EF95L;

    private static final long PERSON = 0xAF251AF3B0F025B5L;
    private static final long TASK = 0xB564EF22EC7AECE5L;

    private Draw() {}

    static RandomGenerator of(long seed, int room, int person, int task) {
        return new SplittableRandom(seed + ROOM * room + PERSON * person + TASK * task);
    }
}
