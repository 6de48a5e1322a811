package kwibbet.crease;

import java.util.List;
import java.util.Optional;

/**
 * One thing to do to paper that lies flat.
 *
 * @param kind what it is
 * @param line where it is folded, as the table sees it; none for a turn, nor where several lines fold at once
 * @param creases the creases that fold
 * @param moving the facets that move
 * @param tucked those of them that go under something
 * @param under the facets they go under although they would come to lie over them
 * @param isSeenFromUnder whether the paper is turned so that the side the table sees is up, when it is done
 * @param before how the paper lies before
 * @param after how it lies afterwards
 */
public record FoldStep(
        Kind kind,
        Optional<Stretch> line,
        List<Integer> creases,
        List<Integer> moving,
        List<Integer> tucked,
        List<Integer> under,
        boolean isSeenFromUnder,
        FoldedState before,
        FoldedState after) {

    /** Copies the lists. */
    public FoldStep {
        creases = List.copyOf(creases);
        moving = List.copyOf(moving);
        tucked = List.copyOf(tucked);
        under = List.copyOf(under);
    }

    /** What is done. */
    public enum Kind {
        /** All that moves is folded over towards the viewer, along one line. */
        FOLD,
        /** It goes under something, or several lines fold at once. */
        TUCK,
        /** The paper is turned over. */
        TURN
    }
}
