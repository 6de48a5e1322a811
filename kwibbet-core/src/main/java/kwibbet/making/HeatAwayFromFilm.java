package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;

/**
 * A hot place is done with before its piece comes near film on another: hot air does not stop at an edge. How near is common practice, no source; which of
 * the two is stuck first is not asked, so the piece stays apart until it is cold.
 */
record HeatAwayFromFilm() implements WaitRule {

    static final String KEY = "heat-away-from-film";
    /** So far hot air warps film. */
    static final Length NEAR = Length.ofInches(1);

    @Override
    public String key() {
        return KEY;
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat heat : operations.every(Operation.Treat.class)) {
            if (heat.does() == Does.HEAT) {
                for (Piece film : operations.card().pieces()) {
                    if (isNear(operations.card(), heat, film)) {
                        bringing(operations, heat.piece(), film)
                                .map(stick -> wait(
                                        heat,
                                        stick,
                                        "Then it lies near " + film.name() + ", and hot air warps film beside it."))
                                .ifPresent(waits::add);
                    }
                }
            }
        }
        return waits;
    }

    private static boolean isNear(Card card, Operation.Treat heat, Piece film) {
        if (!card.isClear(film.id()) || heat.piece().equals(film)) {
            return false;
        }
        Optional<Rect> hot = card.onBase(heat.piece().id())
                .map(place -> heat.zone().outline().in(place).bounds().grown(NEAR));
        Optional<Rect> clear =
                card.onBase(film.id()).map(place -> film.outline().in(place).bounds());
        return hot.isPresent() && clear.isPresent() && hot.get().overlaps(clear.get());
    }

    /** What brings the two together: what carries the film being stuck on the piece, or the piece itself being stuck on. */
    private static Optional<Operation.Stick> bringing(Operations operations, Piece heated, Piece film) {
        Optional<Operation.Stick> carrying = operations.stick(film.id());
        while (carrying.isPresent() && !carrying.get().lower().equals(heated)) {
            carrying = operations.stick(carrying.get().lower().id());
        }
        return carrying.or(() -> operations.stick(heated.id()));
    }
}
