package kwibbet.crease;

import java.util.BitSet;
import java.util.List;
import java.util.function.IntBinaryOperator;

/**
 * Paper lying flat with some of its creases folded.
 *
 * @param places where each facet lies
 * @param order what lies over what, as the table sees it
 * @param folded the creases that are folded
 */
public record FoldedState(FoldedPlaces places, LayerOrder order, BitSet folded) {

    /** Copies the set. */
    public FoldedState {
        folded = (BitSet) folded.clone();
    }

    /** A pattern before anything is folded that is not folded for good; nothing is told of what lies over what. */
    public static FoldedState flat(CreasePattern pattern) {
        BitSet folded = new BitSet();
        for (int i = 0; i < pattern.creases().size(); i++) {
            Crease crease = pattern.creases().get(i);
            folded.set(i, crease.folds() && crease.stays());
        }
        int facets = pattern.facets().size();
        return new FoldedState(FoldedPlaces.of(pattern, folded::get), LayerOrder.of(new byte[facets][facets]), folded);
    }

    /**
     * Paper that lies so; which creases are folded is not told.
     *
     * @param places where each facet lies
     * @param above more than zero where the first facet lies over the second, less where under, zero where they do not overlap
     */
    public static FoldedState lying(List<Isometry> places, IntBinaryOperator above) {
        byte[][] order = new byte[places.size()][places.size()];
        for (int one = 0; one < places.size(); one++) {
            for (int other = one + 1; other < places.size(); other++) {
                order[one][other] = (byte) Integer.signum(above.applyAsInt(one, other));
                order[other][one] = (byte) -order[one][other];
            }
        }
        return new FoldedState(new FoldedPlaces(places), LayerOrder.of(order), new BitSet());
    }

    @Override
    public BitSet folded() {
        return (BitSet) folded.clone();
    }

    /**
     * The same told of some of the facets only; which creases are folded is not told.
     *
     * @param facets for each facet told of, its index here
     */
    public FoldedState of(List<Integer> facets) {
        byte[][] above = new byte[facets.size()][facets.size()];
        for (int one = 0; one < facets.size(); one++) {
            for (int other = 0; other < facets.size(); other++) {
                above[one][other] = (byte) order.compare(facets.get(one), facets.get(other));
            }
        }
        FoldedPlaces lying = new FoldedPlaces(facets.stream().map(places::of).toList());
        return new FoldedState(lying, LayerOrder.of(above), new BitSet());
    }
}
