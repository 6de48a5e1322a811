package kwibbet.card;

/** What a layer is stuck to. */
public sealed interface Host {

    /**
     * A face of the base.
     *
     * @param face the key of the face
     */
    record OnFace(String face) implements Host {}

    /**
     * Another layer.
     *
     * @param layer its id
     */
    record OnLayer(PieceId layer) implements Host {}
}
