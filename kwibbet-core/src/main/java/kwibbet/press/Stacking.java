package kwibbet.press;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Hold;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.press.Lying.On;
import kwibbet.press.Want.Role;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.tool.Die.Detail;

/**
 * Finds openings that go through pieces stuck flat on each other: stuck before they are cut, one pass cuts them all, in register by itself.
 *
 * <p>A piece is stuck on first only where nothing is to be done to it or under it before that: no surface work, nothing between the two, and
 * neither of them still to be cut out.
 */
final class Stacking {

    private final Card card;
    private final Map<PieceId, List<Laid>> laid;
    private final int layers;
    private final Set<Want> cutWithAnother = new LinkedHashSet<>();
    private final Set<Piece> stuckFirst = new LinkedHashSet<>();

    private Stacking(Card card, Map<PieceId, List<Laid>> laid, int layers) {
        this.card = card;
        this.laid = laid;
        this.layers = layers;
    }

    /**
     * How the pieces of a card lie when their dies are used.
     *
     * @param card the card
     * @param laids the dies of each piece
     * @param layers how many layers the press cuts at once
     * @return the dies that are left, each with the pieces it cuts through at once
     */
    static Map<PieceId, List<Laid>> of(Card card, Map<PieceId, List<Laid>> laids, int layers) {
        Stacking stacking = new Stacking(card, laids, layers);
        Map<PieceId, List<Laid>> stacked = new LinkedHashMap<>();
        for (Piece piece : card.pieces()) {
            List<Laid> own = new ArrayList<>();
            for (Laid laid : laids.getOrDefault(piece.id(), List.of())) {
                if (!stacking.cutWithAnother.contains(laid.use().want())) {
                    own.add(stacking.stacked(laid));
                }
            }
            stacked.put(piece.id(), own);
        }
        return stacked;
    }

    private List<DieUse> usesOf(PieceId piece) {
        return laid.getOrDefault(piece, List.of()).stream().map(Laid::use).toList();
    }

    private Laid stacked(Laid alone) {
        DieUse use = alone.use();
        if (!isPlainOpening(use) || stuckFirst.contains(use.want().piece())) {
            return alone;
        }
        List<On> on = new ArrayList<>();
        List<Want> through = new ArrayList<>();
        collect(use, use.want().piece().id(), Placement.SAME, on, through);
        cutWithAnother.addAll(through);
        on.forEach(each -> stuckFirst.add(each.piece()));
        return on.isEmpty()
                ? alone
                : new Laid(use.through(through), alone.lying().with(on));
    }

    private static boolean isPlainOpening(DieUse use) {
        return use.want().role() == Role.OPENING && use.isWhole() && use.die().detail() == Detail.PLAIN;
    }

    private void collect(DieUse use, PieceId lower, Placement placement, List<On> on, List<Want> through) {
        Rect lowest = use.want().piece().outline().bounds();
        for (Join join : card.joinsOn(lower)) {
            Placement placed = join.placement().within(placement);
            Optional<Want> same = usesOf(join.upper()).stream()
                    .filter(other -> isPlainOpening(other)
                            && other.die().id().equals(use.die().id()))
                    .map(DieUse::want)
                    .filter(want -> want.owner().equals(use.want().owner())
                            && want.outline()
                                    .in(placed)
                                    .bounds()
                                    .equals(use.want().box())
                            && lowest.contains(want.piece().outline().in(placed).bounds()))
                    .findFirst();
            if (same.isPresent() && on.size() + 2 <= layers && canBeStuckFirst(join)) {
                on.add(new On(same.get().piece(), join, placed));
                through.add(same.get());
                collect(use, join.upper(), placed, on, through);
            }
        }
    }

    private boolean canBeStuckFirst(Join join) {
        Piece upper = card.pieceOf(join.upper());
        boolean isWorkedOn = card.directions().stream()
                        .anyMatch(direction -> direction.piece().equals(upper.id()))
                || upper.zones().stream().anyMatch(Stacking::isWork)
                || coversWork(join);
        boolean isBacked = card.joinsOn(upper.id()).stream().anyMatch(other -> other.side() == Side.UNDER);
        return (join.adhesion().kind() == Adhesion.Kind.TAPE || join.adhesion().kind() == Adhesion.Kind.GLUE)
                && join.adhesion().hold().equals(Hold.allOver())
                && !isWorkedOn
                && !isCutOut(upper)
                && !isCutOut(card.pieceOf(join.lower()))
                && !isBacked
                && !card.isClear(upper.id())
                && !card.isClear(join.lower())
                && !isOverAnother(join);
    }

    /** Before a piece is cut out, by a die or by hand, it has no edges that another could be laid by. */
    private boolean isCutOut(Piece piece) {
        return !piece.isRectangle()
                || usesOf(piece.id()).stream().anyMatch(use -> use.want().role() == Role.OUTLINE);
    }

    private static boolean isWork(Zone zone) {
        return zone.use() != Zone.Use.KEEP_OUT && zone.use() != Zone.Use.SET_ON && zone.use() != Zone.Use.PRINT;
    }

    private boolean coversWork(Join join) {
        return card.pieceOf(join.lower()).zones().stream()
                .filter(zone -> isWork(zone) && zone.side() == join.side())
                .anyMatch(zone -> zone.outline().bounds().overlaps(join.zone().bounds()));
    }

    private boolean isOverAnother(Join join) {
        List<Join> joins = card.joinsOn(join.lower());
        return joins.subList(0, joins.indexOf(join)).stream()
                .anyMatch(other -> other.side() == join.side()
                        && other.zone().bounds().overlaps(join.zone().bounds()));
    }
}
