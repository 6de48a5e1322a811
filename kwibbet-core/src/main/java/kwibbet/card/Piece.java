package kwibbet.card;

import java.util.List;

import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/**
 * One part cut from one paper, inside up.
 *
 * @param id its id in the card
 * @param name what the maker calls it
 * @param paper what it is cut from
 * @param size its flat size
 * @param scores its creases, in the order they are scored
 */
public record Piece(PieceId id, String name, PaperId paper, Size size, List<Score> scores) {

    /**
     * Copies the scores and checks that each lies on the piece.
     *
     * @throws IllegalArgumentException when a score lies on or past an edge
     */
    public Piece {
        scores = List.copyOf(scores);
        for (Score score : scores) {
            if (!score.at().isPositive()
                    || !score.at().isShorterThan(size.across(score.from().axis()))) {
                throw new IllegalArgumentException("the score at " + score.at() + " is not on " + name + ", " + size);
            }
        }
    }
}
