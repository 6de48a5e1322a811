package kwibbet.formats.pdf;

import java.util.EnumSet;
import java.util.Set;

/** What can be printed of a run, each for somebody: the one who cuts, the one who puts together, the one who has no trimmer. */
public enum PrintPart {
    /** What is cut, scored and pressed, with everything to buy and to take. */
    LISTS("The maker’s lists", "what to take, cut, score and press"),
    /** How each sheet is cut up. */
    SHEETS("Sheets", "how each sheet is cut up"),
    /** How a card is put together and closed, step by step. */
    STEPS("For a learner", "each step with its picture, on two sheets at most"),
    /** The same to be read without glasses. */
    LARGE_STEPS("For a learner, in large type", "the same, on two sheets printed on both sides"),
    /** Pieces at full size. */
    PIECES("Pieces at full size", "to lay paper on, or to cut out by");

    private final String words;
    private final String sentence;

    PrintPart(String words, String sentence) {
        this.words = words;
        this.sentence = sentence;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }

    /** What it shows. */
    public String sentence() {
        return sentence;
    }

    /** All of them, the steps once. */
    public static Set<PrintPart> all() {
        return EnumSet.complementOf(EnumSet.of(LARGE_STEPS));
    }
}
