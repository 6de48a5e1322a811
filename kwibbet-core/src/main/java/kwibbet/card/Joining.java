package kwibbet.card;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/**
 * What lies on what, once every piece is there.
 *
 * @param parts all pieces and panels
 * @param faces the faces of the base
 * @param adhesions what holds a piece; flat tape where none is named
 * @param remaking knows what was joined alike before
 */
record Joining(CardParts parts, List<Face> faces, Map<PieceId, Adhesion> adhesions, Remaking remaking) {

    /** How wide a line of adhesive is that runs along an edge; common practice, no source. */
    private static final Length LINE = Length.ofInches(3, 16);

    /** From the bottom up: what is only laid round something, as a sleeve, lies over all that is stuck there, also what was thought of later; but what is set into it comes after it. */
    List<Join> joins() {
        List<Join> joins =
                parts.panels().stream().flatMap(panel -> join(panel).stream()).toList();
        List<Join> laid = joins.stream().filter(Joining::isLaid).toList();
        return joins.stream()
                .sorted(Comparator.comparing((Join join) -> laid.stream().anyMatch(around -> isSetInto(join, around)))
                        .thenComparing(Joining::isLaid))
                .toList();
    }

    private static boolean isLaid(Join join) {
        return join.adhesion().kind() == Adhesion.Kind.NONE;
    }

    private boolean isSetInto(Join join, Join laid) {
        Piece around = parts.piece(laid.upper());
        return !join.equals(laid)
                && Stream.concat(
                                around.openings().stream().map(Opening::owner),
                                around.edgeCuts().stream().map(PartCut.PastEdge::owner))
                        .anyMatch(join.upper()::equals);
    }

    private Optional<Join> join(Panel panel) {
        if (!(panel.hanging() instanceof Panel.Stuck stuck)) {
            return Optional.empty();
        }
        Panel lower = parts.panel(stuck.panel());
        Adhesion adhesion = Optional.ofNullable(adhesions.get(panel.piece())).orElse(Adhesion.FLAT);
        Outline zone = panel.outline().in(stuck.placement());
        return Optional.of(new Join(
                panel.piece(),
                lower.piece(),
                lower.id(),
                stuck.side(),
                placeOf(lower, stuck.side()),
                stuck.placement(),
                zone,
                adhesion,
                remaking.adhesive(
                        panel,
                        parts.piece(panel.piece()),
                        lower,
                        parts.piece(lower.piece()),
                        adhesion,
                        () -> adhesive(panel, lower, stuck, adhesion))));
    }

    /** What two panels are stuck by that lie on each other when the card is shut. */
    Closure closed(Closure closure) {
        Region upper = seen(closure.upper());
        Region lower = seen(closure.lower());
        Length off = closure.adhesion().kind().offEdge();
        List<Region> both = Overlay.shared(upper, lower).stream()
                .flatMap(part -> Overlay.inset(part, off).stream())
                .toList();
        List<Rect> meant = closure.adhesion().hold().of(upper.outline().bounds(), off.plus(LINE));
        return closure.with(shared(both, meant, Placement.SAME).stream()
                .map(part -> part.in(closure.upper().frame()))
                .toList());
    }

    /** A panel in the frame both are seen in. */
    private Region seen(Closure.Stuck stuck) {
        Panel panel = parts.panel(stuck.panel());
        return panel.material(parts.piece(panel.piece())).in(stuck.frame().inverse());
    }

    private String placeOf(Panel lower, Side side) {
        return faces.stream()
                .filter(face -> face.panel().equals(lower.id()) && face.side() == side)
                .map(Face::title)
                .findFirst()
                .orElse(parts.piece(lower.piece()).name());
    }

    /** Adhesive goes where both pieces have paper, off every edge, so that none shows. */
    private List<Region> adhesive(Panel upper, Panel lower, Panel.Stuck stuck, Adhesion adhesion) {
        if (!adhesion.kind().sticks()) {
            return List.of();
        }
        Region above = upper.material(parts.piece(upper.piece())).in(stuck.placement());
        Length off = adhesion.kind().offEdge();
        List<Region> stuckOver = Overlay.shared(above, lower.material(parts.piece(lower.piece()))).stream()
                .flatMap(both -> Overlay.inset(both, off).stream())
                .toList();
        List<Region> held = adhesion.hold().equals(Hold.allOver())
                ? stuckOver
                : shared(stuckOver, adhesion.hold().of(upper.outline().bounds(), off.plus(LINE)), stuck.placement());
        return adhesion.kind() == Adhesion.Kind.DOTS || adhesion.kind() == Adhesion.Kind.PADS
                ? held.stream().flatMap(part -> Dots.on(part).stream()).toList()
                : held;
    }

    /** What of some areas lies within parts of a box, which are placed among them. */
    private static List<Region> shared(List<Region> areas, List<Rect> parts, Placement placement) {
        List<Region> within = Overlay.joined(parts.stream()
                .map(part -> Region.of(Outline.of(part)).in(placement))
                .toList());
        return areas.stream()
                .flatMap(area -> within.stream().flatMap(part -> Overlay.shared(area, part).stream()))
                .toList();
    }
}
