package kwibbet.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A die and how the paper lies that it cuts.
 *
 * @param use the die
 * @param lying how the paper lies
 */
record Laid(DieUse use, Lying lying) {

    /** A die with its paper as it lies by itself: open, or folded where it is cut folded. */
    static Laid of(DieUse use) {
        Optional<Lying.Fold> through = use.want()
                .part()
                .flatMap(part -> part instanceof PartCut.Folded folded
                        ? Optional.of(new Lying.Through(folded.fold()))
                        : Optional.empty());
        return new Laid(use, through.map(fold -> new Lying(fold, List.of())).orElse(Lying.FLAT));
    }

    /**
     * Every way to fold a part of the paper away along one score, none of it under the die.
     *
     * @param paper the paper, which may be longer than the piece
     */
    List<Laid> foldedAway(Rect paper) {
        List<Laid> all = new ArrayList<>();
        Piece piece = use.want().piece();
        if (use.want().role() == Want.Role.OUTLINE || !piece.isTrimmed()) {
            return all;
        }
        for (Score score : piece.scores()) {
            score.measured(piece.size())
                    .filter(Score.Measured::isWhole)
                    .flatMap(measured -> beside(score, paper))
                    .ifPresent(all::add);
        }
        return all;
    }

    private Optional<Laid> beside(Score score, Rect paper) {
        Axis axis = score.line()
                .axis()
                .orElseThrow(
                        () -> new IllegalStateException("paper is folded away at an upright or a level score only"));
        Point on = score.line().start();
        Length at = axis == Axis.VERTICAL ? on.x().minus(paper.left()) : on.y().minus(paper.top());
        Rect before = paper.upTo(axis, at);
        Rect beyond = paper.beyond(axis, at)
                .orElseThrow(() -> new IllegalStateException("paper is folded away at a score within it only"));
        return isUnderNoDie(beyond)
                ? Optional.of(away(score, before, beyond))
                : isUnderNoDie(before) ? Optional.of(away(score, beyond, before)) : Optional.empty();
    }

    private boolean isUnderNoDie(Rect part) {
        return use.passes().stream().noneMatch(pass -> use.metal(pass).overlaps(part));
    }

    private Laid away(Score score, Rect rest, Rect other) {
        boolean isUp = score.fold() == Score.Fold.VALLEY;
        return new Laid(use, new Lying(new Lying.Away(score.line(), rest, other, isUp), List.of()));
    }

    /**
     * Why the press does not take it, if it does not.
     *
     * @param paper the paper, which may be longer than the piece
     */
    Optional<PressPlan.Reason> inTheWay(Rect paper, Size bed, int layers) {
        if (lying.layers() > layers) {
            return Optional.of(PressPlan.Reason.TOO_THICK);
        }
        for (int pass = 0; pass < use.passes().size(); pass++) {
            Layup layup = Layup.of(List.of(use), List.of(use), 1, pass, lying).on(paper);
            if (!layup.goesThrough(bed)) {
                return Optional.of(layup.isNarrow(bed) ? PressPlan.Reason.PLATE_TOO_SHORT : PressPlan.Reason.TOO_WIDE);
            }
        }
        return Optional.empty();
    }
}
