package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.PieceId;

/** A film before its filler, powder before filling, what closes it last. */
record FilledBetween() implements WaitRule {

    @Override
    public String key() {
        return "filled-between";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand fill : operations.every(Operation.ByHand.class)) {
            if (fill.does() == Does.FILL) {
                PieceId owner = fill.direction().owner();
                operations.byHand(owner, Does.DUST).ifPresent(dust -> {
                    waits.add(wait(dust, fill, "Without the powder the filler clings to film and wall."));
                    inner(operations, owner)
                            .forEach(stick -> waits.add(
                                    wait(stick, dust, "Powder on what is still to be stuck, and it does not hold.")));
                });
                inner(operations, owner)
                        .forEach(stick -> waits.add(
                                wait(stick, fill, "Film and wall hold the filler: they are there before it.")));
                operations.adhesive(owner).ifPresent(wall -> {
                    waits.add(wait(
                            wall, fill, "What it is closed with is there before the filler: a foam wall holds it."));
                    operations
                            .byHand(owner, Does.DUST)
                            .ifPresent(dust -> waits.add(wait(
                                    wall,
                                    dust,
                                    "Adhesive does not hold on what is powdered; its liner keeps it clean.")));
                });
                operations
                        .stick(owner)
                        .ifPresent(closing ->
                                waits.add(wait(fill, closing, "Once it is closed nothing can be filled in.")));
            }
        }
        return waits;
    }

    /** All joins of the addition but the one that closes it. */
    private static Stream<Operation.Stick> inner(Operations operations, PieceId owner) {
        return operations.every(Operation.Stick.class).stream()
                .filter(stick -> !stick.piece().id().equals(owner))
                .filter(stick -> operations
                        .card()
                        .additionOf(stick.piece().id())
                        .filter(addition -> addition.id().equals(owner))
                        .isPresent());
    }
}
