package kwibbet.card;

import java.util.Map;

/**
 * A state in which the finished card is looked at.
 *
 * @param key {@code shut}, {@code open}, {@code standing}
 * @param title what makers call it
 * @param angles how far each score is folded, by its key, in degrees: 0 flat, 180 closed
 * @param view where it is seen from
 */
public record Pose(String key, String title, Map<String, Integer> angles, View view) {

    /** The key of the pose every base has: closed, seen from the front. */
    public static final String SHUT = "shut";
    /** The key of the pose in which all lies flat, inside up. */
    public static final String OPEN = "open";
    /** The key of the pose in which the shut card is seen from behind. */
    public static final String BEHIND = "behind";
    /** The key of the pose in which the card stands on a shelf. */
    public static final String STANDING = "standing";

    /** Copies the angles. */
    public Pose {
        angles = Map.copyOf(angles);
    }

    /**
     * Where a card is seen from, in degrees.
     *
     * @param roll how far the card is turned clockwise on the table before all else
     * @param lean how far the panel that lies still leans back from upright
     * @param yaw how far the viewer stands to the right
     * @param pitch how far the viewer stands above
     */
    public record View(int roll, int lean, int yaw, int pitch) {
        /** Straight from above. */
        public static final View ABOVE = new View(0, 0, 0, 0);

        /** The same after a turn of the card. */
        public View rolled(int degrees) {
            return new View(roll + degrees, lean, yaw, pitch);
        }

        /** Whether it is seen without perspective, so that figures can be read off. */
        public boolean isStraight() {
            return lean == 0 && pitch == 0 && yaw % 180 == 0;
        }
    }

    /** How far a score is folded. */
    public int angle(String score) {
        return angles.getOrDefault(score, 0);
    }
}
