package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * Puts additions on a base, one after the other. An addition finds only what is there before it: what it sits on must stand before it in the design. What is hidden is
 * known, and joins are made, when all are there.
 */
final class Assembly {

    /** Narrower than this, a trimmer's clamp no longer holds the piece; common practice, no source. */
    static final Length NARROWEST = Length.ofInches(1, 8);

    /** Common practice, no source. */
    /** How wide a line a glue pen draws. Common practice, no source. */
    private static final Length PEN_LINE = Length.ofInches(1, 16);

    private static final Length TAPE_WIDTH = Length.ofInches(1, 4);

    private final Design design;
    private final Materials materials;
    private final Form form;
    private final Growth growth;
    private final Remaking remaking;
    private final CardParts parts = new CardParts();
    private final Map<PieceId, Piece> pieces = parts.pieces();
    private final List<Panel> panels = parts.panels();
    private final List<Face> faces = new ArrayList<>();
    private final Map<PieceId, Adhesion> adhesions = new HashMap<>();
    private final List<Work.Hollow> hollows = new ArrayList<>();
    private final List<Supply> supplies = new ArrayList<>();
    private final List<Form.Above> above = new ArrayList<>();
    private final List<Direction> directions = new ArrayList<>();
    private final List<DieCut> dieCuts = new ArrayList<>();
    private final List<Closure> closures = new ArrayList<>();
    private final List<Refusal> reasons = new ArrayList<>();

    Assembly(Design design, Materials materials, Form form, Growth growth, Remaking remaking) {
        this.design = design;
        this.materials = materials;
        this.form = form;
        this.growth = growth;
        this.remaking = remaking;
    }

    Outcome<Card> build() {
        form.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        panels.addAll(form.panels());
        faces.addAll(form.faces());
        above.addAll(form.above());
        form.hands().holdings().forEach(holding -> adhesions.put(holding.piece(), holding.adhesion()));
        directions.addAll(form.hands().directions());
        supplies.addAll(form.hands().supplies());
        design.additions().forEach(this::add);
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        hollows.forEach(this::cutOutMiddle);
        pieces.values().stream()
                .filter(piece -> materials.isLabel(piece.paper()))
                .forEach(piece -> adhesions.merge(piece.id(), Adhesion.own(), Assembly::ofLabel));
        Joining joining = new Joining(parts, faces, adhesions, remaking);
        List<Join> joins = joining.joins();
        joins.stream()
                .flatMap(join -> adhesive(join.upper(), join.adhesion(), join.adhesive()).stream())
                .forEach(supplies::add);
        closures.replaceAll(joining::closed);
        closures.stream()
                .flatMap(closure -> adhesive(closure.owner(), closure.adhesion(), closure.adhesive()).stream())
                .forEach(supplies::add);
        Parts all = new Parts(List.copyOf(pieces.values()), panels, faces, above);
        return Outcome.made(
                new Card(design, materials, form, all, joins, new Extras(supplies, directions, dieCuts, closures)));
    }

    private void add(Addition addition) {
        Settings settings = growth.of(addition);
        List<Refusal> outOfRange = CardMaker.outOfRange(addition.feature(), settings, design.system());
        if (!CardMaker.isName(addition.name())) {
            refuse(addition, new Refusal("name", "Give it a name of 1 to 60 letters."));
        } else if (!outOfRange.isEmpty()) {
            outOfRange.forEach(reason -> refuse(addition, reason));
        } else if (pieces.containsKey(addition.id())) {
            refuse(
                    addition,
                    new Refusal("on", "Two pieces are called “" + addition.id().value() + "”."));
        } else {
            Brief brief = new Brief(settings, addition.papers(), design.system(), materials);
            Outcome<Work> work =
                    site(addition, brief).then(site -> addition.feature().work(site));
            work.reasons().forEach(reason -> refuse(addition, CardMaker.asked(reason, addition.feature(), settings)));
            if (work instanceof Outcome.Made<Work> made) {
                take(addition, made.value());
            }
        }
    }

    private void refuse(Addition addition, Refusal reason) {
        Refusal at = reason.at(addition.id().value() + "." + reason.field());
        if (!reasons.contains(at)) {
            reasons.add(at);
        }
    }

