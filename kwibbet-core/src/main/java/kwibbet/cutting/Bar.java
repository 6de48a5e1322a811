package kwibbet.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/**
 * A part of a sheet that is cut side by side into pieces, in whatever order is best, each measured from its edge.
 *
 * @param layout the place of the layout it is of
 * @param axis the direction of its cuts
 * @param length how long its cuts are
 * @param kinds what it is cut into
 * @param waste what is left over of it
 */
record Bar(int layout, Axis axis, Length length, List<Kind> kinds, Length waste) {

    private static final int MOST_SUMS = 200;

    /**
     * Equal pieces of a bar.
     *
     * @param width how much of the bar each takes
     * @param count how many there are; at least 1
     * @param section what each is
     * @param next the place of the bar that each is cut further as, or −1
     */
    record Kind(Length width, int count, Section section, int next) {}

    Bar {
        kinds = List.copyOf(kinds);
    }

    /** Adds the bars of a section to a list, those of its pieces first; returns the place of its own, −1 if it is not cut. */
    static int add(List<Bar> bars, int layout, Section section, Size size) {
        if (!(section instanceof Section.Split split)) {
            return -1;
        }
        List<Strip> strips = new ArrayList<>();
        collect(strips, split.axis(), section, size.across(split.axis()));
        Length waste = Length.ZERO;
        Map<Strip, Integer> counts = new LinkedHashMap<>();
        for (Strip strip : strips) {
            if (strip.section.equals(Section.LEFTOVER)) {
                waste = waste.plus(strip.width);
            } else {
                counts.merge(strip, 1, Integer::sum);
            }
        }
        Length length = size.across(split.axis().across());
        List<Kind> kinds = new ArrayList<>();
        counts.forEach((strip, count) -> {
            Size own = split.axis() == Axis.VERTICAL ? new Size(strip.width, length) : new Size(length, strip.width);
            kinds.add(new Kind(strip.width, count, strip.section, add(bars, layout, strip.section, own)));
        });
        bars.add(new Bar(layout, split.axis(), length, kinds, waste));
        return bars.size() - 1;
    }

    private record Strip(Length width, Section section) {}

    private static void collect(List<Strip> strips, Axis axis, Section section, Length width) {
        if (section instanceof Section.Split split && split.axis() == axis) {
            collect(strips, axis, split.first(), split.at());
            collect(strips, axis, split.second(), width.minus(split.at()));
        } else {
            strips.add(new Strip(width, section));
        }
    }

    /**
     * Settings of which this bar needs at least one, whatever the order: a last cut parts two pieces, or a piece and the waste.
     * Nothing where they are too many to be of use.
     */
    List<Length> oneOf() {
        if (kinds.isEmpty() || kinds.size() > 4) {
            return List.of();
        }
        if (kinds.size() == 1) {
            return List.of(kinds.get(0).width);
        }
        List<Length> sums = List.of(Length.ZERO);
        for (Kind kind : kinds) {
            sums = sums.stream()
                    .flatMap(sum -> IntStream.rangeClosed(0, kind.count)
                            .mapToObj(count -> sum.plus(kind.width.multipliedBy(count))))
                    .distinct()
                    .limit(MOST_SUMS)
                    .toList();
        }
        return sums.size() == MOST_SUMS
                ? List.of()
                : sums.stream().filter(Length::isPositive).toList();
    }
}
