package kwibbet.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Isometry;
import kwibbet.crease.LayerOrder;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/**
 * A card folding, frame by frame: where each leaf stands, step after step.
 *
 * <p>What moves at a step turns about its line as one, half a turn in all. Plies lie one over the other by their spacing; on the way they go from
 * their level before to their level after.
 */
public final class FoldMotion {

    /** So many frames that no leaf turns by more than 10° from one to the next. */
    private static final int FRAMES_A_STEP = 18;

    private final List<Leaf> leaves;
    private final double spacing;

    private FoldMotion(List<Leaf> leaves, double spacing) {
        this.leaves = leaves;
        this.spacing = spacing;
    }

    /**
     * One moment of a leaf.
     *
     * @param at when, in steps from the start: 1.5 is half way through the second
     * @param frame where its sheet stands
     */
    public record Moment(double at, Frame frame) {}

    /**
     * The way of one leaf.
     *
     * @param leaf the leaf
     * @param moments its moments in order; between two that stand the same it rests
     * @param cuts when only part of it can be shown
     */
    public record Way(Leaf leaf, List<Moment> moments, List<Cut> cuts) {
        /** Copies the lists. */
        public Way {
            moments = List.copyOf(moments);
            cuts = List.copyOf(cuts);
        }
    }

    /**
     * What can be shown of a leaf while overlaps go round in a ring, which no levels can show: what lies over it without being on a
     * higher level is cut out.
     *
     * @param from from when on, in steps from the start
     * @param to until when
     * @param rings the outlines and holes of what is left, in the frame of its sheet
     */
    public record Cut(double from, double to, List<List<Vertex>> rings) {
        /** Copies the rings. */
        public Cut {
            rings = List.copyOf(rings);
        }
    }

    /**
     * All ways.
     *
     * @param sequence the steps
     * @param leaves what is drawn
     * @param spacing from ply to ply, in the unit of the pattern
     */
    public static List<Way> of(FoldSequence sequence, List<Leaf> leaves, double spacing) {
        FoldMotion motion = new FoldMotion(leaves, spacing);
        List<List<Moment>> moments = new ArrayList<>();
        leaves.forEach(leaf -> moments.add(new ArrayList<>()));
        List<List<Cut>> cuts = new ArrayList<>();
        leaves.forEach(leaf -> cuts.add(new ArrayList<>()));
        for (int step = 0; step < sequence.steps().size(); step++) {
            motion.moments(sequence.steps().get(step), step, moments);
            motion.cuts(sequence.steps().get(step).after(), step + 1, cuts);
        }
        return IntStream.range(0, leaves.size())
                .mapToObj(i -> new Way(leaves.get(i), moments.get(i), cuts.get(i)))
                .toList();
    }

    private void cuts(FoldedState state, int from, List<List<Cut>> cuts) {
        double[] levels = levels(state);
        for (int i = 0; i < leaves.size(); i++) {
            Leaf leaf = leaves.get(i);
            double level = levels[i];
            List<Region> over = IntStream.range(0, leaves.size())
                    .filter(other -> state.order().isAbove(leaves.get(other).facet(), leaf.facet()))
                    .filter(other -> levels[other] < level)
                    .mapToObj(other -> lying(leaves.get(other), state))
                    .toList();
            if (!over.isEmpty()) {
                Isometry back = leaf.at(state.places().of(leaf.facet())).inverse();
                List<List<Vertex>> left = Overlay.without(lying(leaf, state), over).stream()
                        .flatMap(part -> Places.rings(part).stream())
                        .map(ring -> ring.stream().map(back::apply).toList())
                        .toList();
                cuts.get(i).add(new Cut(from, from + 1, left));
            }
        }
    }

    private static Region lying(Leaf leaf, FoldedState state) {
        return Places.region(leaf.rings(), leaf.at(state.places().of(leaf.facet())));
    }

