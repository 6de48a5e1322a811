package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Side;

/** Of two magnets the first is covered, and the second finds it through the shut card and is glued where it lands. */
record PartnerFound() implements WaitRule {

    private static final String SHUT = "Where the two meet is seen when the card is shut.";

    @Override
    public String key() {
        return "partner-found";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        List<Operation.Treat> magnets = operations.every(Operation.Treat.class).stream()
                .filter(treat -> treat.does() == Does.SET_MAGNET)
                .toList();
        for (int i = 0; i < magnets.size(); i++) {
            for (int j = i + 1; j < magnets.size(); j++) {
                Operation.Treat one = magnets.get(i);
                Operation.Treat other = magnets.get(j);
                if (one.zone().owner().equals(other.zone().owner())) {
                    Optional<Operation.Stick> cover = cover(operations, other);
                    Operation.Treat second = cover.isPresent() ? one : other;
                    cover.or(() -> cover(operations, one))
                            .ifPresent(
                                    stick -> waits.add(
                                            wait(
                                                    stick,
                                                    second,
                                                    "The first is covered; the second finds it through the shut card and is glued where it lands.")));
                    operations.every(Operation.Fold.class).stream()
                            .filter(fold ->
                                    fold.piece().equals(operations.card().base()))
                            .forEach(fold -> {
                                waits.add(wait(fold, second, SHUT));
                                if (cover.isEmpty() && cover(operations, one).isEmpty()) {
                                    waits.add(wait(fold, one, SHUT));
                                }
                            });
                }
            }
        }
        return waits;
    }

    /** What covers a magnet: that its own piece, which is not part of the base, is stuck down over it. */
    private static Optional<Operation.Stick> cover(Operations operations, Operation.Treat magnet) {
        return operations
                .stick(magnet.piece().id())
                .filter(stick -> !operations.card().isOfBase(stick.piece().id()))
                .filter(stick -> {
                    Side touching = stick.join().touching();
                    return magnet.zone().side() == touching;
                });
    }
}
