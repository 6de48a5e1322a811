package kwibbet.crease;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * The ways to unfold one line of paper that lies folded.
 *
 * <p>Cut loose at the creases that are folded on one line, paper falls apart. What lies wholly on one side of the line and over all it
 * overlaps of the rest can be folded back: the reverse of a simple fold. What has something of the rest on it can only be drawn out
 * from under that: the reverse of a tuck.
 */
final class Unfolding {

    private final CreasePattern pattern;
    private final double tolerance;
    private final ShapesOverlap overlap;
    private final int[][] creasesAt;
    private final int[][] weldsAt;

    Unfolding(CreasePattern pattern) {
        this.pattern = pattern;
        this.tolerance = pattern.tolerance() * 2;
        this.overlap = new ShapesOverlap(pattern);
        int facets = pattern.facets().size();
        this.creasesAt = new int[facets][];
        this.weldsAt = new int[facets][];
        for (int facet = 0; facet < facets; facet++) {
            int at = facet;
            creasesAt[facet] = pattern.creasesAt(facet).stream()
                    .mapToInt(Integer::intValue)
                    .toArray();
            weldsAt[facet] = pattern.welds().stream()
                    .filter(weld -> weld.lower() == at || weld.upper() == at)
                    .mapToInt(weld -> weld.lower() == at ? weld.upper() : weld.lower())
                    .toArray();
        }
    }

    /**
     * A way to unfold.
     *
     * @param line the line, as the table sees it; none where all that is left unfolds at once
     * @param creases the creases that become flat
     * @param moving the facets that move
     * @param upwards whether they lift off the top, or else fall off the bottom
     * @param blocking the facets they are drawn out from under
     */
    record Move(Optional<Stretch> line, BitSet creases, BitSet moving, boolean upwards, BitSet blocking) {
        boolean isTuck() {
            return !blocking.isEmpty() || line.isEmpty();
        }
    }

    /**
     * All simple ways; where there is none the ways that draw something out; where no line can be unfolded without others, all at once.
     * The largest part comes first. The first facet lies still as long as others can move.
     */
    List<Move> moves(FoldedState state) {
        List<Move> simple = new ArrayList<>();
        List<Move> tucks = new ArrayList<>();
        List<BitSet> over = state.order().beyond(true);
        List<BitSet> under = state.order().beyond(false);
        for (List<Integer> creases : lines(state)) {
            Stretch line = place(state, creases.get(0));
            Loose loose = new Loose(state, line, creases);
            loose.collect(true, over, simple, tucks);
            loose.collect(false, under, simple, tucks);
        }
        List<Move> moves = simple.isEmpty() ? tucks : simple;
        if (moves.isEmpty()) {
            return List.of(together(state));
        }
        if (moves.stream().anyMatch(move -> !move.moving().get(0))) {
            moves.removeIf(move -> move.moving().get(0));
        }
        moves.sort(Comparator.comparingInt((Move move) -> -move.moving().cardinality())
                .thenComparingInt(move -> -move.moving().nextSetBit(0)));
        return moves;
    }

    private Stretch place(FoldedState state, int crease) {
        Crease each = pattern.creases().get(crease);
        return state.places().of(each.first()).apply(each.line());
    }

    /** The creases still folded that can be unfolded, those on one line together. */
    private List<List<Integer>> lines(FoldedState state) {
        List<List<Integer>> lines = new ArrayList<>();
        state.folded().stream()
                .filter(crease -> !pattern.creases().get(crease).stays())
                .forEach(crease -> {
                    Stretch here = place(state, crease);
                    Optional<List<Integer>> known = lines.stream()
                            .filter(line -> place(state, line.get(0)).isInLineWith(here, tolerance))
                            .findFirst();
                    known.ifPresentOrElse(line -> line.add(crease), () -> lines.add(new ArrayList<>(List.of(crease))));
                });
        return lines;
    }

    /** All that is left at once. */
    Move together(FoldedState state) {
        BitSet creases = state.folded();
        for (int i = 0; i < pattern.creases().size(); i++) {
            if (pattern.creases().get(i).stays()) {
                creases.clear(i);
            }
        }
        BitSet moving = new BitSet();
        moving.set(1, pattern.facets().size());
        return new Move(Optional.empty(), creases, moving, true, new BitSet());
    }

    /** Where the first facet lies after a move. */
    Isometry after(Isometry first, Move move) {
        return move.moving().get(0) && move.line().isPresent()
                ? first.within(Isometry.reflection(move.line().get()))
                : first;
    }

    /** How the paper lies after a move. */
    FoldedState after(FoldedState state, Move move) {
        BitSet folded = state.folded();
        folded.andNot(move.creases());
        FoldedPlaces lying = move.line()
                .map(line -> reflected(state.places(), move.moving(), Isometry.reflection(line)))
                .orElseGet(() -> walked(folded, state.places().of(0)));
        int facets = lying.places().size();
        byte[][] above = new byte[facets][facets];
        for (int one = 0; one < facets; one++) {
            for (int other = one + 1; other < facets; other++) {
                int order = order(state, move, lying, one, other);
                above[one][other] = (byte) order;
                above[other][one] = (byte) -order;
            }
        }
        return new FoldedState(lying, LayerOrder.of(above), folded);
    }

