package kwibbet.fold;

/**
 * Where a flat plane stands in space: {@code (x, y)} goes to {@code origin + x·right + y·down}.
 *
 * @param origin where the left top corner of the flat piece goes
 * @param right the direction of x, of length 1
 * @param down the direction of y, of length 1
 */
public record Frame(Vector origin, Vector right, Vector down) {

    /** Flat on the table, inside up. */
    public static final Frame FLAT = new Frame(new Vector(0, 0, 0), new Vector(1, 0, 0), new Vector(0, 1, 0));

    /** Where the flat point {@code (x, y)} stands. */
    public Vector at(double x, double y) {
        return origin.plus(right.times(x)).plus(down.times(y));
    }

    /** The direction the inside faces; towards the viewer when flat. */
    public Vector inside() {
        return right.cross(down);
    }

    /**
     * The frame of a panel that hangs on a vertical score of this one.
     *
     * @param crease the x of the score
     * @param towardsLeft whether the hanging panel lies to the left of the score
     * @param radians how far it is folded towards the inside
     */
    public Frame foldedAtVertical(double crease, boolean towardsLeft, double radians) {
        double outwards = towardsLeft ? -1 : 1;
        // The free edge goes from outwards·right towards the inside as the angle grows.
        Vector arm = right.times(outwards * Math.cos(radians)).plus(inside().times(Math.sin(radians)));
        Vector newRight = arm.times(outwards);
        return new Frame(at(crease, 0).minus(newRight.times(crease)), newRight, down);
    }

    /** The same for a horizontal score at {@code y = crease}. */
    public Frame foldedAtHorizontal(double crease, boolean towardsTop, double radians) {
        double outwards = towardsTop ? -1 : 1;
        Vector arm = down.times(outwards * Math.cos(radians)).plus(inside().times(Math.sin(radians)));
        Vector newDown = arm.times(outwards);
        return new Frame(at(0, crease).minus(newDown.times(crease)), right, newDown);
    }

    /** This frame seen by a viewer who stands to the right by {@code yaw} and above by {@code pitch}, in radians. */
    public Frame seenFrom(double yaw, double pitch) {
        return new Frame(origin.seenFrom(yaw, pitch), right.seenFrom(yaw, pitch), down.seenFrom(yaw, pitch));
    }
}
