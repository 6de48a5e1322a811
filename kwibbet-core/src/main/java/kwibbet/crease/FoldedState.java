package kwibbet.crease;

import java.util.BitSet;
import java.util.List;

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