    private static FoldedPlaces reflected(FoldedPlaces places, BitSet moving, Isometry over) {
        List<Isometry> lying = new ArrayList<>(places.places());
        moving.stream().forEach(facet -> lying.set(facet, lying.get(facet).within(over)));
        return new FoldedPlaces(lying);
    }

    private FoldedPlaces walked(BitSet folded, Isometry first) {
        return new FoldedPlaces(FoldedPlaces.of(pattern, folded::get).places().stream()
                .map(place -> place.within(first))
                .toList());
    }

    /** What moves is turned over as a whole and comes to lie over, or under, all the rest. */
    private int order(FoldedState state, Move move, FoldedPlaces lying, int one, int other) {
        boolean oneMoves = move.moving().get(one);
        boolean otherMoves = move.moving().get(other);
        if (oneMoves == otherMoves) {
            int before = state.order().compare(one, other);
            return oneMoves ? -before : before;
        }
        return overlap.between(one, lying.of(one), other, lying.of(other)) ? (oneMoves == move.upwards() ? 1 : -1) : 0;
    }

    /** Paper cut loose at one line. */
    private final class Loose {

        private final FoldedState state;
        private final Stretch line;
        private final List<Integer> creases;
        private final BitSet loosened = new BitSet();
        private final List<BitSet> parts = new ArrayList<>();
        private final int[] partOf;
        private final boolean[] isOnOneSide;

        Loose(FoldedState state, Stretch line, List<Integer> creases) {
            this.state = state;
            this.line = line;
            this.creases = creases;
            creases.forEach(loosened::set);
            this.partOf = new int[pattern.facets().size()];
            Arrays.fill(partOf, -1);
            for (int facet = 0; facet < partOf.length; facet++) {
                if (partOf[facet] < 0) {
                    parts.add(part(facet, parts.size()));
                }
            }
            this.isOnOneSide = new boolean[parts.size()];
            for (int i = 0; i < parts.size(); i++) {
                isOnOneSide[i] = isOnOneSide(parts.get(i));
            }
        }

        private BitSet part(int start, int number) {
            BitSet part = new BitSet();
            Deque<Integer> next = new ArrayDeque<>(List.of(start));
            while (!next.isEmpty()) {
                int facet = next.remove();
                if (partOf[facet] >= 0) {
                    continue;
                }
                partOf[facet] = number;
                part.set(facet);
                for (int crease : creasesAt[facet]) {
                    if (!loosened.get(crease)) {
                        next.add(pattern.creases().get(crease).across(facet));
                    }
                }
                for (int stuck : weldsAt[facet]) {
                    next.add(stuck);
                }
            }
            return part;
        }

        private boolean isOnOneSide(BitSet part) {
            boolean left = false;
            boolean right = false;
            Vertex along = line.along();
            double near = tolerance * line.length();
            for (int facet = part.nextSetBit(0); facet >= 0; facet = part.nextSetBit(facet + 1)) {
                Isometry place = state.places().of(facet);
                for (Vertex corner : pattern.facets().get(facet).outline()) {
                    double off = along.cross(place.apply(corner).minus(line.from()));
                    left |= off < -near;
                    right |= off > near;
                }
                if (left && right) {
                    return false;
                }
            }
            return true;
        }

        void collect(boolean upwards, List<BitSet> beyond, List<Move> simple, List<Move> tucks) {
            BitSet all = new BitSet();
            List<Move> found = new ArrayList<>();
            for (int part = 0; part < parts.size(); part++) {
                if (isOnOneSide[part]) {
                    Optional<Move> move = withAllOver(part, upwards, beyond);
                    move.ifPresent(found::add);
                    move.ifPresent(each -> all.or(each.moving()));
                    if (move.isEmpty()) {
                        move(parts.get(part), upwards, over(parts.get(part), beyond))
                                .ifPresent(tucks::add);
                    }
                }
            }
            if (found.size() > 1) {
                move(all, upwards, new BitSet()).ifPresent(found::add);
            }
            found.stream().distinct().forEach(simple::add);
        }

        /** A part and all that lies on it, if that can be lifted off the rest. */
        private Optional<Move> withAllOver(int part, boolean upwards, List<BitSet> beyond) {
            BitSet moving = (BitSet) parts.get(part).clone();
            BitSet over = over(moving, beyond);
            while (!over.isEmpty()) {
                for (int facet : over.stream().toArray()) {
                    if (!isOnOneSide[partOf[facet]]) {
                        return Optional.empty();
                    }
                    moving.or(parts.get(partOf[facet]));
                }
                over = over(moving, beyond);
            }
            return move(moving, upwards, over);
        }

        private static BitSet over(BitSet moving, List<BitSet> beyond) {
            BitSet over = new BitSet();
            for (int facet = moving.nextSetBit(0); facet >= 0; facet = moving.nextSetBit(facet + 1)) {
                over.or(beyond.get(facet));
            }
            over.andNot(moving);
            return over;
        }

        private Optional<Move> move(BitSet moving, boolean upwards, BitSet blocking) {
            BitSet between = new BitSet();
            for (int crease : creases) {
                Crease each = pattern.creases().get(crease);
                if (moving.get(each.first()) != moving.get(each.second())) {
                    between.set(crease);
                }
            }
            return between.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Move(Optional.of(line), between, moving, upwards, blocking));
        }
    }
}
