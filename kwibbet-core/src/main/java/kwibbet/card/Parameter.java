package kwibbet.card;

import java.util.List;

import kwibbet.measure.Length;

/** Something of a base that a maker sets. */
public sealed interface Parameter {

    /** Names it in forms and documents. */
    String key();

    /** What makers call it. */
    String label();

    /** One sentence that says what it does. */
    String sentence();

    /**
     * A length within a range.
     *
     * @param key names it
     * @param label what makers call it
     * @param sentence what it does
     * @param least the shortest it may be, included
     * @param most the longest it may be, included
     * @param preset what it is until it is set
     */
    record OfLength(String key, String label, String sentence, Length least, Length most, Length preset)
            implements Parameter {}

    /**
     * One of a few ways.
     *
     * @param key names it
     * @param label what makers call it
     * @param sentence what it does
     * @param choices the ways; the first is taken until another is chosen
     */
    record OfChoice(String key, String label, String sentence, List<Choice> choices) implements Parameter {
        /** Copies the choices. */
        public OfChoice {
            choices = List.copyOf(choices);
        }
    }

    /**
     * One way to choose.
     *
     * @param key names it
     * @param label what makers call it
     */
    record Choice(String key, String label) {}
}
