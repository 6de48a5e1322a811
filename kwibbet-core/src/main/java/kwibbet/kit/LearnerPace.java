package kwibbet.kit;

/**
 * How learners work beside who makes the cards every day.
 *
 * @param slower how many times as long they take, as a percentage: 200 is twice as long
 * @param between how much they differ from each other: the standard deviation of their pace, in percent of it
 * @param within how much the same step varies for one of them, in percent
 */
public record LearnerPace(int slower, int between, int within) {

    /** As learners usually are; common practice, no source. */
    public static final LearnerPace USUAL = new LearnerPace(200, 25, 30);

    /** No more than so many times as long, and no more spread than that, in percent. */
    public static final int MOST = 1_000;

    private static final double WHOLE = 100;

    double factor() {
        return slower / WHOLE;
    }

    double paces() {
        return between / WHOLE;
    }

    double spread() {
        return within / WHOLE;
    }
}
