package kwibbet.review;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.PieceId;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.wording.Phrase;

/** Looks for one mistake. */
public interface Rule {

    /** Names the rule. */
    String key();

    /** Every place where the mistake is made. */
    List<Finding> check(Card card);

    /** What this rule found. */
    default Finding finding(
            Severity severity, PieceId piece, Outline where, Phrase.Writer words, Optional<Remedy> remedy) {
        return new Finding(key(), severity, piece, where, words.end(), remedy);
    }
}
