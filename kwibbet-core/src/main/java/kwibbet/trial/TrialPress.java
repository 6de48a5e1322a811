package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import kwibbet.bench.DieLaying;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.tool.Die;

/** A press that cuts where a die lies under a plate, and knows nothing of why it lies there. */
final class TrialPress {

    private static final int QUARTER = 90;

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
        int quarters = laying.use().degrees() / QUARTER;
        double width = inches(die.shape().size(), quarters % 2 == 0);
        double height = inches(die.shape().size(), quarters % 2 != 0);
        UnaryOperator<Spot> onPaper = onPaper(laying, paper, off);
        double left = onPaper.apply(corner(die, quarters)).x();
        double top = onPaper.apply(corner(die, quarters)).y();
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
                .map(outline ->
                        Spot.along(outline.edges()).stream().map(onPaper).toList())
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
        return Spot.along(die.shape().creases()).stream()
                .map(onPaper(laying, paper, off))
                .filter(spot -> spot.isOn(paper))
                .toList();
    }

    /** Which corner of a die lies at the left top once it is turned by quarters. */
    private static Spot corner(Die die, int quarters) {
        double width = die.shape().size().width().toInches();
        double height = die.shape().size().height().toInches();
        return switch (quarters) {
            case 0 -> new Spot(0, 0);
            case 1 -> new Spot(0, height);
            case 2 -> new Spot(width, height);
            default -> new Spot(width, 0);
        };
    }

    /** Where a place of a die lies on the paper: the die is turned, and its metal pushed to where a ruler says. */
    private static UnaryOperator<Spot> onPaper(DieLaying laying, Size paper, double off) {
        Die die = laying.use().die();
        int degrees = laying.use().degrees();
        double metal = die.metal().toInches();
        List<Spot> rim = die.rim().outline().corners().stream()
                .map(corner -> Spot.of(corner).plus(-metal, -metal).turned(degrees))
                .toList();
        double least = rim.stream().mapToDouble(Spot::x).min().orElse(0);
        double most = rim.stream().mapToDouble(Spot::x).max().orElse(0);
        double highest = rim.stream().mapToDouble(Spot::y).min().orElse(0);
        double side = laying.side().toInches();
        double right = laying.from() == Edge.LEFT ? side - least : paper.width().toInches() - side - most;
        double down = laying.top().toInches() - highest;
        return spot -> spot.turned(degrees).plus(right + off, down);
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
}
