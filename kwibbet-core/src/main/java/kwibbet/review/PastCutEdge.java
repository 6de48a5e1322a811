package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.PartCut;
import kwibbet.card.feature.EdgeDie;
import kwibbet.card.feature.PunchedEdge;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A layer reaches over an edge that a die has cut into what it lies on: it shows past the waves, and hangs free in the notch. */
record PastCutEdge() implements Rule {

    private static final double SEEN = 0.01;

    @Override
    public String key() {
        return "past-cut-edge";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            card.pieceOf(join.lower()).edgeCuts().stream()
                    .filter(cut -> lies(join, cut) > SEEN)
                    .findFirst()
                    .ifPresent(cut -> findings.add(finding(card, join)));
        }
        return findings;
    }

    /** The square inches of a layer on the panel that is cut that lie where it is cut away. */
    private static double lies(Join join, PartCut.PastEdge cut) {
        return Overlay.shared(Region.of(join.zone()), Region.of(Outline.of(cut.within()))).stream()
                .mapToDouble(part -> Overlay.sharedArea(part, Region.of(cut.outline())))
                .sum();
    }

    private Finding finding(Card card, Join join) {
        return finding(
                Severity.WARNING,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(join.upper()) + " reaches past the edge that is cut into the " + join.place()
                                + "."),
                Optional.of(new Remedy("cut the edge first, and keep within it", edgesFirst(card.design()))));
    }

    /** What is laid out after an edge is cut follows the edge. */
    private static Design edgesFirst(Design design) {
        List<Addition> ordered = new ArrayList<>(design.settled().additions());
        List<Addition> edges = ordered.stream()
                .filter(addition -> addition.feature() instanceof EdgeDie || addition.feature() instanceof PunchedEdge)
                .toList();
        ordered.removeAll(edges);
        ordered.addAll(0, edges);
        return design.settled().withAdditions(ordered);
    }
}
