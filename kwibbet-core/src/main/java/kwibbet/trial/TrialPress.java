package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

import kwibbet.bench.DieLaying;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.tool.Die;

/** A press that cuts where a die lies under a plate, and knows nothing of why it lies there. */
final class TrialPress {

    private TrialPress() {}

    /**
     * Cuts a paper once.
     *
     * @param laying how the die lies on it
     * @param paper its size as it lies
     * @param off how far to the right of that the die really lies, in inches
     * @return where it is cut; a die past the paper's edge cuts nothing
     */
    static List<Spot> pass(DieLaying laying, Size paper, double off) {
        Die die = laying.use().die();
        int quarters = laying.use().degrees() / 90;
        double width = inches(die.shape().size(), quarters % 2 == 0);
        double height = inches(die.shape().size(), quarters % 2 != 0);
        double left = corner(laying, paper, off).x();
        double top = corner(laying, paper, off).y();
        boolean across = laying.use().run() == Axis.HORIZONTAL;
        double begins = laying.begins().map(past -> past.toInches()).orElse(-1e9);
        double ends = laying.ends()
                .map(before -> (across ? width : height) - before.toInches())
                .orElse(1e9);
        Predicate<Spot> isCut = spot -> {
            double far = across ? spot.x() - left : spot.y() - top;
            return far >= begins && far <= ends && spot.isOn(paper);
        };
        List<Spot> cuts = new ArrayList<>();
        Stream.concat(Stream.of(die.shape().outline()), die.shape().holes().stream())
                .map(outline -> Spot.along(outline.edges()).stream()
                        .map(spot -> turned(spot, die.shape().size(), quarters).plus(left, top))
                        .toList())
                .forEach(line -> cutAlong(line, isCut, cuts));
        return cuts;
    }

    private static void cutAlong(List<Spot> line, Predicate<Spot> isCut, List<Spot> cuts) {
        for (int i = 0; i < line.size(); i++) {
            Spot spot = line.get(i);
            Spot next = line.get((i + 1) % line.size());
            if (isCut.test(spot)) {
                cuts.add(spot);
            }
            if (isCut.test(spot) != isCut.test(next)) {
                cuts.add(last(spot, next, isCut));
            }
        }
    }

    /**
     * Where a paper is creased by the dies of a pass that lies wholly under the plate.
     *
     * @param laying how the die lies on it
     * @param paper its size as it lies
     * @param off how far to the right of that the die really lies, in inches
     */
    static List<Spot> creases(DieLaying laying, Size paper, double off) {
        Die die = laying.use().die();
        int quarters = laying.use().degrees() / 90;
        Spot corner = corner(laying, paper, off);
        return Spot.along(die.shape().creases()).stream()
                .map(spot -> turned(spot, die.shape().size(), quarters).plus(corner.x(), corner.y()))
                .filter(spot -> spot.isOn(paper))
                .toList();
    }

    /** Where the box of its cut begins on the paper. */
    private static Spot corner(DieLaying laying, Size paper, double off) {
        Die die = laying.use().die();
        double metal = die.metal().toInches();
        double width = inches(die.shape().size(), laying.use().degrees() / 90 % 2 == 0);
        double side = laying.side().toInches() + metal;
        double left = (laying.from() == Edge.LEFT ? side : paper.width().toInches() - side - width) + off;
        return new Spot(left, laying.top().toInches() + metal);
    }

    /** Where a line that is cut at one end only stops being cut. */
    private static Spot last(Spot one, Spot other, Predicate<Spot> isCut) {
        Spot cut = isCut.test(one) ? one : other;
        Spot uncut = isCut.test(one) ? other : one;
        for (int halving = 0; halving < 10; halving++) {
            Spot middle = new Spot((cut.x() + uncut.x()) / 2, (cut.y() + uncut.y()) / 2);
            if (isCut.test(middle)) {
                cut = middle;
            } else {
                uncut = middle;
            }
        }
        return cut;
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
            case 1 -> new Spot(height - spot.y(), spot.x());
            case 2 -> new Spot(width - spot.x(), height - spot.y());
            default -> new Spot(spot.y(), width - spot.x());
        };
    }
}
