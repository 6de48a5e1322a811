package kwibbet.card;

/** What something is done to. */
public sealed interface Host {

    /**
     * A face of the base or of a small card on it.
     *
     * @param face the face
     */
    record OnFace(FaceId face) implements Host {}

    /**
     * The top of another piece.
     *
     * @param piece its id
     */
    record OnPiece(PieceId piece) implements Host {}
}
