package kwibbet.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Margins;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** One thing done with the pieces of a card. */
public sealed interface MakeStep {

    /** What to do. */
    Phrase sentence(MeasureSystem system);

    /** The piece in hand. */
    Piece piece();

    /**
     * An opening cut by a die, a punch or a knife.
     *
     * @param piece the piece it is cut in
     * @param opening the opening
     */
    record Open(Piece piece, Opening opening) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            Rect bounds = opening.bounds();
            Phrase.Writer writer = Phrase.in(system).words("Cut the " + opening.name() + " in " + piece.name() + ", ");
            if (opening.shape().isCircle()) {
                writer.words("a circle ").length(opening.shape().size().width()).words(" across");
            } else {
                writer.words(article(opening.shape().kind().words()) + " ")
                        .size(opening.shape().size());
            }
            return writer.words(": ")
                    .length(bounds.left())
                    .words(" from the left, ")
                    .length(bounds.top())
                    .words(" from the top.")
                    .end();
        }

        private static String article(String word) {
            return ("aeiou".indexOf(word.charAt(0)) >= 0 ? "an " : "a ") + word;
        }
    }

    /**
     * Work on a face before anything covers it.
     *
     * @param piece the piece
     * @param zone where and what
     */
    record Treat(Piece piece, Zone zone) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            Rect bounds = zone.outline().bounds();
            return Phrase.in(system)
                    .words(piece.name() + ": " + zone.words() + ", on ")
                    .size(bounds.size())
                    .words(", ")
                    .length(bounds.left())
                    .words(" from the left and ")
                    .length(bounds.top())
                    .words(" from the top" + (zone.side() == Side.UP ? "." : ", on the other face."))
                    .end();
        }
    }

    /**
     * A fold along a score.
     *
     * @param piece the piece that is folded
     * @param score along which score
     */
    record Fold(Piece piece, Score score) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            boolean valley = score.fold() == Score.Fold.VALLEY;
            String way = piece.id().equals(PieceId.BASE)
                    ? (valley ? "inside" : "outside") + " faces together"
                    : valley ? "a valley" : "a mountain";
            String which = piece.scores().size() == 1
                    ? "its score"
                    : "its score " + (piece.scores().indexOf(score) + 1);
            return Phrase.of("Fold the " + piece.name().toLowerCase(Locale.ROOT) + " along " + which + ", " + way
                    + ", and press the crease flat.");
        }
    }

    /**
     * A piece stuck on what it sits on.
     *
     * @param piece the piece
     * @param onto the piece it is stuck to
     * @param join where
     * @param host what it lies on, in the frame of the piece
     */
    record Stick(Piece piece, Piece onto, Join join, Rect host) implements MakeStep {
        static Stick of(Card card, Join join) {
            return new Stick(
                    card.pieceOf(join.upper()),
                    card.pieceOf(join.lower()),
                    join,
                    card.hostArea(join).in(join.placement().inverse()).bounds());
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system).words(verb() + piece.name() + where());
            Margins margins = Margins.of(piece.outline().bounds(), host);
            Length left = margins.left();
            Length top = margins.top();
            boolean centred = isClose(left, margins.right())
                    && isClose(top, margins.bottom())
                    && !margins.least().isNegative();
            if (centred && left.isZero() && top.isZero()) {
                writer.words(", edge to edge");
            } else if (centred && left.equals(top)) {
                writer.words(", centred: ").length(left).words(" shows all round");
            } else if (centred) {
                writer.words(", centred: ")
                        .length(left)
                        .words(" shows left and right, ")
                        .length(top)
                        .words(" above and below");
            } else {
                writer.words(": ")
                        .length(left.abs())
                        .words(left.isNegative() ? " past the left edge, " : " from the left, ");
                writer.length(top.abs()).words(top.isNegative() ? " past the top" : " from the top");
            }
            if (join.adhesion().kind() == Adhesion.Kind.FOAM) {
                writer.words(", on foam ").length(join.adhesion().height()).words(" high");
            }
            return writer.words(".").end();
        }

        /** Halves can differ by a tick. */
        private static boolean isClose(Length one, Length other) {
            return !one.minus(other).abs().isLongerThan(Length.GRAIN.multipliedBy(2));
        }

        private String verb() {
            return join.adhesion().kind() == Adhesion.Kind.NONE ? "Lay " : "Stick ";
        }

        private String where() {
            if (!join.place().equals(onto.name()) && !join.place().isEmpty()) {
                return " on the " + join.place();
            }
            return (join.side() == Side.UP ? " on " : " behind ") + onto.name();
        }
    }

    /**
     * Something a feature asks for.
     *
     * @param piece the piece in hand
     * @param words what to do
     */
    record Do(Piece piece, Phrase words) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return words;
        }
    }

    /** What the press has not cut and surface work first, then folds, then pieces onto each other from the top down, so that each stack goes on the card in one go. */
    static List<MakeStep> of(Card card, PressList press) {
        List<MakeStep> steps = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            piece.zones().stream()
                    .filter(zone -> zone.use() != Zone.Use.KEEP_OUT)
                    .forEach(zone -> steps.add(new Treat(piece, zone)));
            piece.openings().stream()
                    .filter(opening -> !press.cuts(piece, opening))
                    .forEach(opening -> steps.add(new Open(piece, opening)));
        }
        for (Piece piece : card.pieces()) {
            piece.scores().stream()
                    .filter(score -> isFolded(card, piece, score) && !press.folds(piece, score))
                    .forEach(score -> steps.add(new Fold(piece, score)));
        }
        List<Join> joins = new ArrayList<>(card.joins());
        Collections.reverse(joins);
        for (Join join : joins) {
            Piece upper = card.pieceOf(join.upper());
            card.directions().stream()
                    .filter(direction -> direction.piece().equals(upper.id()))
                    .forEach(direction -> steps.add(new Do(upper, direction.words())));
            card.dieCuts().stream()
                    .filter(cut ->
                            cut.piece().equals(upper.id()) && !press.plan().cutsOut(upper))
                    .forEach(cut -> steps.add(new Do(upper, cut.otherwise())));
            if (!press.plan().isStuckFirst(join)) {
                steps.add(Stick.of(card, join));
            }
        }
        card.directions().stream()
                .filter(direction -> card.join(direction.piece()).isEmpty())
                .forEach(direction ->
                        steps.add(new Do(card.piece(direction.piece()).orElse(card.base()), direction.words())));
        return List.copyOf(steps);
    }

    private static boolean isFolded(Card card, Piece piece, Score score) {
        return card.panelsOf(piece.id()).stream()
                .anyMatch(panel -> panel.hanging() instanceof Panel.OnScore hinge
                        && hinge.score().equals(score.id()));
    }
}
