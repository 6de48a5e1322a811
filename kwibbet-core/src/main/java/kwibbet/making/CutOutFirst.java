package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Piece;

/** What the trimmer does not cut out is cut out before it is folded, opened by hand, or stuck. */
record CutOutFirst() implements WaitRule {

    @Override
    public String key() {
        return "cut-out-first";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation later : operations.all()) {
            boolean needsEdges =
                    later.does() == Does.FOLD || later instanceof Operation.Stick || later.does() == Does.OPEN;
            for (Piece piece : later.pieces()) {
                for (Operation cut : operations.cuttingOut(piece.id())) {
                    boolean foldedFirst = operations.press().scoredPaper(piece).isPresent();
                    if (needsEdges && !(foldedFirst && later.does() == Does.FOLD)) {
                        waits.add(
                                wait(cut, later, piece.name() + " has no edges to measure from until it is cut out."));
                    }
                }
            }
            later.onto().ifPresent(lower -> operations
                    .cuttingOut(lower.id())
                    .forEach(cut -> waits.add(wait(
                            cut,
                            later,
                            lower.name()
                                    + " is cut out before anything is stuck on it, or the die would cut that too."))));
        }
        return waits;
    }
}
