package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;

import kwibbet.bench.DieLaying;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;

/** A press that cuts where a die lies under a plate, and knows nothing of why it lies there. All figures are inches on the paper. */
final class TrialPress {

    /** A cut is where it should be if it is no farther off than this: half of 1/64. */
    private static final double CLOSE = 1.0 / 128;
    /** How far apart cuts are looked at. */
    private static final double STEP = 1.0 / 32;

    private record Spot(double x, double y) {

        double to(Spot other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    private final List<Spot> cuts = new ArrayList<>();

    /**
     * Cuts a paper once.
     *
     * @param laying how the die lies on it
     * @param paper its size
     * @param off how far to the right of that the die really lies
     */
    void pass(DieLaying laying, Size paper, double off) {
        Die die = laying.use().die();
        int quarters = laying.use().degrees() / 90;
        double metal = die.metal().toInches();
        double width = inches(die.shape().size(), quarters % 2 == 0);
        double height = inches(die.shape().size(), quarters % 2 != 0);
        double side = laying.side().toInches() + metal;
        double left = (laying.from() == Edge.LEFT ? side : paper.width().toInches() - side - width) + off;
        double top = laying.top().toInches() + metal;
        boolean across = laying.use().run() == Axis.HORIZONTAL;
        double begins = laying.begins().map(past -> past.toInches()).orElse(-1e9);
        double ends = laying.ends()
                .map(before -> (across ? width : height) - before.toInches())
                .orElse(1e9);
        for (Spot spot : along(die.shape().outline())) {
            Spot turned = turned(spot, die.shape().size(), quarters);
            double far = across ? turned.x : turned.y;
            if (far >= begins && far <= ends) {
                cuts.add(new Spot(left + turned.x, top + turned.y));
            }
        }
    }

    private static double inches(Size size, boolean wide) {
        return (wide ? size.width() : size.height()).toInches();
    }

    /** A place on a die turned clockwise by quarters, its box again at zero. */
    private static Spot turned(Spot spot, Size die, int quarters) {
        double width = die.width().toInches();
        double height = die.height().toInches();
        return switch (quarters) {
            case 0 -> spot;
            case 1 -> new Spot(height - spot.y, spot.x);
            case 2 -> new Spot(width - spot.x, height - spot.y);
            default -> new Spot(spot.y, width - spot.x);
        };
    }

    private static List<Spot> along(Outline outline) {
        List<Spot> spots = new ArrayList<>();
        List<Point> corners = outline.corners();
        for (int i = 0; i < corners.size(); i++) {
            Spot from = spot(corners.get(i));
            Spot to = spot(corners.get((i + 1) % corners.size()));
            int steps = (int) Math.ceil(from.to(to) / STEP);
            for (int step = 0; step < steps; step++) {
                double share = (double) step / steps;
                spots.add(new Spot(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y)));
            }
        }
        return spots;
    }

    private static Spot spot(Point point) {
        return new Spot(point.x().toInches(), point.y().toInches());
    }

    /** Whether the whole of a shape has been cut round. */
    boolean hasCut(Outline shape, Rect paper) {
        return wanted(shape, paper).stream().allMatch(spot -> isNear(spot, cuts));
    }

    /** Whether nothing has been cut but some shapes. */
    boolean hasCutNothingBut(List<Outline> shapes, Rect paper) {
        List<Spot> all =
                shapes.stream().flatMap(shape -> wanted(shape, paper).stream()).toList();
        return cuts.stream().allMatch(spot -> isNear(spot, all));
    }

    private static List<Spot> wanted(Outline shape, Rect paper) {
        return along(shape.plus(paper.left().negated(), paper.top().negated()));
    }

    /** Two looks at one line are never farther apart than a step. */
    private static boolean isNear(Spot spot, List<Spot> others) {
        double nearest = Double.MAX_VALUE;
        Spot first = spot;
        for (Spot other : others) {
            if (spot.to(other) < nearest) {
                nearest = spot.to(other);
                first = other;
            }
        }
        if (nearest <= CLOSE) {
            return true;
        }
        // Between two spots of the other line.
        for (Spot other : others) {
            if (first.to(other) <= 1.5 * STEP && distance(spot, first, other) <= CLOSE) {
                return true;
            }
        }
        return false;
    }

    private static double distance(Spot spot, Spot from, Spot to) {
        double length = from.to(to);
        if (length < CLOSE) {
            return spot.to(from);
        }
        double along = ((spot.x - from.x) * (to.x - from.x) + (spot.y - from.y) * (to.y - from.y)) / (length * length);
        double share = Math.max(0, Math.min(1, along));
        return spot.to(new Spot(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y)));
    }
}
