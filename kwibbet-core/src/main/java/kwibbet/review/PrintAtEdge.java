package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Print;
import kwibbet.card.Zone;
import kwibbet.card.feature.Placing;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** A picture that ends where the paper is cut, or a hair beside that: a cut a hair off leaves a white line. Common practice, no source. */
record PrintAtEdge() implements Rule {

    /** Further in than this a border is meant. */
    private static final Length MEANT = Length.ofInches(1, 16);
    /** So far past the edge nobody cuts amiss. */
    private static final Length SURE = Length.ofInches(1, 32);

    @Override
    public String key() {
        return "print-at-edge";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                zone.print()
                        .filter(print -> print.bleed().isPositive())
                        .flatMap(print -> atEdge(piece, print))
                        .ifPresent(edge -> findings.add(found(card, piece, zone, edge)));
            }
        }
        return findings;
    }

    private static Optional<Edge> atEdge(Piece piece, Print print) {
        Rect paper = piece.outline().bounds();
        Rect printed = print.whole().bounds();
        return Stream.of(Edge.values())
                .filter(edge -> {
                    Length past = past(edge, paper, printed);
                    return past.isShorterThan(SURE) && past.isLongerThan(MEANT.negated());
                })
                .findFirst();
    }

    private static Length past(Edge edge, Rect paper, Rect printed) {
        return switch (edge) {
            case LEFT -> paper.left().minus(printed.left());
            case RIGHT -> printed.right().minus(paper.right());
            case TOP -> paper.top().minus(printed.top());
            case BOTTOM -> printed.bottom().minus(paper.bottom());
        };
    }

    private Finding found(Card card, Piece piece, Zone zone, Edge edge) {
        String name = zone.print().map(print -> print.artwork().name()).orElse("");
        Optional<Remedy> fills = card.design()
                .addition(zone.owner())
                .map(work -> new Remedy(
                        "let it fill the face",
                        card.design()
                                .settled()
                                .with(work.with(card.design()
                                        .present(work)
                                        .with(PrintedPicture.FIT, PrintedPicture.FILL)
                                        .with(Placing.ACROSS, Placing.MIDDLE)
                                        .with(Placing.DOWN, Placing.MIDDLE)))));
        return finding(
                Severity.WARNING,
                piece.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words("“" + name + "” ends at an edge of " + piece.name()
                                + ", as that lies flat the " + edge.word()
                                + " one: a cut a hair off leaves a white line."),
                fills);
    }
}
