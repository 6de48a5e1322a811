package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

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
                    }
                }
                for (Operation.Treat other : operations.every(Operation.Treat.class)) {
                    boolean same = other.piece().equals(mark.piece())
                            && other.zone().side() == mark.zone().side();
                    if (other.does() == Does.ERASE && other.zone().equals(mark.zone())) {
                        waits.add(wait(mark, other, "It is erased when it has been used."));
                        uses(operations, mark).forEach(use -> waits.add(wait(use, other, "The mark is still used.")));
                    } else if (same
                            && other.does() == Does.TREAT
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
            return open.openings().get(0).owner().equals(mark.zone().owner())
                    && !open.pieces().contains(mark.piece());
        }
        return each instanceof Operation.Pass pass
                && Operations.openingsOf(pass)
                        .anyMatch(want -> want.owner().equals(mark.zone().owner())
                                && !want.piece().equals(mark.piece()));
    }

    private static Stream<Operation> uses(Operations operations, Operation.Treat mark) {
        Stream<Operation> worked = operations.every(Operation.Treat.class).stream()
                .filter(other -> other.does() == Does.TREAT
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
