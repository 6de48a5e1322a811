package kwibbet.card.feature;

import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Opening;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Round holes for brads, round a point of a site. */
final class Holes {

    private Holes() {}

    static CutShape round(Length across) {
        return new CutShape(CutShape.Kind.OVAL, new Size(across, across));
    }

    /** Through the site's piece, all that is stuck to, and what is stuck in between there. */
    static List<Work.On<Opening>> here(Site site, Length across, Point middle) {
        Point corner = corner(across, middle);
        Outline hole = round(across).outline().plus(corner.x(), corner.y());
        Stream<Site.Deeper> between = site.between().stream()
                .filter(each -> Overlay.overlap(each.panel().outline(), hole.in(each.frame())));
        return Stream.concat(
                        Stream.of(new Work.On<>(site.piece(), site.opening("hole", round(across), corner))),
                        Stream.concat(between, site.below().stream()).map(deeper -> in(deeper, site, across, middle)))
                .toList();
    }

    /** Through something beneath or behind it. */
    static Work.On<Opening> in(Site.Deeper deeper, Site site, Length across, Point middle) {
        Placement at = Placement.at(corner(across, middle)).within(deeper.frame());
        return new Work.On<>(deeper.piece(), new Opening(site.id(), "hole", round(across), at));
    }

    private static Point corner(Length across, Point middle) {
        return Rect.around(middle, new Size(across, across)).corner();
    }
}
