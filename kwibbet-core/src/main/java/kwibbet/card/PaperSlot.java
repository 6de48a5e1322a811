package kwibbet.card;

import kwibbet.paper.PaperKind;

/**
 * A paper that a base or a feature is cut from.
 *
 * @param key names it in forms and documents
 * @param label what makers call it
 * @param kind what it must be; card stock stands for any paper that folds
 */
public record PaperSlot(String key, String label, PaperKind kind) {

    /** The paper most of a thing is cut from. */
    public static final PaperSlot PAPER = new PaperSlot("paper", "Paper", PaperKind.CARD_STOCK);
    /** The clear film in it. */
    public static final PaperSlot FILM = new PaperSlot("film", "Film", PaperKind.FILM);
}
