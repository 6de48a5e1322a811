package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.shape.Margins;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

/**
 * A card worked out: all that is cut, creased and stuck.
 *
 * @param design what it follows from
 * @param materials what its papers are
 * @param form its base
 * @param parts its pieces, those of the base first, then those of the additions in their order
 * @param joins what is stuck to what, from the bottom up
 * @param extras what comes with it besides
 */
public record Card(Design design, Materials materials, Form form, Parts parts, List<Join> joins, Extras extras)
        implements OfParts {

    /** Copies the list. */
    public Card {
        joins = List.copyOf(joins);
    }

    /** Cards whose pieces can be told apart: of several each piece is called after its card, of cards of one name after its number as well. */
    public static List<Card> apart(List<Card> cards) {
        if (cards.size() == 1) {
            return cards;
        }
        List<Card> apart = new ArrayList<>();
        for (Card card : cards) {
            String name = card.design.name();
            long before = cards.subList(0, apart.size()).stream()
                    .filter(other -> other.design.name().equals(name))
                    .count();
            apart.add(card.named(before == 0 ? name : name + " " + (before + 1)));
        }
        return apart;
    }

    private Card named(String card) {
        List<Piece> named = pieces().stream()
                .map(piece -> piece.named(card + ", " + piece.name()))
                .toList();
        return new Card(design, materials, form, new Parts(named, panels(), faces(), above()), joins, extras);
    }

    /** What is used up besides paper. */
    public List<Supply> supplies() {
        return extras.supplies();
    }

    /** What to do besides cutting, folding and sticking. */
    public List<Direction> directions() {
        return extras.directions();
    }

    /** Pieces with the edge of a die. */
    public List<DieCut> dieCuts() {
        return extras.dieCuts();
    }

    /** Panels stuck to each other as they lie when the card is shut. */
    public List<Closure> closures() {
        return extras.closures();
    }

    /** The panels an addition sticks to each other, if it does. */
    public Optional<Closure> closureOf(PieceId owner) {
        return closures().stream()
                .filter(closure -> closure.owner().equals(owner))
                .findFirst();
    }

    /** All that holds a panel to others, what it hangs on first. */
    public List<Attachment> attachments(PanelId id) {
        List<Attachment> all = new ArrayList<>();
        for (Panel panel : panels()) {
            if (panel.hanging() instanceof Panel.OnScore hinge) {
                other(id, panel.id(), hinge.panel())
                        .ifPresent(other -> all.add(new Attachment.ByScore(other, hinge.score())));
            } else if (panel.hanging() instanceof Panel.Stuck stuck) {
                other(id, panel.id(), stuck.panel()).ifPresent(other -> join(panel.piece())
                        .ifPresent(join -> all.add(new Attachment.ByJoin(other, join))));
            }
        }
        closures().forEach(closure -> other(
                        id, closure.upper().panel(), closure.lower().panel())
                .ifPresent(other -> all.add(new Attachment.ByClosure(other, closure))));
        return all;
    }

    private static Optional<PanelId> other(PanelId id, PanelId one, PanelId another) {
        return id.equals(one) ? Optional.of(another) : id.equals(another) ? Optional.of(one) : Optional.empty();
    }

    /**
     * The piece of that id, which the card is known to have.
     *
     * @throws IllegalArgumentException when it has none
     */
    public Piece pieceOf(PieceId id) {
        return piece(id).orElseThrow(() -> new IllegalArgumentException("the card has no piece " + id.value()));
    }

    /**
     * The panel of that name, which the card is known to have.
     *
     * @throws IllegalArgumentException when it has none
     */
    public Panel panelOf(PanelId id) {
        return panel(id).orElseThrow(() -> new IllegalArgumentException("the card has no panel " + id.value()));
    }

    /** What a piece is called. */
    public String nameOf(PieceId id) {
        return piece(id).map(Piece::name).orElse(id.value());
    }

    /**
     * What a panel is called: as its piece where that is all one panel, otherwise after the face of it that is seen most, or else after what of the
     * maker's it is a part of.
     */
    public String nameOf(Panel panel) {
        if (panelsOf(panel.piece()).size() == 1) {
            return nameOf(panel.piece());
        }
        return faces().stream()
                .filter(face -> face.panel().equals(panel.id()))
                .min(Comparator.comparing(Face::role))
                .map(Face::title)
                .or(() -> design.additions().stream()
                        .filter(addition -> panel.id().partOf(addition.id()).isPresent())
                        .max(Comparator.comparingInt(
                                addition -> addition.id().value().length()))
                        .map(addition -> called(panel.id(), addition)))
                .orElseGet(() -> panel.id().words());
    }

    /** What a piece is set into, beside it on the same face: the piece from which its outline was cut, as an opening or at an edge. */
    public Optional<Join> setInto(Join inlaid) {
        return joinsOn(inlaid.lower()).stream()
                .filter(beside -> beside.side() == inlaid.side() && !beside.equals(inlaid))
                .filter(beside -> isCutFrom(inlaid, beside))
                .findFirst();
    }

    private boolean isCutFrom(Join inlaid, Join beside) {
        Piece around = pieceOf(beside.upper());
        return around.openings().stream().anyMatch(opening -> opening.owner().equals(inlaid.upper()))
                || around.edgeCuts().stream()
                        .anyMatch(cut -> cut.outline().in(beside.placement()).equals(inlaid.zone()));
    }

    private static String called(PanelId panel, Addition owner) {
        String part = panel.partOf(owner.id()).orElse("");
        return part.isEmpty() ? owner.name() : owner.name() + ", " + part;
    }

    /** Whether a piece is cut from clear film. */
    public boolean isClear(PieceId id) {
        return piece(id).map(piece -> materials.isClear(piece.paper())).orElse(false);
    }

    /** Whether a piece is one of the base's own. */
    public boolean isOfBase(PieceId id) {
        return form.pieces().stream().anyMatch(piece -> piece.id().equals(id));
    }

    /** Whether a piece is stuck to nothing, but put round the shut card, as a band is. */
    public boolean isSlippedOn(Join join) {
        return directions().stream()
                .anyMatch(direction -> direction.does() == Direction.Does.WRAP
                        && direction.piece().equals(join.upper()));
    }

    /** What runs under a piece that is laid on another and held by its folded ends only; nothing where it is no such sleeve. */
    public List<Piece> runningUnder(Join sleeve) {
        if (sleeve.adhesion().kind() != Adhesion.Kind.NONE || isSlippedOn(sleeve)) {
            return List.of();
        }
        PanelId face = stuckPanel(sleeve).id();
        return form.above().stream()
                .filter(above -> above.upper().equals(face))
                .map(above -> panelOf(above.lower()).piece())
                .filter(piece -> !piece.equals(sleeve.upper()) && !piece.equals(sleeve.lower()))
                .distinct()
                .map(this::pieceOf)
                .toList();
    }

    /** What lies over a piece that lies loose, and is stuck to the same face: the last of them. */
    public Optional<Join> keeping(Join loose) {
        if (loose.adhesion().kind() != Adhesion.Kind.LOOSE) {
            return Optional.empty();
        }
        // What is set into it lies in it, not over it.
        Region paper = pieceOf(loose.upper()).material().in(loose.placement());
        return joins.subList(joins.indexOf(loose) + 1, joins.size()).stream()
                .filter(over -> over.panel().equals(loose.panel())
                        && over.side() == loose.side()
                        && over.adhesion().kind().sticks()
                        && Overlay.sharedArea(Region.of(over.zone()), paper) > Overlay.NOTHING)
                .reduce((one, other) -> other);
    }

    /** The panels of a piece. */
    public List<Panel> panelsOf(PieceId id) {
        return panels().stream().filter(panel -> panel.piece().equals(id)).toList();
    }

    /** How a piece is stuck on, if it is. */
    public Optional<Join> join(PieceId upper) {
        return joins.stream().filter(join -> join.upper().equals(upper)).findFirst();
    }

    /** All that is stuck to a piece. */
    public List<Join> joinsOn(PieceId lower) {
        return joins.stream().filter(join -> join.lower().equals(lower)).toList();
    }

    /** The panel of a join's upper piece that is stuck. */
    public Panel stuckPanel(Join join) {
        return panelsOf(join.upper()).stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck)
                .findFirst()
                .orElseThrow(() ->
                        new IllegalStateException("nothing of " + join.upper().value() + " is stuck"));
    }

    /** What a piece lies on: the panel it is stuck to; in the frame of the lower piece. */
    public Outline hostArea(Join join) {
        return panel(join.panel())
                .orElseThrow(() -> new IllegalStateException(
                        "the card has no panel " + join.panel().value()))
                .outline();
    }

    /** How far something put on the card is turned against what stands upright where it lies, clockwise in degrees. */
    private int aslant(Join join) {
        if (additionOf(join.upper()).isEmpty()) {
            return 0;
        }
        Placement lies = join.placement();
        Side seen = lies.mirrored() ? Side.UNDER : Side.UP;
        int upright = face(new FaceId(join.panel(), seen)).map(Face::upright).orElse(0);
        return lies.mirrored() ? upright - lies.degrees() : lies.degrees() - upright;
    }

    /** How far a piece lies within what it is stuck to, as that is looked at. */
    public Margins margins(Join join) {
        Placement upright = upright(join);
        return Margins.of(
                pieceOf(join.upper()).outline().in(upright).bounds(),
                hostArea(join).in(join.placement().inverse().within(upright)).bounds());
    }

    /** How the frame of something put on the card lies on what stands upright there: turned, where it is laid aslant. */
    public Placement upright(Join join) {
        return new Placement(Point.ORIGIN, aslant(join), false);
    }

    /** The piece something is put on, if the card has it. */
    public Optional<Piece> hostPiece(Host host) {
        return host instanceof Host.OnPiece on
                ? piece(on.piece())
                : face(((Host.OnFace) host).face())
                        .flatMap(face -> panel(face.panel()))
                        .flatMap(panel -> piece(panel.piece()));
    }

    /** The addition a piece belongs to; none for those of the base. */
    public Optional<Addition> additionOf(PieceId piece) {
        return design.addition(piece).or(() -> design.additions().stream()
                .filter(addition -> piece.isPartOf(addition.id()))
                .findFirst());
    }

    /** Whether two pieces belong to one addition, or both to the base. */
    public boolean areOfOneThing(PieceId one, PieceId other) {
        return additionOf(one).equals(additionOf(other));
    }

    /**
     * What the maker wants the shapes of something cut with.
     *
     * @param of a piece, or an addition whose shape is cut out of others
     */
    public Cutter cutter(PieceId of) {
        return additionOf(of)
                .map(Addition::settings)
                .orElse(isOfBase(of) ? design.settings() : Settings.PRESET)
                .cutter();
    }

    /** Where each panel lies when the card is shut. */
    public ShutFold shut() {
        return ShutFold.of(panels(), pieces(), form.pose(Pose.SHUT), form.closing());
    }

    /** Where a piece lies on the piece that folds, by way of all it is stuck to; nothing when a score is between. */
    public Optional<Placement> onBase(PieceId id) {
        if (id.equals(base().id())) {
            return Optional.of(Placement.SAME);
        }
        return join(id).flatMap(join ->
                onBase(join.lower()).map(lower -> join.placement().within(lower)));
    }

    /** The panel of the base a piece comes to lie on, if it does. */
    public Optional<Panel> basePanel(PieceId id) {
        return join(id).flatMap(
                        join -> join.lower().equals(base().id()) ? panel(join.panel()) : basePanel(join.lower()));
    }

    /** The face of the base a piece comes to lie on: the side of the first join. */
    public Optional<Side> baseSide(PieceId id) {
        return join(id).flatMap(
                        join -> join.lower().equals(base().id()) ? Optional.of(join.side()) : baseSide(join.lower()));
    }
}
