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
                        .ifPresent(stick -> waits.add(wait(
                                stick,
                                hung,
                                hung.piece().name() + " would dangle in the way while "
                                        + hung.lower().name() + " is stuck.")));
            }
        }
        return waits;
    }

    private static boolean reachesPast(Operation.Stick hung) {
        return !Overlay.contains(Region.of(hung.lower().outline()), hung.join().zone());
    }
}
