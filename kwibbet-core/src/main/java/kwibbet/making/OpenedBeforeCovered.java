package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;

/** A piece that gets an opening of its own, or a shape that is left hanging in it, gets it before it is stuck, and before anything lies over it. */
record OpenedBeforeCovered() implements WaitRule {

    @Override
    public String key() {
        return "opened-before-covered";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation open : operations.all()) {
            if (open instanceof Operation.Open byHand) {
                byHand.pieces().forEach(piece -> after(operations, open, piece, outlines(piece, byHand), waits));
            } else if (open instanceof Operation.Pass pass && !pass.cutsOut()) {
                Operations.cutInside(pass)
                        .filter(want -> want.piece().equals(pass.piece()))
                        .forEach(want -> after(operations, open, pass.piece(), List.of(want.outline()), waits));
            }
        }
        return waits;
    }

    private static List<Outline> outlines(Piece piece, Operation.Open open) {
        return piece.openings().stream()
                .filter(opening -> open.cuts(piece, opening))
                .map(opening -> opening.outline())
                .toList();
    }

    private void after(Operations operations, Operation open, Piece piece, List<Outline> outlines, List<Wait> waits) {
        Set<PieceId> through = open instanceof Operation.Pass pass
                ? pass.layup().lying().on().stream().map(on -> on.piece().id()).collect(Collectors.toSet())
                : Set.of();
        operations
                .stick(piece.id())
                .ifPresent(stick -> waits.add(wait(
                        open,
                        stick,
                        "Cut afterwards, the blade would go through "
                                + stick.lower().name() + " too.")));
        for (Operation.Stick over : operations.onto(piece.id())) {
            boolean covers = outlines.stream()
                    .anyMatch(outline -> Overlay.overlap(outline, over.join().zone()));
            if (covers && !through.contains(over.piece().id())) {
                waits.add(wait(open, over, over.piece().name() + " lies over the cut, and would be cut with it."));
            }
        }
    }
}
