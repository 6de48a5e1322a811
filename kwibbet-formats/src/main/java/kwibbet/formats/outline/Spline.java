package kwibbet.formats.outline;

import java.util.ArrayList;
import java.util.List;

/**
 * A rational B-spline, worked out by de Boor's algorithm (C. de Boor, A Practical Guide to Splines, 1978, chapter X).
 *
 * @param degree its degree
 * @param knots its knots, from small to large
 * @param controls x, y and weight of its control points
 */
record Spline(int degree, List<Double> knots, List<double[]> controls) {

    private static final int FEWEST = 8;
    private static final int HALVINGS = 9;

    Spline {
        knots = List.copyOf(knots);
        controls = List.copyOf(controls);
    }

    /**
     * The spline of an entity; one given by points it runs through only is drawn as straight lines between these.
     *
     * @throws UnreadableDrawing when numbers are missing
     */
    static Spline of(DxfEntity entity) {
        List<double[]> points = entity.points(10);
        List<Double> weights = entity.numbers(41);
        if (points.isEmpty()) {
            List<double[]> through = entity.points(11);
            return even(through);
        }
        int degree = entity.whole(71);
        List<Double> knots = entity.numbers(40);
        if (degree < 1 || points.size() <= degree || knots.size() != points.size() + degree + 1) {
            throw new UnreadableDrawing("A spline in it lacks knots or control points.");
        }
        boolean weighted = weights.size() == points.size();
        List<double[]> controls = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            controls.add(new double[] {points.get(i)[0], points.get(i)[1], weighted ? weights.get(i) : 1});
        }
        return new Spline(degree, knots, controls);
    }

    private static Spline even(List<double[]> through) {
        if (through.size() < 2) {
            throw new UnreadableDrawing("A spline in it has no points.");
        }
        List<Double> knots = new ArrayList<>(List.of(0.0));
        for (int i = 0; i < through.size(); i++) {
            knots.add((double) i);
        }
        knots.add((double) through.size() - 1);
        return new Spline(
                1,
                knots,
                through.stream().map(at -> new double[] {at[0], at[1], 1}).toList());
    }

    /** Draws it between its knots, halving each stretch until its middle lies on the edge, within the pen's tolerance. */
    void draw(Pen pen, boolean closed) {
        double[] start = at(knots.get(degree));
        pen.moveTo(start[0], start[1]);
        for (int i = degree; i < controls.size(); i++) {
            double from = knots.get(i);
            double to = knots.get(i + 1);
            int shares = to > from ? (degree == 1 ? 1 : FEWEST) : 0;
            for (int share = 0; share < shares; share++) {
                stretch(pen, from + (to - from) * share / shares, from + (to - from) * (share + 1) / shares, HALVINGS);
            }
        }
        if (closed) {
            pen.close();
        } else {
            pen.end();
        }
    }

    private void stretch(Pen pen, double from, double to, int halvings) {
        double[] start = at(from);
        double[] end = at(to);
        double[] middle = at((from + to) / 2);
        double off = Math.hypot(middle[0] - (start[0] + end[0]) / 2, middle[1] - (start[1] + end[1]) / 2);
        if (halvings > 0 && off > pen.tolerance()) {
            stretch(pen, from, (from + to) / 2, halvings - 1);
            stretch(pen, (from + to) / 2, to, halvings - 1);
        } else {
            pen.lineTo(end[0], end[1]);
        }
    }

    private double[] at(double parameter) {
        int span = degree;
        while (span < controls.size() - 1 && parameter >= knots.get(span + 1)) {
            span++;
        }
        double[][] points = new double[degree + 1][];
        for (int i = 0; i <= degree; i++) {
            double[] control = controls.get(span - degree + i);
            points[i] = new double[] {control[0] * control[2], control[1] * control[2], control[2]};
        }
        for (int round = 1; round <= degree; round++) {
            for (int i = degree; i >= round; i--) {
                double from = knots.get(span - degree + i);
                double to = knots.get(span + 1 + i - round);
                double share = to > from ? (parameter - from) / (to - from) : 0;
                for (int axis = 0; axis < 3; axis++) {
                    points[i][axis] = (1 - share) * points[i - 1][axis] + share * points[i][axis];
                }
            }
        }
        double[] end = points[degree];
        return new double[] {end[0] / end[2], end[1] / end[2]};
    }
}
