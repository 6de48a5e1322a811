package kwibbet.lesson;

import java.time.Instant;

/** What was told of a class that is taught, in the order it was told. Steps are named as in the room of the plan. */
public sealed interface Happening {

    /** When it was told. */
    Instant at();

    /**
     * The class begins; all that was told before is over.
     *
     * @param at when
     */
    record Begun(Instant at) implements Happening {}

    /**
     * A step is shown to the room.
     *
     * @param step which; empty for the words of welcome
     * @param at when
     */
    record Shown(String step, Instant at) implements Happening {}

    /**
     * A table has done a step.
     *
     * @param table its name
     * @param step which
     * @param at when
     */
    record Done(String table, String step, Instant at) implements Happening {}

    /**
     * A table has not done a step, after all.
     *
     * @param table its name
     * @param step which
     * @param at when
     */
    record NotDone(String table, String step, Instant at) implements Happening {}

    /**
     * A step is left out.
     *
     * @param step which
     * @param at when
     */
    record LeftOut(String step, Instant at) implements Happening {}

    /**
     * A step is made, after all.
     *
     * @param step which
     * @param at when
     */
    record PutBack(String step, Instant at) implements Happening {}

    /**
     * The class is not over, after all.
     *
     * @param at when
     */
    record WentOn(Instant at) implements Happening {}

    /**
     * The class is over.
     *
     * @param teaches whether later classes are planned with its minutes
     * @param at when
     */
    record Ended(boolean teaches, Instant at) implements Happening {}
}