    private Outcome<Site> site(Addition addition, Brief brief) {
        if (addition.host() instanceof Host.OnFace host) {
            return faces.stream()
                    .filter(face -> face.id().equals(host.face()))
                    .findFirst()
                    .map(face -> Outcome.made(onFace(addition, brief, face)))
                    .orElseGet(() -> Outcome.refused(
                            "on", "This base has no face “" + host.face().value() + "” for " + addition.name() + "."));
        }
        PieceId lower = ((Host.OnPiece) addition.host()).piece();
        Optional<Panel> panel =
                panels.stream().filter(each -> each.piece().equals(lower)).findFirst();
        if (panel.isEmpty()
                || form.pieces().stream().anyMatch(piece -> piece.id().equals(lower))) {
            return Outcome.refused("on", "What " + addition.name() + " sits on is not there.");
        }
        return Outcome.made(site(
                addition,
                brief,
                panel.get(),
                Side.UP,
                Placement.SAME,
                parts.piece(lower).name()));
    }

    private Site onFace(Addition addition, Brief brief, Face face) {
        Panel panel = parts.panel(face.panel());
        Placement frame = Site.frameOn(panel, face);
        return site(addition, brief, panel, face.side(), frame, face.title());
    }

    private Site site(Addition addition, Brief brief, Panel panel, Side side, Placement frame, String place) {
        Region room = Region.of(panel.outline()).in(frame.inverse());
        List<Region> punched = parts.piece(panel.piece()).partCuts().stream()
                .flatMap(cut ->
                        cut instanceof PartCut.PastEdge past && past.run().isPresent()
                                ? Stream.of(past.strip())
                                : Stream.empty())
                .map(strip -> Region.of(Outline.of(strip)).in(frame.inverse()))
                .toList();
        Region straight = punched.isEmpty()
                ? room
                : Overlay.without(room, punched).stream()
                        .max(Comparator.comparingDouble(Region::area))
                        .orElse(room);
        Supplier<OtherPanels> others =
                () -> new OtherPanels(form, panels, List.copyOf(pieces.values()), panel, side, frame);
        return new Site(
                new Site.Asked(addition.id(), addition.name(), brief),
                new Site.Ground(panel.piece(), panel.id(), side, place, frame, room, straight),
                new Site.Around(below(panel, frame), others, parts.piece(panel.piece())));
    }

    private List<Site.Deeper> below(Panel panel, Placement frame) {
        List<Site.Deeper> below = new ArrayList<>();
        Panel upper = panel;
        Placement deeper = frame;
        while (upper.hanging() instanceof Panel.Stuck stuck) {
            deeper = deeper.within(stuck.placement());
            upper = parts.panel(stuck.panel());
            below.add(new Site.Deeper(upper.piece(), upper, stuck.side(), deeper, List.of()));
        }
        return below;
    }

    private void take(Addition addition, Work work) {
        for (Piece piece : work.parts().pieces()) {
            Size size = piece.size();
            if (Length.min(size.width(), size.height()).isShorterThan(NARROWEST)) {
                String least = Figure.of(NARROWEST, design.system()).toString();
                refuse(addition, new Refusal("form", piece.name() + " would be less than " + least + " wide."));
            }
            pieces.put(piece.id(), piece);
        }
        panels.addAll(work.parts().panels());
        faces.addAll(work.parts().faces());
        supplies.addAll(work.extras().supplies());
        hollows.addAll(work.hollows());
        work.holdings().forEach(holding -> adhesions.put(holding.piece(), holding.adhesion()));
        work.changes().scores().forEach(on -> change(on.piece(), piece -> piece.scored(List.of(on.what()))));
        work.changes().slits().forEach(on -> change(on.piece(), piece -> piece.slit(on.what())));
        work.changes().zones().forEach(on -> change(on.piece(), piece -> piece.zoned(on.what())));
        for (Work.Freed part : work.changes().freed()) {
            PieceId cut = parts.panel(part.panel()).piece();
            boolean atFold = panels.stream()
                    .filter(panel -> panel.piece().equals(cut) && !panel.id().equals(part.panel()))
                    .filter(panel -> work.parts().panels().stream().noneMatch(panel::equals))
                    .anyMatch(panel -> runsAlong(part.outline(), panel));
            if (atFold) {
                refuse(addition, new Refusal("form", addition.name() + " would cut into a fold there."));
            }
            boolean taken = Stream.concat(parts.piece(cut).openings().stream().map(Opening::outline), freedIn(cut))
                    .anyMatch(other -> Overlay.overlap(part.outline(), other));
            if (taken) {
                refuse(addition, new Refusal("form", addition.name() + " runs into another cut there."));
            }
            panels.replaceAll(panel -> panel.id().equals(part.panel()) ? panel.freeing(part.outline()) : panel);
        }
        work.changes().partCuts().forEach(on -> change(on.piece(), piece -> piece.partlyCut(on.what())));
        work.changes().edges().forEach(edge -> cutAtEdge(addition, edge));
        above.addAll(work.parts().above());
        directions.addAll(work.extras().directions());
        dieCuts.addAll(work.extras().dieCuts());
        work.extras().closures().forEach(closure -> {
            closures.add(closure);
            keepShut(closure);
        });
        work.changes().openings().forEach(on -> open(addition, on));
    }

