package kwibbet.card;

import java.util.Map;

/**
 * A state in which the finished card is looked at.
 *
 * @param key {@code shut}, {@code open}, {@code standing}
 * @param title what makers call it
 * @param angles how far each score is folded, by its key, in degrees: 0 flat, 180 closed
 * @param lean how far the panel that lies still leans back from upright, in degrees
 * @param yaw how far the viewer stands to the right, in degrees
 * @param pitch how far the viewer stands above, in degrees
 */
public record Pose(String key, String title, Map<String, Integer> angles, int lean, int yaw, int pitch) {

    /** The key of the pose every base has: closed, seen from the front. */
    public static final String SHUT = "shut";
    /** The key of the pose in which the card stands on a shelf. */
    public static final String STANDING = "standing";

    /** Copies the angles. */
    public Pose {
        angles = Map.copyOf(angles);
    }
}
