package kwibbet.app.card;

import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Pose;
import kwibbet.making.Way;

/**
 * What a maker is looking at; carried along by every form, never stored.
 *
 * @param station where on the run line
 * @param hand the id of the piece in hand
 * @param pose the key of the pose the finished card is shown in
 * @param at the number of the setting that is being done, from 1
 * @param way how the copies are made, where the maker said it
 */
public record Looking(Station station, String hand, String pose, int at, Optional<Way> way) {

    /** What stands for a pose where the card is cut through. */
    static final String SECTION = "section";

    /** With another piece in hand. */
    public Looking holding(String piece) {
        return new Looking(station, piece, pose, at, way);
    }

    /** The same at another station. */
    Looking at(Station other) {
        return new Looking(other, hand, pose, at, way);
    }

    /** Whether the finished card is cut through. */
    boolean isSection() {
        return pose.equals(SECTION);
    }

    /** How the finished card is looked at on the card page; nothing where it is not, or cut through. */
    Optional<Pose> finished(Card card) {
        return station != Station.CARD || isSection()
                ? Optional.empty()
                : Optional.of(card.form().pose(pose));
    }
}
