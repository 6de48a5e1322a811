package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

import kwibbet.paper.Paper;
import kwibbet.paper.Pattern;
import kwibbet.shape.Size;

/**
 * Which pieces are cut from what comes out of the middle of others, and so from no sheet: of what fits the largest.
 *
 * @param from the piece whose middle each is cut from
 */
public record Middles(Map<PieceId, Middle> from) {

    /**
     * What comes out of the middle of a piece.
     *
     * @param of the piece
     * @param opening what is cut out of it
     */
    public record Middle(Piece of, Opening opening) {
        /** How large it is. */
        public Size size() {
            return opening.shape().size();
        }
    }

    /** Copies the map. */
    public Middles {
        from = Map.copyOf(from);
    }

    /** Those of a card, whatever goes through the press. */
    public static Middles of(Card card) {
        return of(card, piece -> false);
    }

    /**
     * Those of a card.
     *
     * @param card the card
     * @param isCutOut what a die cuts out, which takes more paper
     */
    public static Middles of(Card card, Predicate<Piece> isCutOut) {
        Map<PieceId, Middle> from = new LinkedHashMap<>();
        for (Middle middle : kept(card)) {
            card.pieces().stream()
                    .filter(piece -> !piece.equals(middle.of) && !from.containsKey(piece.id()))
                    .filter(piece -> isPlain(card, piece) && !isCutOut.test(piece))
                    .filter(piece -> piece.paper().equals(middle.of.paper()) && fits(card, piece, middle.size()))
                    .max(Comparator.comparingDouble(piece -> piece.size().area()))
                    .ifPresent(piece -> from.put(piece.id(), middle));
        }
        return new Middles(from);
    }

    /** The middles of a card that are kept for another piece. */
    public static List<Middle> kept(Card card) {
        List<Middle> all = new ArrayList<>();
        card.pieces().forEach(piece -> piece.openings().stream()
                .filter(opening -> opening.cut() == Opening.Cut.KEPT)
                .forEach(opening -> all.add(new Middle(piece, opening))));
        return all;
    }

    /** The middle a piece is cut from, if it is. */
    public Optional<Middle> of(Piece piece) {
        return Optional.ofNullable(from.get(piece.id()));
    }

    /** Cut by straight cuts alone, and of one panel: nothing is done to it before that. */
    private static boolean isPlain(Card card, Piece piece) {
        return piece.isRectangle()
                && !card.isOfBase(piece.id())
                && !piece.isPrinted()
                && piece.scores().isEmpty()
                && piece.openings().isEmpty()
                && piece.slits().isEmpty()
                && piece.partCuts().isEmpty()
                && card.dieCuts().stream().noneMatch(cut -> cut.piece().equals(piece.id()));
    }

    private static boolean fits(Card card, Piece piece, Size middle) {
        boolean hasUp = card.materials()
                .shelf()
                .find(piece.paper())
                .map(Paper::pattern)
                .filter(Pattern.ONE_WAY::equals)
                .isPresent();
        return piece.size().fitsIn(middle) || (!hasUp && piece.size().turned().fitsIn(middle));
    }
}
