package kwibbet.crease;

import java.util.Optional;

/**
 * How a pattern folds: whether it does, and if so in which order.
 *
 * @param pattern the pattern
 * @param flat whether it folds flat
 * @param sequence in which order, if it does
 */
public record Folding(CreasePattern pattern, FlatFolding flat, Optional<FoldSequence> sequence) {

    /** Works out a pattern. */
    public static Folding of(CreasePattern pattern) {
        return of(pattern, Progress.UNWATCHED);
    }

    /**
     * Works out a pattern while somebody waits for it.
     *
     * @param pattern the pattern
     * @param progress who is told how far it is; where they have had enough, what was found until then is the answer
     */
    public static Folding of(CreasePattern pattern, Progress progress) {
        FlatFolding flat = FlatFolding.of(pattern, FlatFolding.Limits.USUAL, progress);
        Optional<FoldSequence> sequence = flat instanceof FlatFolding.Folds folds
                ? Optional.of(FoldSequence.of(folds, progress))
                : Optional.empty();
        return new Folding(pattern, flat, sequence);
    }
}
