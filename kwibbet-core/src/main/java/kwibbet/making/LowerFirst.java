package kwibbet.making;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.shape.Overlay;

/** Of two pieces that overlap on one face the lower is stuck first; what lies loose is slipped under the other. */
record LowerFirst() implements WaitRule {

    @Override
    public String key() {
        return "lower-first";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Piece lower : operations.card().pieces()) {
            List<Operation.Stick> on = new ArrayList<>(operations.onto(lower.id()));
            // Joins are told from the bottom up, steps from the top down.
            Collections.reverse(on);
            for (int i = 0; i < on.size(); i++) {
                for (int j = i + 1; j < on.size(); j++) {
                    Join one = on.get(i).join();
                    Join other = on.get(j).join();
                    if (one.side() == other.side()
                            && one.zone().bounds().overlaps(other.zone().bounds())
                            && Overlay.overlap(one.zone(), other.zone())) {
                        waits.add(wait(on.get(i), on.get(j)));
                    }
                }
            }
        }
        return waits;
    }

    private Wait wait(Operation.Stick lower, Operation.Stick upper) {
        String names = upper.piece().name() + " lies over " + lower.piece().name();
        boolean isSlipped =
                lower.kept().isPresent() && upper.join().adhesion().kind().sticks();
        return isSlipped ? wait(upper, lower, names + ", which is slipped under it.") : wait(lower, upper, names + ".");
    }
}
