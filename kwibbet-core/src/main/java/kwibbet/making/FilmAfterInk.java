package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** Ink, stencil, embossing and heat come before film on the same piece: heat warps film, and it cannot be inked under. */
record FilmAfterInk() implements WaitRule {

    @Override
    public String key() {
        return "film-after-ink";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat treat : operations.every(Operation.Treat.class)) {
            if (treat.does().isSurfaceWork()) {
                for (Operation.Stick film : operations.every(Operation.Stick.class)) {
                    boolean clear = operations.card().isClear(film.piece().id())
                            || operations.card().isClear(film.lower().id());
                    boolean same =
                            film.lower().equals(treat.piece()) || film.piece().equals(treat.piece());
                    if (clear && same) {
                        waits.add(wait(treat, film, "Heat and wet ink warp film: it goes on afterwards."));
                    }
                }
            }
        }
        return waits;
    }
}
