package kwibbet.crease;

import java.util.BitSet;

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
}
