package kwibbet.fold;

import kwibbet.card.PanelId;
import kwibbet.card.Side;

/**
 * A face of a panel that can be seen while the card lies folded.
 *
 * @param title what makers call the face
 * @param panel the panel
 * @param side the face
 * @param degrees how far what points up on the flat piece is turned clockwise as it is seen
 */
public record SeenFace(String title, PanelId panel, Side side, int degrees) {

    /** Which way up it is, in a word or two. */
    public String wayUp() {
        return switch (degrees) {
            case 0 -> "upright";
            case 180 -> "upside down";
            case 90 -> "turned to the right";
            case 270 -> "turned to the left";
            default -> "turned by " + degrees + "°";
        };
    }
}
