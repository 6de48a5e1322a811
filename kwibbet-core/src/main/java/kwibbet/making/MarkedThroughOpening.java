package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/** The outline of an opening is pencilled through it on what lies behind, used, and erased when the last thing there is done. */
record MarkedThroughOpening() implements WaitRule {

    @Override
    public String key() {
        return "marked-through-opening";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat mark : operations.every(Operation.Treat.class)) {
            if (mark.does() == Does.MARK) {
                for (Operation each : operations.all()) {
                    if (opens(each, mark)) {
                        waits.add(wait(
                                each,
                                mark,
                                "The opening itself is the template: drawn through it, the outline is right."));
                    } else if (each instanceof Operation.Fold fold
                            && fold.piece().equals(operations.card().base())) {
                        waits.add(wait(fold, mark, "It is drawn with the card shut, where the opening lies then."));
                    }
                }
                for (Operation.Treat other : operations.every(Operation.Treat.class)) {
                    boolean same = other.piece().equals(mark.piece())
                            && other.zone().side() == mark.zone().side();
                    if (other.does() == Does.ERASE && other.zone().equals(mark.zone())) {
                        waits.add(wait(mark, other, "It is erased when it has been used."));
                        uses(operations, mark).forEach(use -> waits.add(wait(use, other, "The mark is still used.")));
                    } else if (same
                            && other.does().isSurfaceWork()
                            && Overlay.overlap(
                                    other.zone().outline(), mark.zone().outline())) {
                        waits.add(wait(mark, other, "The mark shows what will be seen through the opening."));
                    }
                }
            }
        }
        return waits;
    }

    private static boolean opens(Operation each, Operation.Treat mark) {
        if (each instanceof Operation.Open open) {
            return open.openings().stream().anyMatch(opening -> isThrough(opening, open.piece(), mark));
        }
        return each instanceof Operation.Pass pass
                && Operations.openingsOf(pass)
                        .anyMatch(want -> want.owner().equals(mark.zone().owner())
                                && !(want.piece().equals(mark.piece())
                                        && Overlay.overlap(
                                                want.outline(), mark.zone().outline())));
    }

    /** Front and back of a folded card are one piece: the mark lies beside its opening there. */
    private static boolean isThrough(Opening opening, Piece piece, Operation.Treat mark) {
        return opening.owner().equals(mark.zone().owner())
                && !(piece.equals(mark.piece())
                        && Overlay.overlap(opening.outline(), mark.zone().outline()));
    }

    private static Stream<Operation> uses(Operations operations, Operation.Treat mark) {
        Stream<Operation> worked = operations.every(Operation.Treat.class).stream()
                .filter(other -> other.does().isSurfaceWork()
                        && other.piece().equals(mark.piece())
                        && other.zone().side() == mark.zone().side()
                        && Overlay.overlap(other.zone().outline(), mark.zone().outline()))
                .map(Operation.class::cast);
        Stream<Operation> stuck = operations.onto(mark.piece().id()).stream()
                .filter(stick -> stick.join().side() == mark.zone().side()
                        && Overlay.contains(
                                Region.of(mark.zone().outline()), stick.join().zone()))
                .map(Operation.class::cast);
        return Stream.concat(worked, stuck);
    }
}
