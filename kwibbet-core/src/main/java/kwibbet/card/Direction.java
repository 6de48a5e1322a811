package kwibbet.card;

import kwibbet.wording.Phrase;

/**
 * Something hands do besides cutting, folding and sticking.
 *
 * @param owner the addition it belongs to
 * @param piece the piece in hand
 * @param does what is done
 * @param words how, as a sentence
 */
public record Direction(PieceId owner, PieceId piece, Does does, Phrase words) {

    /** What hands do. */
    public enum Does {
        /** Wipe with powder against static. */
        DUST,
        /** Put filler in. */
        FILL,
        /** Put cords through. */
        THREAD,
        /** Fold what was cut free back, and hold it. */
        FOLD_BACK,
        /** Fold what was cut free back, to be held by something else. */
        TURN_BACK,
        /** Leave in what it was cut from. */
        KEEP,
        /** Set brads. */
        FASTEN,
        /** Set gems, sequins or buttons on a face, or lay tape on it. */
        SET_ON,
        /** Pour drops that set. */
        POUR,
        /** Run ribbon or tape round the edges of a piece. */
        BIND,
        /** Glue a panel shut over what hangs behind it. */
        CLOSE,
        /** Tape a panel shut. */
        SEAL,
        /** Put round the shut card. */
        WRAP;

        /** Whether it folds back what was cut free. */
        public boolean isFoldingBack() {
            return this == FOLD_BACK || this == TURN_BACK;
        }
    }
}
