package kwibbet.app.card;

/**
 * What a maker is looking at; carried along by every form, never stored.
 *
 * @param station where on the run line
 * @param hand the id of the piece in hand
 * @param pose the key of the pose the finished card is shown in
 */
public record Looking(Station station, String hand, String pose) {

    /** With another piece in hand. */
    public Looking holding(String piece) {
        return new Looking(station, piece, pose);
    }
}
