package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/** What hangs by an edge past what holds it is hung once that is stuck: before, it would dangle in the way. */
record HungLast() implements WaitRule {

    @Override
    public String key() {
        return "hung-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Stick hung : operations.every(Operation.Stick.class)) {
            if (hung.does() == Does.HANG && reachesPast(hung)) {
                operations
                        .stick(hung.lower().id())
                        .filter(stick -> !liesUnder(hung, stick, operations))
                        .ifPresent(stick -> waits.add(wait(
                                stick,
                                hung,
                                hung.piece().name() + " would dangle in the way while "
                                        + hung.lower().name() + " is stuck.")));
            }
        }
        return waits;
    }

    /** What comes to lie between a piece and what that is stuck to is there first, though it hangs. */
    private static boolean liesUnder(Operation.Stick hung, Operation.Stick stick, Operations operations) {
        return hung.join().side() == stick.join().touching() && operations.isBetween(hung, stick);
    }

    private static boolean reachesPast(Operation.Stick hung) {
        return !Overlay.contains(Region.of(hung.lower().outline()), hung.join().zone());
    }
}