    private void cutAtEdge(Addition addition, Work.EdgeCut edge) {
        Outline off = edge.off();
        Piece piece = parts.piece(parts.panel(edge.panel()).piece());
        if (edge.isInner()) {
            if (freedIn(piece.id()).anyMatch(flap -> Overlay.overlap(flap, off))) {
                refuse(addition, new Refusal("form", addition.name() + " runs into another cut there."));
                return;
            }
            change(piece.id(), each -> each.cutAtOpening(off, edge.die()));
            return;
        }
        boolean intoNext = panels.stream()
                .filter(panel -> panel.piece().equals(piece.id()) && !panel.id().equals(edge.panel()))
                .anyMatch(panel ->
                        Overlay.overlap(panel.outline(), off) || (edge.die().isEmpty() && runsAlong(off, panel)));
        boolean taken = Stream.concat(piece.openings().stream().map(Opening::outline), freedIn(piece.id()))
                .anyMatch(other -> Overlay.overlap(off, other));
        if (intoNext || taken) {
            refuse(
                    addition,
                    new Refusal(
                            "form",
                            addition.name()
                                    + (intoNext ? " would cut into a fold there." : " runs into another cut there.")));
            return;
        }
        change(piece.id(), each -> each.cutAtEdge(off, edge.die()));
        panels.replaceAll(panel -> panel.id().equals(edge.panel()) ? panel.cutAtEdge(off) : panel);
    }

    /** Whether what is cut off ends along another panel: a corner at a fold is one of both panels. */
    private static boolean runsAlong(Outline off, Panel panel) {
        Region other = Region.of(panel.outline());
        return off.edges().stream()
                .anyMatch(edge -> !Overlay.within(edge, other).isEmpty());
    }

    private void open(Addition addition, Work.On<Opening> on) {
        Piece piece = parts.piece(on.piece());
        Outline outline = on.what().outline();
        if (!Overlay.contains(Region.of(piece.outline()), outline)) {
            refuse(
                    addition,
                    new Refusal("form", "The " + on.what().name() + " runs past the edge of " + piece.name() + "."));
            return;
        }
        boolean inFlap = freedIn(on.piece()).anyMatch(flap -> Overlay.contains(Region.of(flap), outline));
        boolean cutTwice = Stream.concat(
                        piece.openings().stream().map(Opening::outline), inFlap ? Stream.empty() : freedIn(on.piece()))
                .anyMatch(other -> Overlay.overlap(outline, other));
        if (cutTwice) {
            String words = "The " + on.what().name() + " runs into another one in " + piece.name() + ".";
            refuse(addition, new Refusal("form", words));
            return;
        }
        change(on.piece(), each -> each.opened(on.what()));
    }

    /** What is cut free of the panels of a piece. */
    private Stream<Outline> freedIn(PieceId id) {
        return panels.stream().filter(panel -> panel.piece().equals(id)).flatMap(panel -> panel.freed().stream());
    }

    private void change(PieceId id, UnaryOperator<Piece> change) {
        pieces.put(id, change.apply(parts.piece(id)));
    }

