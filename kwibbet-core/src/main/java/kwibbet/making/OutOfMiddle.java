package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** What is cut from the middle of another piece is there once that has come out, and nothing is done to it before. */
record OutOfMiddle() implements WaitRule {

    @Override
    public String key() {
        return "out-of-middle";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.FromMiddle cut : operations.every(Operation.FromMiddle.class)) {
            for (Operation each : operations.all()) {
                if (comesOut(each, cut)) {
                    waits.add(wait(each, cut, cut.piece().name() + " is cut from what comes out there."));
                } else if (!each.equals(cut)
                        && (each.pieces().contains(cut.piece())
                                || each.onto().filter(cut.piece()::equals).isPresent())) {
                    waits.add(wait(
                            cut,
                            each,
                            cut.piece().name() + " is not there before it is cut from the middle of "
                                    + cut.middle().of().name() + "."));
                }
            }
        }
        return waits;
    }

    private static boolean comesOut(Operation each, Operation.FromMiddle cut) {
        return each instanceof Operation.Open open
                ? open.cuts(cut.middle().of(), cut.middle().opening())
                : each instanceof Operation.Pass pass
                        && pass.cuts(cut.middle().of(), cut.middle().opening());
    }
}
