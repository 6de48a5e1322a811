package kwibbet.review;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.card.Base;
import kwibbet.card.Design;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/**
 * Something about a card that is worth a look.
 *
 * @param rule the key of the rule that found it
 * @param severity how bad it is
 * @param piece the piece it is about
 * @param where the place, in the frame of that piece
 * @param words what is wrong, with the figures
 * @param remedy a way out, where there is a plain one
 */
public record Finding(
        String rule, Severity severity, PieceId piece, Outline where, Phrase words, Optional<Remedy> remedy) {

    /** The same with another way out, or none. */
    Finding with(Optional<Remedy> other) {
        return new Finding(rule, severity, piece, where, words, other);
    }

    /** Names it among the findings of its card as long as it is there: by its rule, its piece and its place. */
    public String key() {
        Rect box = where.bounds();
        String place = Stream.of(
                        box.left(), box.top(), box.size().width(), box.size().height())
                .map(each -> String.valueOf(each.dividedBy(Length.TICK)))
                .collect(Collectors.joining(","));
        return rule + "@" + piece.value() + "@" + place;
    }

    /** How bad it is, the worst first. */
    public enum Severity {
        /** The card cannot be made so, or will not work. */
        TROUBLE("trouble"),
        /** It can be made, and will look or last badly. */
        WARNING("look here"),
        /** It may be meant. */
        NOTE("note");

        private final String word;

        Severity(String word) {
            this.word = word;
        }

        /** The word for it. */
        public String word() {
            return word;
        }
    }

    /**
     * A way out.
     *
     * @param words what would be done, as a button says it
     * @param design the changed design
     */
    public record Remedy(String words, Design design) {

        /** The way out a base knows of. */
        static Remedy of(Design design, Base.WayOut way) {
            return new Remedy(way.words(), design.settled().with(way.settings()));
        }
    }
}
