package kwibbet.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.PieceId;
import kwibbet.card.Zone;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.FoldedPlaces;
import kwibbet.crease.Isometry;
import kwibbet.crease.Stack;
import kwibbet.crease.Vertex;
import kwibbet.measure.Length;

/**
 * How thick a shut card is, region by region: the calipers of all that lies there and the foam below it.
 *
 * @param spots a place in every region, the thickest first
 */
public record Thickness(List<Spot> spots) {

    /** Copies the list. */
    public Thickness {
        spots = List.copyOf(spots);
    }

    /**
     * The thickness at a place.
     *
     * @param at where, as the card lies folded
     * @param plies how many plies lie there
     * @param thick how thick they are, with foam
     */
    public record Spot(Vertex at, int plies, Length thick) {}

    /**
     * Measures a card.
     *
     * @param card the card
     * @param leaves all that is drawn of it
     * @param places how its facets lie shut
     */
    public static Thickness of(Card card, List<Leaf> leaves, FoldedPlaces places) {
        List<Facet> facets = new ArrayList<>();
        List<Isometry> lying = new ArrayList<>();
        List<Length> thick = new ArrayList<>();
        List<Boolean> isPaper = new ArrayList<>();
        for (Leaf leaf : leaves) {
            facets.add(new Facet(
                    leaf.name(),
                    facets.size(),
                    leaf.rings().get(0),
                    leaf.rings().subList(1, leaf.rings().size())));
            Isometry at = leaf.at(places.of(leaf.facet()));
            lying.add(at);
            thick.add(thick(card, new PieceId(leaf.piece())));
            isPaper.add(true);
            for (Zone zone : card.pieceOf(new PieceId(leaf.piece())).zones()) {
                List<Vertex> ring = Places.corners(zone.outline());
                if (zone.rise().isPositive() && isOn(zone, facets.get(facets.size() - 1))) {
                    facets.add(new Facet(zone.words(), facets.size(), ring, List.of()));
                    lying.add(at);
                    thick.add(zone.rise());
                    isPaper.add(false);
                }
            }
        }
        CreasePattern loose = new CreasePattern(facets, List.of(), List.of(), List.of());
        return new Thickness(Stack.of(loose, new FoldedPlaces(lying)).stream()
                .map(stack -> new Spot(
                        stack.at(),
                        (int) stack.facets().stream().filter(isPaper::get).count(),
                        stack.facets().stream().map(thick::get).reduce(Length.ZERO, Length::plus)))
                .sorted(Comparator.comparing(Spot::thick).reversed())
                .toList());
    }

    private static boolean isOn(Zone zone, Facet paper) {
        // A brad's middle is its hole.
        return paper.covers(Places.vertex(zone.outline().bounds().middle()))
                || paper.covers(Places.vertex(zone.outline().corners().get(0)));
    }

    private static Length thick(Card card, PieceId id) {
        Length caliper = card.materials().caliper(card.pieceOf(id).paper());
        Length foam = card.join(id).map(join -> join.adhesion().height()).orElse(Length.ZERO);
        return caliper.plus(foam);
    }

    /** Where it is thickest. */
    public Spot thickest() {
        return spots.get(0);
    }

    /** Where it is thinnest. */
    public Spot thinnest() {
        return spots.get(spots.size() - 1);
    }
}
