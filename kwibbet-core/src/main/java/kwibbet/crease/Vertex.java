package kwibbet.crease;

/**
 * A place or a direction on flat paper.
 *
 * @param x to the right
 * @param y down
 */
public record Vertex(double x, double y) {

    /** This and another, end to end. */
    public Vertex plus(Vertex other) {
        return new Vertex(x + other.x, y + other.y);
    }

    /** From the other to this. */
    public Vertex minus(Vertex other) {
        return new Vertex(x - other.x, y - other.y);
    }

    /** This, {@code factor} times as long. */
    public Vertex times(double factor) {
        return new Vertex(x * factor, y * factor);
    }

    /** The length of this times the length of the other's part across it; its sign tells the side. */
    public double cross(Vertex other) {
        return x * other.y - y * other.x;
    }

    /** The length of this times the length of the other's part along it. */
    public double dot(Vertex other) {
        return x * other.x + y * other.y;
    }

    /** How long it is. */
    public double length() {
        return Math.hypot(x, y);
    }

    /** How far away the other place is. */
    public double distance(Vertex other) {
        return minus(other).length();
    }

    /** Half way to the other place. */
    public Vertex middle(Vertex other) {
        return plus(other).times(0.5);
    }

    /** A quarter turned. */
    Vertex quarter() {
        return new Vertex(-y, x);
    }
}
