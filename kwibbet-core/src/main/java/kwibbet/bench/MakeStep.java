package kwibbet.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** One thing done with the pieces of a card. */
public sealed interface MakeStep {

    /** What to do. */
    Phrase sentence(MeasureSystem system);

    /** The piece in hand. */
    Piece piece();

    /**
     * A fold along a score.
     *
     * @param piece the piece that is folded
     * @param score along which score
     */
    record Fold(Piece piece, Score score) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            String way = score.fold() == Score.Fold.VALLEY ? "inside faces together" : "outside faces together";
            return Phrase.of("Fold the " + piece.name().toLowerCase(Locale.ROOT) + " along its score, " + way
                    + ", and press the crease flat.");
        }
    }

    /**
     * A layer stuck on what it sits on.
     *
     * @param piece the layer
     * @param onto the piece it is stuck to
     * @param join where
     * @param host what it lies on, in the same frame as the join's zone
     */
    record Stick(Piece piece, Piece onto, Join join, Rect host) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            boolean onBase = onto.id().equals(PieceId.BASE);
            Phrase.Writer writer = Phrase.in(system)
                    .words("Stick ")
                    .words(piece.name())
                    .words(onBase ? " on the " + join.face().title() : " on " + onto.name())
                    .words(", centred: ");
            Length beside = join.zone().left().minus(host.left());
            Length above = join.zone().top().minus(host.top());
            if (beside.isZero() && above.isZero()) {
                return writer.words("it covers it edge to edge.").end();
            }
            if (beside.equals(above)) {
                return writer.length(beside).words(" shows all round.").end();
            }
            return writer.length(beside)
                    .words(" shows left and right, ")
                    .length(above)
                    .words(" above and below.")
                    .end();
        }
    }

    /** Folds first, then layers onto each other from the top down, so that each stack goes on the card in one go. */
    static List<MakeStep> of(Card card) {
        List<MakeStep> steps = new ArrayList<>();
        card.base().scores().forEach(score -> steps.add(new Fold(card.base(), score)));
        List<Join> joins = new ArrayList<>(card.joins());
        Collections.reverse(joins);
        for (Join join : joins) {
            Piece upper = card.piece(join.upper()).orElseThrow();
            Piece lower = card.piece(join.lower()).orElseThrow();
            steps.add(new Stick(upper, lower, join, card.hostArea(join)));
        }
        return List.copyOf(steps);
    }
}
