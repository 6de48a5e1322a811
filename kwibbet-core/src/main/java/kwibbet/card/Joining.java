package kwibbet.card;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/**
 * What lies on what, once every piece is there.
 *
 * @param parts all pieces and panels
 * @param faces the faces of the base
 * @param adhesions what holds a piece; flat tape where none is named
 */
record Joining(CardParts parts, List<Face> faces, Map<PieceId, Adhesion> adhesions) {

    /** The width of tape at the edges of a pocket; common practice, no source. */
    private static final Length POCKET_TAPE = Length.ofInches(1, 4);

    List<Join> joins() {
        return parts.panels().stream().flatMap(panel -> join(panel).stream()).toList();
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
                adhesive(panel, lower, stuck, adhesion)));
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
        if (adhesion.kind() == Adhesion.Kind.NONE) {
            return List.of();
        }
        Region above = upper.material(parts.piece(upper.piece())).in(stuck.placement());
        Length off = adhesion.kind().offEdge();
        List<Region> stuckOver = Overlay.shared(above, lower.material(parts.piece(lower.piece()))).stream()
                .flatMap(both -> Overlay.inset(both, off).stream())
                .toList();
        if (adhesion.kind() != Adhesion.Kind.THREE_EDGES) {
            return stuckOver;
        }
        Region pocket = Region.of(inside(upper.outline().bounds())).in(stuck.placement());
        return stuckOver.stream()
                .flatMap(region -> Overlay.without(region, pocket).stream())
                .toList();
    }

    /** What a pocket keeps free: all but a tape's width at the sides and the bottom. */
    private static Outline inside(Rect pocket) {
        Length width = pocket.size().width().minus(POCKET_TAPE.multipliedBy(2));
        Length height = pocket.size().height().minus(POCKET_TAPE);
        Length tick = Length.GRAIN;
        return Outline.of(Rect.of(
                pocket.left().plus(POCKET_TAPE), pocket.top(), Length.max(width, tick), Length.max(height, tick)));
    }
}
