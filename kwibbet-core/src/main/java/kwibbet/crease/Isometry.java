package kwibbet.crease;

/**
 * Where paper lies after folds: {@code (x, y)} goes to {@code (a·x + c·y + e, b·x + d·y + f)}.
 *
 * @param a x to the right, of x
 * @param b y down, of x
 * @param c x to the right, of y
 * @param d y down, of y
 * @param e moved to the right
 * @param f moved down
 */
public record Isometry(double a, double b, double c, double d, double e, double f) {

    /** Nothing moved. */
    public static final Isometry SAME = new Isometry(1, 0, 0, 1, 0, 0);

    /** The reflection in a line. */
    public static Isometry reflection(Stretch line) {
        Vertex along = line.along();
        double square = along.dot(along);
        double cos = (along.x() * along.x() - along.y() * along.y()) / square;
        double sin = 2 * along.x() * along.y() / square;
        Vertex from = line.from();
        return new Isometry(
                cos,
                sin,
                sin,
                -cos,
                from.x() - cos * from.x() - sin * from.y(),
                from.y() - sin * from.x() + cos * from.y());
    }

    /** Where a place goes. */
    public Vertex apply(Vertex place) {
        return new Vertex(a * place.x() + c * place.y() + e, b * place.x() + d * place.y() + f);
    }

    /** Where a line goes. */
    public Stretch apply(Stretch line) {
        return new Stretch(apply(line.from()), apply(line.to()));
    }

    /** This first, then the outer. */
    public Isometry within(Isometry outer) {
        Vertex right = outer.turn(new Vertex(a, b));
        Vertex down = outer.turn(new Vertex(c, d));
        Vertex moved = outer.apply(new Vertex(e, f));
        return new Isometry(right.x(), right.y(), down.x(), down.y(), moved.x(), moved.y());
    }

    private Vertex turn(Vertex direction) {
        return new Vertex(a * direction.x() + c * direction.y(), b * direction.x() + d * direction.y());
    }

    /** The way back. */
    public Isometry inverse() {
        Isometry turnedBack = new Isometry(a, c, b, d, 0, 0);
        Vertex back = turnedBack.apply(new Vertex(e, f));
        return new Isometry(a, c, b, d, -back.x(), -back.y());
    }

    /** Whether the paper lies with its under face up. */
    public boolean isMirrored() {
        return a * d - b * c < 0;
    }

    /** How far what points down on the paper is turned clockwise from pointing down, in degrees from 0 to below 360. */
    public double degrees() {
        double degrees = Math.toDegrees(Math.atan2(-c, d));
        return degrees < 0 ? degrees + 360 : degrees;
    }
}
