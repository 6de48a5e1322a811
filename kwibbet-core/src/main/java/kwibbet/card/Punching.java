package kwibbet.card;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.tool.Punch;

/** What punches can do to a piece. */
public sealed interface Punching {

    /**
     * One cuts it.
     *
     * @param punch which
     */
    record With(Punch punch) implements Punching {}

    /**
     * One has the shape, but does not reach so far in.
     *
     * @param punch the one that reaches farthest
     * @param in how far from the nearest edge the middle of the cut lies
     */
    record OutOfReach(Punch punch, Length in) implements Punching {}

    /**
     * None has the shape.
     *
     * @param nearest the one of that shape nearest in size
     */
    record NoneSo(Optional<Punch> nearest) implements Punching {}

    /** The punch that cuts a piece out of a scrap, which is made small enough, if one does. */
    static Optional<Punch> outOfScrap(Piece piece, List<Punch> punches) {
        return punches.stream()
                .filter(punch -> punch.shape().outline().equals(piece.outline()))
                .filter(punch -> !Length.min(piece.size().width(), piece.size().height())
                        .half()
                        .isLongerThan(punch.reach()))
                .findFirst();
    }

    /** Whether a punch that cuts a piece out cuts an opening of it as well. */
    static boolean opensAsWell(Punch punch, Opening opening) {
        Set<Point> corners = new HashSet<>(opening.cutLine().corners());
        return punch.shape().holes().stream().anyMatch(hole -> corners.equals(new HashSet<>(hole.corners())));
    }

    /** What punches can do for an opening in a piece. */
    static Punching into(Piece piece, Opening opening, List<Punch> punches) {
        Optional<Punch> farthest =
                punches.stream().filter(punch -> punch.cuts(opening.shape())).max(Comparator.comparing(Punch::reach));
        if (farthest.isEmpty()) {
            return none(opening.shape(), punches);
        }
        Punch punch = farthest.get();
        if (!Pleats.onTop(piece, piece.openings()).isEmpty()) {
            // Pleats lie on each other while they are punched: no hole is farther from an edge than half a pleat.
            return new With(punch);
        }
        Point middle = opening.bounds().middle();
        Length in = Length.nearestInches(Overlay.toEdge(piece.outline(), middle));
        return in.isLongerThan(punch.reach()) ? new OutOfReach(punch, in) : new With(punch);
    }

    private static Punching none(CutShape shape, List<Punch> punches) {
        return new NoneSo(punches.stream()
                .filter(punch -> punch.shape().look().equals(shape.look()))
                .min(Comparator.comparing(punch ->
                        punch.shape().size().width().minus(shape.size().width()).abs())));
    }
}
