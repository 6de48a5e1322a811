package kwibbet.crease;

/**
 * A straight line between two places.
 *
 * @param from where it starts
 * @param to where it ends
 */
public record Stretch(Vertex from, Vertex to) {

    /** From its start to its end. */
    public Vertex along() {
        return to.minus(from);
    }

    /** How long it is. */
    public double length() {
        return from.distance(to);
    }

    /** Its middle. */
    public Vertex middle() {
        return from.middle(to);
    }

    /** How far a place lies off the endless line through it; its sign tells the side. */
    double off(Vertex place) {
        return along().cross(place.minus(from)) / length();
    }

    /** How far along it a place lies, 0 at its start and its length at its end. */
    double at(Vertex place) {
        return along().dot(place.minus(from)) / length();
    }

    /** Whether another runs on the same endless line. */
    boolean isInLineWith(Stretch other, double tolerance) {
        return Math.abs(off(other.from)) < tolerance && Math.abs(off(other.to)) < tolerance;
    }

    /** Whether a place lies on it, its ends left out. */
    boolean holds(Vertex place, double tolerance) {
        double at = at(place);
        return Math.abs(off(place)) < tolerance && at > tolerance && at < length() - tolerance;
    }
}