    private void moments(FoldStep step, int number, List<List<Moment>> moments) {
        double[] before = levels(step.before());
        double[] after = levels(step.after());
        for (int i = 0; i < leaves.size(); i++) {
            Leaf leaf = leaves.get(i);
            boolean moves = step.moving().contains(leaf.facet());
            int frames = moves ? FRAMES_A_STEP : 1;
            for (int frame = 0; frame <= frames; frame++) {
                double share = (double) frame / frames;
                moments.get(i).add(new Moment(number + share, standing(step, leaf, before[i], after[i], moves, share)));
            }
        }
    }

    private Frame standing(FoldStep step, Leaf leaf, double before, double after, boolean moves, double share) {
        Isometry place = leaf.at(step.before().places().of(leaf.facet()));
        if (!moves) {
            return flat(place, (before + share * (after - before)) * spacing);
        }
        if (step.line().isEmpty()) {
            return between(
                    flat(place, before * spacing),
                    flat(leaf.at(step.after().places().of(leaf.facet())), after * spacing),
                    share);
        }
        // Turned over, what lay above its own plane lies below it: its level goes to the opposite of the one after.
        double level = before + share * (-after - before);
        return turned(flat(place, level * spacing), step.line().get(), share, step);
    }

    /** The half turn about the line, up from the side that is seen, whichever side of the line it is on. */
    private Frame turned(Frame frame, Stretch line, double share, FoldStep step) {
        Vector from = new Vector(line.from().x(), line.from().y(), 0);
        Vertex along = line.along();
        Vector axis = new Vector(along.x() / line.length(), along.y() / line.length(), 0);
        double sign = liftsWithTurn(step, line) == step.isSeenFromUnder() ? -1 : 1;
        return frame.turnedAbout(from, axis, sign * share * Math.PI);
    }

    /** Whether what moves lies on that side of the line from which a turn about it lifts it to where the table's up is. */
    private boolean liftsWithTurn(FoldStep step, Stretch line) {
        double farthest = 0;
        for (Leaf leaf : leaves) {
            if (step.moving().contains(leaf.facet())) {
                Isometry place = leaf.at(step.before().places().of(leaf.facet()));
                for (Vertex corner : leaf.rings().get(0)) {
                    double off = line.along().cross(place.apply(corner).minus(line.from()));
                    farthest = Math.abs(off) > Math.abs(farthest) ? off : farthest;
                }
            }
        }
        return farthest > 0;
    }

    private static Frame flat(Isometry place, double height) {
        return new Frame(
                new Vector(place.e(), place.f(), height),
                new Vector(place.a(), place.b(), 0),
                new Vector(place.c(), place.d(), 0));
    }

    /** Where all folds at once there is no telling how: straight from here to there. */
    private static Frame between(Frame one, Frame other, double share) {
        return new Frame(
                mixed(one.origin(), other.origin(), share),
                mixed(one.right(), other.right(), share),
                mixed(one.down(), other.down(), share));
    }

    private static Vector mixed(Vector one, Vector other, double share) {
        return one.times(1 - share).plus(other.times(share));
    }

    /** The level of each leaf in plies: over the highest of what it lies on, and over its facet by what it rides on. */
    private double[] levels(FoldedState state) {
        LayerOrder order = state.order();
        int facets = order.size();
        int[] above = new int[facets];
        int[] below = new int[facets];
        for (Leaf leaf : leaves) {
            boolean mirrored = state.places().of(leaf.facet()).isMirrored();
            int plies = mirrored ? -leaf.plies() : leaf.plies();
            above[leaf.facet()] = Math.max(above[leaf.facet()], plies);
            below[leaf.facet()] = Math.max(below[leaf.facet()], -plies);
        }
        double[] level = new double[facets];
        List<Integer> done = new ArrayList<>();
        for (int facet : order.fromBelow()) {
            level[facet] = below[facet];
            for (int under : done) {
                if (order.isAbove(facet, under)) {
                    level[facet] = Math.max(level[facet], level[under] + above[under] + 1 + below[facet]);
                }
            }
            done.add(facet);
        }
        return leaves.stream()
                .mapToDouble(leaf -> level[leaf.facet()]
                        + (state.places().of(leaf.facet()).isMirrored() ? -leaf.plies() : leaf.plies()))
                .toArray();
    }
}
