package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Side;
import kwibbet.card.feature.Held;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** A piece is taped flat although something thick hangs behind it, as a shaker or a blind behind a mat, and what it is taped to is not cut there. */
record TapedFlat() implements Rule {

    /** So much of it lies on paper that it is pressed flat. */
    private static final double MOST = 0.4;

    @Override
    public String key() {
        return "taped-flat";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join flat : card.joins()) {
            Adhesion held = flat.adhesion();
            if (held.height().isZero() && held.kind().sticks() && !card.isOfBase(flat.upper())) {
                thickest(card, flat).ifPresent(behind -> findings.add(finding(card, flat, behind)));
            }
        }
        return findings;
    }

    /** What hangs behind the upper piece of a join and is felt there, the first of one feature. */
    private static Optional<Join> thickest(Card card, Join flat) {
        Side touching = flat.touching();
        return card.joinsOn(flat.upper()).stream()
                .filter(behind -> behind.side() == touching)
                .filter(behind -> Thickness.isFelt(Thickness.of(card, behind)))
                .filter(behind -> isPressed(card, flat, behind))
                .findFirst();
    }

    private static boolean isPressed(Card card, Join flat, Join behind) {
        Outline there = behind.zone().in(flat.placement());
        double onPaper = Overlay.sharedArea(card.pieceOf(flat.lower()).material(), Region.of(there));
        return onPaper > MOST * there.area();
    }

    private Finding finding(Card card, Join flat, Join behind) {
        Length thick = Thickness.of(card, behind);
        return finding(
                Severity.WARNING,
                flat.upper(),
                card.pieceOf(flat.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(behind.upper()) + ", ")
                        .length(thick.roundedUpTo(card.materials().trim()).shown())
                        .words(" thick, hangs behind " + card.nameOf(flat.upper()) + ", which is taped flat to "
                                + card.nameOf(flat.lower()) + ": it does not lie flat."),
                card.additionOf(flat.upper())
                        .filter(mat -> mat.feature() instanceof Mat)
                        .map(mat -> new Remedy(
                                "raise it on foam as high",
                                card.design().settled().with(raised(card, mat, thick)))));
    }

    private static Addition raised(Card card, Addition mat, Length thick) {
        Length foam = Length.max(
                Held.FOAM.least(), thick.roundedUpTo(card.materials().trim()).shown());
        return mat.with(
                card.design().present(mat).with(Mat.RAISED, Held.ON_FOAM).with(Held.FOAM, foam));
    }
}
