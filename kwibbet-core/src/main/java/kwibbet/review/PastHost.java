package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Settings;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.QuickWays;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A mat reaches past the piece it lies on, as with its corners past an oval: it shows from behind and bends. */
record PastHost() implements Rule {

    /** Less than this, in square inches, is no corner one could see. */
    private static final double SEEN = 0.003;

    @Override
    public String key() {
        return "past-host";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            card.design()
                    .addition(join.upper())
                    .filter(addition -> addition.feature() instanceof Mat && addition.host() instanceof Host.OnPiece)
                    // What hangs by an edge is meant to reach past what holds it.
                    .filter(mat -> join.adhesion().hold().hinges().isEmpty() && past(card, join) > SEEN)
                    .ifPresent(mat -> findings.add(finding(card, mat, join)));
        }
        return findings;
    }

    private static double past(Card card, Join join) {
        return Overlay.without(Region.of(join.zone()), Region.of(card.hostArea(join))).stream()
                .mapToDouble(Region::area)
                .sum();
    }

    private Finding finding(Card card, Addition mat, Join join) {
        Settings byBorder = card.design()
                .present(mat)
                .with(Mat.FIT, Mat.BY_BORDER)
                .with(Mat.BORDER, QuickWays.usualBorder(card.design()));
        return finding(
                Severity.WARNING,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(mat.name() + " reaches past " + card.nameOf(join.lower()) + ", on which it lies."),
                Optional.of(new Remedy(
                        "keep the same border all round",
                        card.design().settled().with(mat.with(byBorder)))));
    }
}
