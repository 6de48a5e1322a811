package kwibbet.outline;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import kwibbet.measure.Length;
import kwibbet.shape.Point;

/**
 * Lines of a drawing put together where their ends meet, or lie a hair apart.
 *
 * @param lines the lines, each as long as it goes
 * @param gaps how many ends that did not quite meet were joined
 * @param widest the widest of those gaps
 */
public record Chains(List<Tracing.Line> lines, int gaps, Length widest) {

    /** Copies the lines. */
    public Chains {
        lines = List.copyOf(lines);
    }

    /**
     * Joins open lines of the same use end to end, the nearest ends first found; a line whose own ends meet is closed.
     *
     * @param lines the lines as they were drawn
     * @param hair how far apart two ends may lie; longer than zero
     */
    public static Chains of(List<Tracing.Line> lines, Length hair) {
        List<Tracing.Line> all =
                new ArrayList<>(lines.stream().filter(Tracing.Line::closed).toList());
        int gaps = 0;
        Length widest = Length.ZERO;
        for (Tracing.Use use : Tracing.Use.values()) {
            Joiner joiner = new Joiner(
                    lines.stream()
                            .filter(line -> !line.closed() && line.use() == use)
                            .toList(),
                    hair);
            all.addAll(joiner.joined());
            gaps += joiner.gaps;
            widest = Length.max(widest, joiner.widest);
        }
        return new Chains(all, gaps, widest);
    }

    /** Follows lines from end to end. */
    private static final class Joiner {

        private final List<Tracing.Line> lines;
        private final Length hair;
        private final Map<Cell, List<Integer>> ends = new HashMap<>();
        private final Set<Integer> free = new TreeSet<>();
        private int gaps;
        private Length widest = Length.ZERO;

        /** A square of the plane as wide as a hair. */
        private record Cell(long across, long down) {}

        Joiner(List<Tracing.Line> lines, Length hair) {
            this.lines = lines;
            this.hair = hair;
            for (int i = 0; i < lines.size(); i++) {
                free.add(i);
                for (Point end :
                        List.of(first(lines.get(i).points()), last(lines.get(i).points()))) {
                    ends.computeIfAbsent(cell(end), each -> new ArrayList<>()).add(i);
                }
            }
        }

        private Cell cell(Point point) {
            return new Cell(column(point.x()), column(point.y()));
        }

        private long column(Length length) {
            return (long) Math.floor(length.ratioTo(hair));
        }

        List<Tracing.Line> joined() {
            List<Tracing.Line> all = new ArrayList<>();
            while (!free.isEmpty()) {
                int start = free.iterator().next();
                free.remove(start);
                all.add(followed(lines.get(start)));
            }
            return all;
        }

        private Tracing.Line followed(Tracing.Line start) {
            Deque<Point> chain = new ArrayDeque<>(start.points());
            boolean forth = true;
            while (!isRound(chain)) {
                Optional<Integer> next = next(forth ? chain.getLast() : chain.getFirst());
                if (next.isPresent()) {
                    free.remove(next.get());
                    append(chain, lines.get(next.get()).points(), forth);
                } else if (forth) {
                    forth = false;
                } else {
                    break;
                }
            }
            boolean closed = isRound(chain);
            if (closed) {
                note(apart(chain.getFirst(), chain.getLast()));
                chain.removeLast();
            }
            return new Tracing.Line(new ArrayList<>(chain), closed, start.use());
        }

        private boolean isRound(Deque<Point> chain) {
            return chain.size() > 3 && !apart(chain.getFirst(), chain.getLast()).isLongerThan(hair);
        }

        /** The free line with the nearest end within a hair. */
        private Optional<Integer> next(Point from) {
            List<Integer> near = new ArrayList<>();
            Cell middle = cell(from);
            for (long across = -1; across <= 1; across++) {
                for (long down = -1; down <= 1; down++) {
                    near.addAll(ends.getOrDefault(new Cell(middle.across() + across, middle.down() + down), List.of()));
                }
            }
            return near.stream()
                    .distinct()
                    .filter(free::contains)
                    .filter(i -> !nearest(i, from).isLongerThan(hair))
                    .min(Comparator.comparing((Integer i) -> nearest(i, from)).thenComparing(i -> i));
        }

        private Length nearest(int line, Point from) {
            List<Point> points = lines.get(line).points();
            return Length.min(apart(first(points), from), apart(last(points), from));
        }

        private void append(Deque<Point> chain, List<Point> points, boolean forth) {
            Point end = forth ? chain.getLast() : chain.getFirst();
            boolean asDrawn = !apart(first(points), end).isLongerThan(apart(last(points), end));
            note(asDrawn ? apart(first(points), end) : apart(last(points), end));
            // The end that is there already stays; that of the other line gives way to it.
            for (int i = 1; i < points.size(); i++) {
                Point point = points.get(asDrawn ? i : points.size() - 1 - i);
                if (forth) {
                    chain.addLast(point);
                } else {
                    chain.addFirst(point);
                }
            }
        }

        private void note(Length gap) {
            if (!gap.isZero()) {
                gaps++;
                widest = Length.max(widest, gap);
            }
        }

        private static Point first(List<Point> points) {
            return points.get(0);
        }

        private static Point last(List<Point> points) {
            return points.get(points.size() - 1);
        }

        private static Length apart(Point one, Point other) {
            return one.equals(other)
                    ? Length.ZERO
                    : Length.nearestInches(Math.hypot(
                            one.x().minus(other.x()).toInches(),
                            one.y().minus(other.y()).toInches()));
        }
    }
}
