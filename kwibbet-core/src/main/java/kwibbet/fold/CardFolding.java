package kwibbet.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Face;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Side;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Folding;
import kwibbet.crease.Isometry;
import kwibbet.crease.Vertex;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/**
 * How a card closes from flat to shut: whether it does, in which order, and what is then slipped over it.
 *
 * @param pattern its panels and scores
 * @param folding whether it folds flat
 * @param sequence in which order, if it does
 * @param leaves what is drawn of it, each after what it lies on
 * @param bands the names of pieces slipped over the shut card
 */
public record CardFolding(
        CardPattern pattern,
        FlatFolding folding,
        Optional<FoldSequence> sequence,
        List<Leaf> leaves,
        List<String> bands) {

    /** Less than this, in square inches, is not seen. */
    private static final double LEAST_SEEN = 0.02;

    private static final int ROUND = 360;

    /** Copies the lists. */
    public CardFolding {
        leaves = List.copyOf(leaves);
        bands = List.copyOf(bands);
    }

    /** Works out a card: in the order its base is meant to close, or any other where that one cannot be. */
    public static CardFolding of(Card card) {
        CardPattern pattern = CardPattern.of(card, true);
        Folding folding = Folding.of(pattern.pattern());
        if (folding.flat() instanceof FlatFolding.CannotFold) {
            pattern = CardPattern.of(card, false);
            folding = Folding.of(pattern.pattern());
        }
        return new CardFolding(pattern, folding.flat(), folding.sequence(), leaves(card, pattern), bands(card));
    }

    /**
     * The faces that can be seen at a moment, the largest part first.
     *
     * @param card the card
     * @param state how it lies
     * @param fromUnder whether it is turned over
     */
    public List<SeenFace> seen(Card card, FoldedState state, boolean fromUnder) {
        record Part(SeenFace face, double area) {}
        List<Part> parts = new ArrayList<>();
        for (int facet = 0; facet < pattern.facets().size(); facet++) {
            int here = facet;
            List<Region> over = IntStream.range(0, pattern.facets().size())
                    .filter(other -> fromUnder
                            ? state.order().isAbove(here, other)
                            : state.order().isAbove(other, here))
                    .mapToObj(other -> lying(other, state))
                    .toList();
            double area = Overlay.without(lying(facet, state), over).stream()
                    .mapToDouble(Region::area)
                    .sum();
            if (area > LEAST_SEEN) {
                parts.add(new Part(face(card, facet, state, fromUnder), area));
            }
        }
        return parts.stream()
                .sorted(Comparator.comparingDouble((Part part) -> -part.area()))
                .map(Part::face)
                .toList();
    }

    /**
     * The sheet of the base drawn as vertices and edges, and how its facets lie after each step.
     *
     * @param graph the drawing
     * @param traced its facets
     * @param states one for each step
     */
    public record BaseSheet(CreaseGraph graph, CreaseGraph.Traced traced, List<FoldedState> states) {
        /** Copies the list. */
        public BaseSheet {
            states = List.copyOf(states);
        }
    }

    /** The sheet of the base. */
    public Outcome<BaseSheet> baseSheet() {
        CreaseGraph graph = CreaseGraph.of(pattern.pattern(), 0);
        return graph.traced().then(traced -> {
            List<Integer> facets = new ArrayList<>();
            List<Integer> kept = new ArrayList<>();
            for (int i = 0; i < traced.rings().size(); i++) {
                Vertex inside = traced.pattern().facets().get(i).inside();
                OptionalInt here = IntStream.range(0, pattern.facets().size())
                        .filter(facet -> pattern.pattern().facets().get(facet).sheet() == 0
                                && pattern.pattern().facets().get(facet).covers(inside))
                        .findFirst();
                here.ifPresent(facets::add);
                if (here.isPresent()) {
                    kept.add(i);
                }
            }
            List<FoldedState> states = sequence.stream()
                    .flatMap(all -> all.steps().stream())
                    .map(step -> step.after().of(facets))
                    .toList();
            return Outcome.made(new BaseSheet(graph, traced.only(kept), states));
        });
    }

    private Region lying(int facet, FoldedState state) {
        List<List<Vertex>> rings = pattern.pattern().facets().get(facet).rings().toList();
        return Places.region(rings, state.places().of(facet));
    }

    private SeenFace face(Card card, int facet, FoldedState state, boolean fromUnder) {
        Panel panel = pattern.facets().get(facet);
        Isometry place = state.places().of(facet);
        Side side = place.isMirrored() == fromUnder ? Side.UP : Side.UNDER;
        String title = card.faces().stream()
                .filter(face -> face.panel().equals(panel.id()) && face.side() == side)
                .map(Face::title)
                .findFirst()
                .orElse(pattern.pattern().facets().get(facet).name());
        int degrees = (int) Math.round(fromUnder ? -place.degrees() : place.degrees());
        return new SeenFace(title, panel.id(), side, Math.floorMod(degrees, ROUND));
    }

    private static List<String> bands(Card card) {
        return card.joins().stream()
                .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE && !card.isOfBase(join.upper()))
                .map(join -> card.nameOf(join.upper()))
                .toList();
    }

    private static List<Leaf> leaves(Card card, CardPattern pattern) {
        List<Leaf> leaves = new ArrayList<>();
        Map<PanelId, Isometry> onFacet = new HashMap<>();
        Map<PanelId, Integer> plies = new HashMap<>();
        for (Panel panel : card.panels()) {
            Optional<Integer> facet = Optional.ofNullable(pattern.carriers().get(panel.id()));
            if (facet.isEmpty()) {
                continue;
            }
            boolean isFacet = pattern.facets().get(facet.get()).id().equals(panel.id());
            Isometry lying = Isometry.SAME;
            int ply = 0;
            if (!isFacet && panel.hanging() instanceof Panel.Stuck stuck) {
                Isometry host = Optional.ofNullable(onFacet.get(stuck.panel())).orElse(Isometry.SAME);
                lying = CardPattern.isometry(stuck.placement()).within(host);
                boolean outwards = (stuck.side() == Side.UP) != host.isMirrored();
                int below = plies.getOrDefault(stuck.panel(), 0);
                ply = outwards ? Math.max(below, 0) + 1 : Math.min(below, 0) - 1;
            }
            onFacet.put(panel.id(), lying);
            plies.put(panel.id(), ply);
            leaves.add(leaf(card, panel, facet.get(), lying, ply));
        }
        return leaves;
    }

    private static Leaf leaf(Card card, Panel panel, int facet, Isometry lying, int ply) {
        List<List<Vertex>> rings = Places.rings(panel.material(card.pieceOf(panel.piece())));
        return new Leaf(panel.piece().value(), card.nameOf(panel.piece()), "", facet, lying, rings, ply);
    }
}
