package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.card.PieceId;

/** What goes through the press goes before anything is stuck to it on foam, which the press would crush. */
record PressedFlat() implements WaitRule {

    @Override
    public String key() {
        return "pressed-flat";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Pass pass : operations.every(Operation.Pass.class)) {
            Set<PieceId> through = pass.layup().lying().on().stream()
                    .map(on -> on.piece().id())
                    .collect(Collectors.toSet());
            for (Operation.Stick raised : operations.onto(pass.piece().id())) {
                if (raised.join().adhesion().kind().isRaised()
                        && !through.contains(raised.piece().id())) {
                    waits.add(wait(
                            pass,
                            raised,
                            "The press would crush the foam under "
                                    + raised.piece().name() + "."));
                }
            }
        }
        return waits;
    }
}
