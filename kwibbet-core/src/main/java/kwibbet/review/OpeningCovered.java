package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.card.Side;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.Window;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A layer lies over an opening, be it of a window, a blind or a shaker, on the side it is looked through from, and has none itself: it closes it. */
record OpeningCovered() implements Rule {

    /** Less of an opening than this, and the layer only reaches into it. */
    private static final double MOST = 0.6;

    @Override
    public String key() {
        return "opening-covered";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Addition addition : card.design().additions()) {
            for (Piece piece : card.pieces()) {
                piece.openings().stream()
                        .filter(opening -> opening.owner().equals(addition.id()) && opening.isLookedThrough())
                        .forEach(opening -> over(card, addition, piece, opening)
                                .ifPresent(join -> findings.add(finding(card, addition, piece, opening, join))));
            }
        }
        return findings;
    }

    private static Optional<Join> over(Card card, Addition addition, Piece piece, Opening opening) {
        Side side = addition.host() instanceof Host.OnFace host ? host.face().side() : Side.UP;
        return card.joinsOn(piece.id()).stream()
                .filter(join -> join.side() == side && !card.isClear(join.upper()))
                .filter(join -> !card.additionOf(join.upper()).equals(Optional.of(addition)))
                // A band is slipped off.
                .filter(join -> !card.isSlippedOn(join))
                .filter(join ->
                        covered(card, join, opening) > MOST * opening.outline().area())
                .findFirst();
    }

    private static double covered(Card card, Join join, Opening opening) {
        Region paper = card.pieceOf(join.upper()).material().in(join.placement());
        return Overlay.sharedArea(paper, Region.of(opening.outline()));
    }

    private Finding finding(Card card, Addition addition, Piece piece, Opening opening, Join over) {
        Optional<Remedy> through = card.design()
                .settled()
                .addition(over.upper())
                .filter(mat -> addition.feature() instanceof Window)
                .filter(mat -> mat.feature() instanceof Mat && mat.settings().is(Mat.FIT, Mat.BY_BORDER))
                .flatMap(mat -> Window.throughMat(
                                addition.with(card.design().present(addition)),
                                mat.id(),
                                mat.settings().length(Mat.BORDER))
                        .map(open -> new Remedy(
                                "cut it through " + mat.name(),
                                card.design().settled().without(addition.id()).plus(open))));
        return finding(
                Severity.WARNING,
                piece.id(),
                opening.outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(over.upper()) + " closes the opening “" + addition.name() + "” in "
                                + card.nameOf(piece.id()) + "."),
                through);
    }
}
