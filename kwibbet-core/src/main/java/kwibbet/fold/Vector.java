package kwibbet.fold;

/**
 * A direction or a place in space, in inches.
 *
 * @param x to the right
 * @param y down
 * @param z towards the viewer
 */
public record Vector(double x, double y, double z) {

    /** This and another, end to end. */
    public Vector plus(Vector other) {
        return new Vector(x + other.x, y + other.y, z + other.z);
    }

    /** From the other to this. */
    public Vector minus(Vector other) {
        return new Vector(x - other.x, y - other.y, z - other.z);
    }

    /** This, {@code factor} times as long. */
    public Vector times(double factor) {
        return new Vector(x * factor, y * factor, z * factor);
    }

    /** The cross product; right × down points towards the viewer, y running down. */
    public Vector cross(Vector other) {
        return new Vector(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    /** This as seen by a viewer who stands to the right by {@code yaw} and above by {@code pitch}, in radians. */
    public Vector seenFrom(double yaw, double pitch) {
        double turnedX = x * Math.cos(yaw) - z * Math.sin(yaw);
        double turnedZ = x * Math.sin(yaw) + z * Math.cos(yaw);
        return new Vector(
                turnedX,
                y * Math.cos(pitch) + turnedZ * Math.sin(pitch),
                turnedZ * Math.cos(pitch) - y * Math.sin(pitch));
    }

    /** The dot product. */
    public double dot(Vector other) {
        return x * other.x + y * other.y + z * other.z;
    }

    /** Its length. */
    public double length() {
        return Math.sqrt(dot(this));
    }

    /** This turned about an axis of length 1 by {@code radians}, by Rodrigues' formula. */
    public Vector turnedAbout(Vector axis, double radians) {
        double cos = Math.cos(radians);
        return times(cos).plus(axis.cross(this).times(Math.sin(radians))).plus(axis.times(axis.dot(this) * (1 - cos)));
    }
}
