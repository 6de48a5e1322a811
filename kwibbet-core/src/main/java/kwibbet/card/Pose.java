package kwibbet.card;

import java.util.List;
import java.util.Map;

/**
 * A state in which the finished card is looked at.
 *
 * @param key {@code shut}, {@code open}, {@code standing}
 * @param title what makers call it
 * @param angles how far each score is folded, in degrees: 0 flat, 180 closed
 * @param view where it is seen from
 * @param lyingView where it is seen from on a card that lies a quarter turned
 */
public record Pose(String key, String title, Map<ScoreId, Integer> angles, View view, View lyingView) {

    /** The key of the pose every base has: closed, seen from the front. */
    public static final String SHUT = "shut";
    /** The key of the pose in which all lies flat, inside up. */
    public static final String OPEN = "open";
    /** The key of the pose in which the shut card is seen from behind. */
    public static final String BEHIND = "behind";
    /** The key of the pose in which the card stands on a shelf. */
    public static final String STANDING = "standing";

    private static final View FROM_BEHIND = new View(0, 0, 180, 0);

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
        /** As a card stands like a tent, its fold level. */
        public static final View TENT = new View(0, 16, 22, 8);

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

    /**
     * The poses every base has: shut, open, shut from behind, and as it stands.
     *
     * @param shut the angles of the shut card
     * @param standing the angles as it stands
     * @param view where it is seen from as it stands
     * @param lyingView the same on a card that lies a quarter turned
     */
    public static List<Pose> all(
            Map<ScoreId, Integer> shut, Map<ScoreId, Integer> standing, View view, View lyingView) {
        return List.of(
                new Pose(SHUT, "shut", shut, View.ABOVE, View.ABOVE),
                new Pose(OPEN, "open", Map.of(), View.ABOVE, View.ABOVE),
                new Pose(BEHIND, "behind", shut, FROM_BEHIND, FROM_BEHIND),
                new Pose(STANDING, "standing", standing, view, lyingView));
    }

    /** The same with other angles. */
    public Pose folded(Map<ScoreId, Integer> other) {
        return new Pose(key, title, other, view, lyingView);
    }

    /** The same, seen from the other side. */
    public Pose fromBehind() {
        return new Pose(key, title, angles, FROM_BEHIND, FROM_BEHIND);
    }

    /** The same card turned clockwise on the table before all else. */
    public Pose rolled(int degrees) {
        return new Pose(key, title, angles, view.rolled(degrees), lyingView.rolled(degrees));
    }

    /** The same on a card that lies a quarter turned. */
    Pose turned() {
        return new Pose(key, title, angles, lyingView, lyingView);
    }

    /** How far a score is folded. */
    public int angle(ScoreId score) {
        return angles.getOrDefault(score, 0);
    }
}
