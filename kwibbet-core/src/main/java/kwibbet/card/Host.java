package kwibbet.card;

/** What something is done to. */
public sealed interface Host {

    /**
     * A face of the base or of a small card on it.
     *
     * @param face the key of the face
     */
    record OnFace(String face) implements Host {}

    /**
     * The top of another piece.
     *
     * @param piece its id
     */
    record OnPiece(PieceId piece) implements Host {}
}
