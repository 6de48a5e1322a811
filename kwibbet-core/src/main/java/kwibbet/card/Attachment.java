package kwibbet.card;

/** One way a panel is held to another. A panel may have several: a hinge and a glued edge, two hinges. */
public sealed interface Attachment {

    /** The panel it holds it to. */
    PanelId to();

    /**
     * By a score of their piece.
     *
     * @param to the other panel
     * @param score the score
     */
    record ByScore(PanelId to, ScoreId score) implements Attachment {}

    /**
     * Stuck to it as a piece on another.
     *
     * @param to the other panel
     * @param join how
     */
    record ByJoin(PanelId to, Join join) implements Attachment {}

    /**
     * Stuck to it as both lie when the card is shut.
     *
     * @param to the other panel
     * @param closure how
     */
    record ByClosure(PanelId to, Closure closure) implements Attachment {}
}