    /** Only a rectangle under a rectangle is cut out with straight cuts; anything else keeps its middle. */
    private void cutOutMiddle(Work.Hollow hollow) {
        Optional<Rect> hidden = panels.stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck stuck
                        && stuck.side() == Side.UP
                        && parts.panel(stuck.panel()).piece().equals(hollow.piece())
                        && panel.outline().isRectangle()
                        && parts.piece(panel.piece()).openings().isEmpty())
                .map(panel -> panel.outline().in(((Panel.Stuck) panel.hanging()).placement()))
                .flatMap(zone -> Overlay.inset(zone, hollow.lap()).stream())
                .map(Outline::bounds)
                .max(Comparator.comparingDouble(rect -> rect.size().area()));
        Piece piece = parts.piece(hollow.piece());
        hidden.filter(rect -> piece.isRectangle() && piece.outline().bounds().contains(rect))
                .filter(rect -> piece.openings().isEmpty())
                .ifPresent(rect -> {
                    Opening middle = new Opening(
                            hollow.piece(),
                            "hidden middle",
                            new CutShape(CutShape.Kind.RECTANGLE, rect.size()),
                            Placement.at(rect.corner()));
                    change(hollow.piece(), each -> each.opened(hollow.isKept() ? middle.kept() : middle));
                });
    }

    /** The scores between the two panels stay folded as they are when the card is shut. */
    private void keepShut(Closure closure) {
        List<PanelId> one = upwards(closure.upper().panel());
        List<PanelId> other = upwards(closure.lower().panel());
        Pose shut = form.pose(Pose.SHUT);
        Stream.concat(
                        one.stream().filter(id -> !other.contains(id)),
                        other.stream().filter(id -> !one.contains(id)))
                .forEach(id -> panels.replaceAll(panel -> panel.id().equals(id) ? panel.keptAs(shut) : panel));
    }

    /** A panel and all it hangs on, one by the other. */
    private List<PanelId> upwards(PanelId id) {
        List<PanelId> all = new ArrayList<>();
        Optional<PanelId> next = Optional.of(id);
        while (next.isPresent()) {
            all.add(next.get());
            next = parts.panel(next.get()).hanging().on();
        }
        return all;
    }

    /** A label needs no tape; raised, or where a maker says otherwise, it is held by that. */
    private static Adhesion ofLabel(Adhesion said, Adhesion own) {
        return said.kind() == Adhesion.Kind.TAPE ? own.held(said.hold()) : said;
    }

    private Optional<Supply> adhesive(PieceId owner, Adhesion adhesion, List<Region> where) {
        return remaking.supply(owner, adhesion, where, design.system(), () -> used(owner, adhesion, where));
    }

    private Optional<Supply> used(PieceId owner, Adhesion adhesion, List<Region> where) {
        if (where.isEmpty()) {
            return Optional.empty();
        }
        return switch (adhesion.kind()) {
            case NONE, LOOSE -> Optional.empty();
            case DOTS -> Optional.of(Supply.count(owner, "glue dot", where.size()));
            case PADS ->
                Optional.of(Supply.count(
                        owner, "foam pad, " + Figure.of(adhesion.height(), design.system()) + " high", where.size()));
            case PEN -> {
                double lines = where.stream().mapToDouble(Region::perimeter).sum();
                yield Optional.of(
                        Supply.volume(owner, "glue pen", lines * PEN_LINE.toInches() * Adhesion.SPREAD.toInches()));
            }
            case OWN -> Optional.empty();
            case GLUE -> {
                double area = where.stream().mapToDouble(Region::area).sum();
                yield Optional.of(Supply.volume(owner, "glue", area * Adhesion.SPREAD.toInches()));
            }
            case TAPE -> Optional.of(tape(owner, new Tape.Flat(), adhesion, where));
            case FOAM -> Optional.of(tape(owner, new Tape.Foam(adhesion.layer()), adhesion, where));
        };
    }

    private Supply tape(PieceId owner, Tape tape, Adhesion adhesion, List<Region> where) {
        double lines = where.stream().mapToDouble(Assembly::linesOfTape).sum();
        Length length = Length.nearestInches(lines * adhesion.layers())
                .roundedUpTo(materials.trim())
                .shown();
        return Supply.tape(owner, tape, length, design.system());
    }

    /** All round along the edges; where two tapes have no room side by side, one down the middle. Common practice, no source. */
    private static double linesOfTape(Region region) {
        return Overlay.hasRoomFor(region, TAPE_WIDTH) ? region.perimeter() : region.perimeter() / 2;
    }
}
