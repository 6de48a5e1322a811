package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What an edge punch or a border die cuts into an edge, again and again. Each is the same from either end. */
public enum EdgePattern {
    /** Half rounds that stand out. */
    SCALLOPS("scallops", "scallop"),
    /** Half rounds that are cut in. */
    BITES("bites", "bite"),
    /** Triangles that are cut in. */
    POINTS("points", "point"),
    /** Cut in and out as a sine runs. */
    WAVES("waves", "wave"),
    /** Squares cut in, as far apart as they are wide. */
    SQUARES("squares", "square");

    /** How far, in inches, an edge may lie off the curve it stands for. */
    private static final double OFF_CURVE = 0.0005;

    private static final int MOST_EDGES = 400;

    private final String words;
    private final String one;

    EdgePattern(String words, String one) {
        this.words = words;
        this.one = one;
    }

    /** Names it in settings. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The one of a key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static EdgePattern of(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    /** What makers call it. */
    public String words() {
        return words;
    }

    /** What one of them is called. */
    public String one() {
        return one;
    }

    /**
     * Where the paper ends along one of them.
     *
     * @param along how far along, as a share of the pitch
     * @param in how far in from the edge, as a share of how deep it is
     */
    record Turn(double along, double in) {}

    /**
     * One of them, from where it begins to where the next does; both ends belong to it.
     *
     * @param pitch from one to the next, in inches
     * @param deep how deep it is, in inches
     */
    List<Turn> turns(double pitch, double deep) {
        return switch (this) {
            case SCALLOPS -> halfRound(pitch, deep, true);
            case BITES -> halfRound(pitch, deep, false);
            case POINTS -> List.of(new Turn(0, 0), new Turn(0.5, 1), new Turn(1, 0));
            case WAVES -> wave(pitch, deep);
            case SQUARES ->
                List.of(
                        new Turn(0, 0),
                        new Turn(0.25, 0),
                        new Turn(0.25, 1),
                        new Turn(0.75, 1),
                        new Turn(0.75, 0),
                        new Turn(1, 0));
        };
    }

    private static List<Turn> halfRound(double pitch, double deep, boolean standsOut) {
        double radius = Math.max(pitch / 2, deep);
        int edges = even(Math.PI / (2 * Math.acos(1 - Math.min(1, OFF_CURVE / radius))));
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i <= edges; i++) {
            double angle = Math.PI * i / edges;
            turns.add(new Turn((1 - Math.cos(angle)) / 2, standsOut ? 1 - Math.sin(angle) : Math.sin(angle)));
        }
        return turns;
    }

    /** An edge of {@code s} lies {@code s² / 8} times the bend off the curve. */
    private static List<Turn> wave(double pitch, double deep) {
        double bend = deep / 2 * Math.pow(2 * Math.PI / pitch, 2);
        int edges = even(pitch / Math.sqrt(8 * OFF_CURVE / bend));
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i <= edges; i++) {
            double along = (double) i / edges;
            turns.add(new Turn(along, (1 - Math.cos(2 * Math.PI * along)) / 2));
        }
        return turns;
    }

    /** So many that a corner lies midway. */
    private static int even(double edges) {
        return 2 * (int) Math.ceil(Math.max(4, Math.min(MOST_EDGES, edges)) / 2);
    }
}
