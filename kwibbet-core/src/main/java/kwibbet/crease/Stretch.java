package kwibbet.crease;

import java.util.List;

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
    public double off(Vertex place) {
        return along().cross(place.minus(from)) / length();
    }

    /** How far along it a place lies, 0 at its start and its length at its end. */
    double at(Vertex place) {
        return along().dot(place.minus(from)) / length();
    }

    /** Whether another runs on the same endless line. */
    public boolean isInLineWith(Stretch other, double tolerance) {
        return Math.abs(off(other.from)) < tolerance && Math.abs(off(other.to)) < tolerance;
    }

    /** Whether a place lies on it, its ends left out. */
    boolean holds(Vertex place, double tolerance) {
        double at = at(place);
        return Math.abs(off(place)) < tolerance && at > tolerance && at < length() - tolerance;
    }

    /**
     * The part of it that runs along sides of a shape, from the first to the last place where it does; all of it where it does
     * nowhere.
     *
     * @param corners the corners of the shape, in order
     */
    public Stretch within(List<Vertex> corners) {
        double near = length() * 1e-5;
        double first = Double.POSITIVE_INFINITY;
        double last = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            Stretch side = new Stretch(corners.get(i), corners.get((i + 1) % corners.size()));
            if (isInLineWith(side, near)) {
                first = Math.min(first, Math.min(at(side.from()), at(side.to())));
                last = Math.max(last, Math.max(at(side.from()), at(side.to())));
            }
        }
        double start = Math.max(first, 0);
        double end = Math.min(last, length());
        Vertex unit = along().times(1 / length());
        return end - start > near ? new Stretch(from.plus(unit.times(start)), from.plus(unit.times(end))) : this;
    }
}
