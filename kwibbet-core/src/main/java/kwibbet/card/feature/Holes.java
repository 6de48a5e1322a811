package kwibbet.card.feature;

import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Opening;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Round holes for brads. */
final class Holes {

    private Holes() {}

    /** A hole round a point of a site, through its piece and all that is stuck to. */
    static List<Work.On<Opening>> through(Site site, Length across, Point middle) {
        Size size = new Size(across, across);
        CutShape round = new CutShape(CutShape.Kind.OVAL, size);
        Point corner = Rect.around(middle, size).corner();
        return Stream.concat(
                        Stream.of(new Work.On<>(site.piece(), site.opening("hole", round, corner))),
                        site.below().stream()
                                .map(deeper -> new Work.On<>(
                                        deeper.piece(),
                                        new Opening(
                                                site.id(),
                                                "hole",
                                                round,
                                                Placement.at(corner).within(deeper.frame())))))
                .toList();
    }
}
