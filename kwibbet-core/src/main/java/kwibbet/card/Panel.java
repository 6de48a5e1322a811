package kwibbet.card;

import java.util.Optional;

import kwibbet.shape.Rect;

/**
 * A part of the base between scores and edges.
 *
 * @param key names it among the panels
 * @param area where it lies on the flat base
 * @param hinge how it hangs on another panel; none for the one that lies still
 */
public record Panel(String key, Rect area, Optional<Hinge> hinge) {

    /**
     * The score by which a panel hangs on another.
     *
     * @param panel the key of the other panel
     * @param score the key of the score
     */
    public record Hinge(String panel, String score) {}
}
