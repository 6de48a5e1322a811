package kwibbet.review;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** What several rules ask of a card. */
final class Looking {

    private Looking() {}

    static Finding finding(
            Rule rule, Severity severity, PieceId piece, Outline where, Phrase.Writer words, Optional<Remedy> remedy) {
        return new Finding(rule.key(), severity, piece, where, words.end(), remedy);
    }

    static Phrase.Writer words(Card card) {
        return Phrase.in(card.design().system());
    }

    static String name(Card card, PieceId id) {
        return card.piece(id).map(Piece::name).orElse(id.value());
    }

    static boolean isClear(Card card, PieceId id) {
        return card.piece(id)
                .map(piece -> card.materials().isClear(piece.paper()))
                .orElse(false);
    }

    /** Whether a piece is one of the base's own. */
    static boolean isOfBase(Card card, PieceId id) {
        return card.form().pieces().stream().anyMatch(piece -> piece.id().equals(id));
    }

    static boolean overlap(Outline one, Outline other) {
        return Overlay.sharedArea(Region.of(one), Region.of(other)) > Overlay.NOTHING;
    }

    /** The panel of a join's upper piece that is stuck. */
    static Panel stuck(Card card, Join join) {
        return card.panelsOf(join.upper()).stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck)
                .findFirst()
                .orElseThrow();
    }

    /** The design with an addition set otherwise, all lengths as they are now. */
    static Design set(Card card, Addition addition, Settings settings) {
        return card.design().settled().with(addition.with(settings));
    }

    static List<Join> joinsOn(Card card, PieceId lower) {
        return card.joins().stream().filter(join -> join.lower().equals(lower)).toList();
    }
}
