package kwibbet.card;

import kwibbet.paper.PaperId;

/**
 * A mat or another flat piece stuck on a face or on another layer, centred.
 *
 * @param id the id of the piece it makes
 * @param name what the maker calls it
 * @param host what it is stuck to
 * @param fit how its size follows from its host's
 * @param paper what it is cut from
 */
public record Layer(PieceId id, String name, Host host, Fit fit, PaperId paper) {

    /** This layer with another fit. */
    public Layer with(Fit otherFit) {
        return new Layer(id, name, host, otherFit, paper);
    }
}
