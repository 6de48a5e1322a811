package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/**
 * A part of a sheet that is cut side by side into pieces, in whatever order is best, each measured from its edge. What lies before the first piece, as
 * the edge a printer keeps clear, stays there and is cut off first.
 *
 * @param layout the place of the layout it is of
 * @param axis the direction of its cuts
 * @param length how long its cuts are
 * @param kinds what it is cut into; the edge that is cut off first, if it has one, is the first of them
 * @param hasEdge whether it has one
 * @param waste what is left over of it beyond the pieces
 */
record Bar(int layout, Axis axis, Length length, List<Kind> kinds, boolean hasEdge, Length waste) {

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

    /** How much of it is in hand at any cut at least: the two narrowest of its pieces, or one and the waste. */
    Length narrowestInHand() {
        List<Length> widths = new ArrayList<>();
        kinds.forEach(kind -> widths.addAll(Collections.nCopies(Math.min(2, kind.count), kind.width)));
        if (waste.isPositive()) {
            widths.add(waste);
        }
        return widths.stream().sorted().limit(2).reduce(Length.ZERO, Length::plus);
    }

    /** What is left of it when the edge is cut off. */
    Bar withoutEdge() {
        return hasEdge ? new Bar(layout, axis, length, kinds.subList(1, kinds.size()), false, waste) : this;
    }
}
