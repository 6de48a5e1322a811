package kwibbet.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Lays rectangles beside each other on the bed, each as it is or turned a quarter. */
final class Bed {

    private static final int MOST_TRIES = 1_000;

    private final Size bed;
    private final List<Size> sizes;
    private final List<Integer> order;
    private final Rect[] places;
    private int tries;

    private Bed(Size bed, List<Size> sizes) {
        this.bed = bed;
        this.sizes = sizes;
        this.order = IntStream.range(0, sizes.size())
                .boxed()
                .sorted(Comparator.comparing((Integer place) -> sizes.get(place).area(), Comparator.reverseOrder()))
                .toList();
        this.places = new Rect[sizes.size()];
    }

    /**
     * Where some rectangles can lie.
     *
     * @param bed the bed
     * @param sizes the rectangles
     * @return their places in the same order; nothing where no way was found to lay them all
     */
    static Optional<List<Rect>> arrange(Size bed, List<Size> sizes) {
        if (sizes.stream().mapToDouble(Size::area).sum() > bed.area()) {
            return Optional.empty();
        }
        Bed arranging = new Bed(bed, sizes);
        return arranging.place(0) ? Optional.of(List.of(arranging.places)) : Optional.empty();
    }

    private boolean place(int next) {
        if (next == order.size()) {
            return true;
        }
        if (++tries > MOST_TRIES) {
            return false;
        }
        int which = order.get(next);
        Size size = sizes.get(which);
        List<Rect> laid =
                order.subList(0, next).stream().map(place -> places[place]).toList();
        for (Length top : edges(laid.stream().map(Rect::bottom).toList())) {
            for (Length left : edges(laid.stream().map(Rect::right).toList())) {
                for (Size lying : List.of(size, size.turned())) {
                    Rect there = Rect.of(left, top, lying.width(), lying.height());
                    if (Rect.atOrigin(bed).contains(there) && laid.stream().noneMatch(there::overlaps)) {
                        places[which] = there;
                        if (place(next + 1)) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }

    private static List<Length> edges(List<Length> beyond) {
        List<Length> edges = new ArrayList<>(beyond);
        edges.add(Length.ZERO);
        return edges.stream().distinct().sorted().toList();
    }
}
