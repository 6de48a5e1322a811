package kwibbet.card.feature;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.PartCut;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/** What is cut into an edge of a panel, with a shape of which the rest lies past it. */
final class AtEdge {

    /** So small a bit of a corner, in square inches, may fall off between what is cut into two edges; our own, no source. */
    private static final double BIT = 1.0 / 16;

    private AtEdge() {}

    /** Where a frame lies that has an edge of a box level at its top: x runs along it, clockwise as seen, y inwards. */
    static Placement frame(Rect box, Edge edge) {
        return switch (edge) {
            case TOP -> Placement.at(box.corner());
            case BOTTOM -> new Placement(new Point(box.right(), box.bottom()), 180, false);
            case LEFT -> new Placement(new Point(box.left(), box.bottom()), 270, false);
            case RIGHT -> new Placement(new Point(box.right(), box.top()), 90, false);
        };
    }

    /**
     * Cuts it, if the panel stays whole, but for a bit of a corner, and keeps its edge.
     *
     * @param shape the shape
     * @param laid where its frame lies on the site
     * @param end the end of the paper that comes off with it, in the frame of the piece
     * @param whole what to say where nothing of the edge would be left
     */
    static Outcome<Work> cut(Site site, CutShape shape, Placement laid, Optional<Rect> end, Refusal whole) {
        List<Region> left = Overlay.without(
                        site.room(), Region.of(shape.outline().in(laid)))
                .stream()
                .sorted(Comparator.comparingDouble(Region::area).reversed())
                .toList();
        boolean isInTwo = left.stream().skip(1).anyMatch(bit -> bit.area() > BIT);
        if (left.isEmpty() || isInTwo || !left.get(0).holes().isEmpty()) {
            return Outcome.refused("form", "It would cut the " + site.place() + " in two, or a hole in it.");
        }
        if (!left.get(0).outline().bounds().equals(site.bounds())) {
            return Outcome.refused(List.of(whole));
        }
        PartCut.PastEdge cut = PartCut.PastEdge.of(
                site.id(),
                shape,
                laid.within(site.frame()),
                Outline.of(site.bounds()).in(site.frame()).bounds());
        return Outcome.made(new Work.Collector()
                .edge(Work.EdgeCut.byDie(site.panel(), end.map(cut::takingOff).orElse(cut)))
                .end());
    }
}
