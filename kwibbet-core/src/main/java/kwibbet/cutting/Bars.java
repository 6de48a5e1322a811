package kwibbet.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.cutting.Bar.Kind;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/**
 * Takes a layout apart into bars.
 *
 * @param bars where they are added
 * @param layout the place of the layout
 * @param margin what cannot be used along the edges of its sheet
 */
record Bars(List<Bar> bars, int layout, Length margin) {

    private record Strip(Length width, Section section) {
        boolean isLeftover() {
            return section.equals(Section.LEFTOVER);
        }
    }

    /** Adds the bars of a section, those of its pieces first; returns the place of its own, −1 if it is not cut. */
    int add(Section section, Size size) {
        if (!(section instanceof Section.Split split)) {
            return -1;
        }
        List<Strip> strips = new ArrayList<>();
        collect(strips, split.axis(), section, size.across(split.axis()));
        Strip first = strips.get(0);
        // Sheets settled before margins went to the next mark have a narrower edge.
        boolean isMargin = margin.isPositive() && !first.width.isLongerThan(margin);
        boolean hasEdge = first.isLeftover() && (isMargin || isBetweenEdges(strips));
        Length waste = Length.ZERO;
        Map<Strip, Integer> counts = new LinkedHashMap<>();
        for (Strip strip : strips.subList(hasEdge ? 1 : 0, strips.size())) {
            if (strip.isLeftover()) {
                waste = waste.plus(strip.width);
            } else {
                counts.merge(strip, 1, Integer::sum);
            }
        }
        List<Kind> kinds = new ArrayList<>();
        if (hasEdge) {
            kinds.add(new Kind(first.width, 1, Section.LEFTOVER, -1));
        }
        Length length = size.across(split.axis().across());
        counts.forEach((strip, count) -> {
            Size own = split.axis() == Axis.VERTICAL ? new Size(strip.width, length) : new Size(length, strip.width);
            kinds.add(new Kind(strip.width, count, strip.section, add(strip.section, own)));
        });
        bars.add(new Bar(layout, split.axis(), length, kinds, hasEdge, waste));
        return bars.size() - 1;
    }

    /** One piece with as much to be cut off on either side: what is printed on it does not move. */
    private static boolean isBetweenEdges(List<Strip> strips) {
        return strips.size() == 3
                && strips.get(0).equals(strips.get(2))
                && !strips.get(1).isLeftover();
    }

    private static void collect(List<Strip> strips, Axis axis, Section section, Length width) {
        if (section instanceof Section.Split split && split.axis() == axis) {
            collect(strips, axis, split.first(), split.at());
            collect(strips, axis, split.second(), width.minus(split.at()));
        } else {
            strips.add(new Strip(width, section));
        }
    }
}
