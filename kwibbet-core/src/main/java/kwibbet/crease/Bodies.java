package kwibbet.crease;

/** What is stuck to what, as one rigid body each, and how high each facet lies in its body; what is stuck later lies further out. */
final class Bodies {

    /** Less than a ply for every weld, so that it only tells what no ply tells. */
    private static final double LATER = 1e-5;

    private final int[] body;
    private final int[] rigid;
    private final double[] heights;

    private Bodies(int[] body, int[] rigid, double[] heights) {
        this.body = body;
        this.rigid = rigid;
        this.heights = heights;
    }

    static Bodies of(CreasePattern pattern, FoldedPlaces folded) {
        double[] heights = new double[pattern.facets().size()];
        int index = 0;
        for (Weld weld : pattern.welds()) {
            boolean upwards = weld.onUpFace() != folded.of(weld.lower()).isMirrored();
            double ply = 1 + LATER * index;
            heights[weld.upper()] = heights[weld.lower()] + (upwards ? ply : -ply);
            index++;
        }
        return new Bodies(pattern.bodies(false), pattern.bodies(true), heights);
    }

    boolean areOne(int one, int other) {
        return body[one] == body[other];
    }

    /** Whether two facets cannot move against each other. */
    boolean areRigid(int one, int other) {
        return rigid[one] == rigid[other];
    }

    double height(int facet) {
        return heights[facet];
    }
}
