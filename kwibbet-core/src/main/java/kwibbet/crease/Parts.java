package kwibbet.crease;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Lines cut where they cross or touch each other. */
final class Parts {

    /** Lines with less between their directions than this run alongside each other. */
    private static final double ALONGSIDE = 1e-9;

    private final List<Stretch> lines;
    private final double tolerance;
    private final double[][] boxes;

    private Parts(List<Stretch> lines, double tolerance) {
        this.lines = lines;
        this.tolerance = tolerance;
        this.boxes = lines.stream()
                .map(line -> new double[] {
                    Math.min(line.from().x(), line.to().x()) - tolerance,
                    Math.min(line.from().y(), line.to().y()) - tolerance,
                    Math.max(line.from().x(), line.to().x()) + tolerance,
                    Math.max(line.from().y(), line.to().y()) + tolerance
                })
                .toArray(double[][]::new);
    }

    /** How far off a line a look is, in tolerances. */
    private static final double LOOK = 8;

    /**
     * A look to either side of the middle of a part.
     *
     * @param part the part
     * @param left a place just beside its middle
     * @param right the place across from it
     */
    record Look(Stretch part, Vertex left, Vertex right) {}

    /** A look at every part that is not too short for one. */
    static List<Look> looks(List<Stretch> lines, double tolerance) {
        return of(lines, tolerance).stream()
                .filter(part -> part.length() > 2 * LOOK * tolerance)
                .map(part -> {
                    Vertex off = part.along().quarter().times(LOOK * tolerance / part.length());
                    return new Look(part, part.middle().plus(off), part.middle().minus(off));
                })
                .toList();
    }

    /** The parts of each line that has a length, those of lines on each other too. */
    static List<Stretch> of(List<Stretch> lines, double tolerance) {
        Parts parts = new Parts(
                lines.stream().filter(line -> line.length() > tolerance).toList(), tolerance);
        List<Stretch> all = new ArrayList<>();
        for (int i = 0; i < parts.lines.size(); i++) {
            parts.cut(i, all);
        }
        return all;
    }

    private void cut(int index, List<Stretch> all) {
        Stretch line = lines.get(index);
        List<Double> cuts = new ArrayList<>(List.of(0.0, line.length()));
        for (int other = 0; other < lines.size(); other++) {
            if (other != index && areNear(boxes[index], boxes[other])) {
                cutsBy(line, lines.get(other), cuts);
            }
        }
        double[] sorted = cuts.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        Vertex along = line.along().times(1 / line.length());
        for (int i = 1; i < sorted.length; i++) {
            if (sorted[i] - sorted[i - 1] > tolerance) {
                all.add(new Stretch(
                        line.from().plus(along.times(sorted[i - 1])),
                        line.from().plus(along.times(sorted[i]))));
            }
        }
    }

    private static boolean areNear(double[] one, double[] other) {
        return one[0] <= other[2] && other[0] <= one[2] && one[1] <= other[3] && other[1] <= one[3];
    }

    private void cutsBy(Stretch line, Stretch other, List<Double> cuts) {
        for (Vertex end : List.of(other.from(), other.to())) {
            if (line.holds(end, tolerance)) {
                cuts.add(line.at(end));
            }
        }
        double sine = line.along().cross(other.along()) / (line.length() * other.length());
        if (Math.abs(sine) > ALONGSIDE) {
            double at = other.off(line.from()) / sine;
            Vertex crossing = line.from().plus(line.along().times(at / line.length()));
            if (at > tolerance && at < line.length() - tolerance && other.holds(crossing, tolerance)) {
                cuts.add(at);
            }
        }
    }
}
