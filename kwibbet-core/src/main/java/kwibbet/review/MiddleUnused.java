package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Middles;
import kwibbet.card.feature.Mat;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** The middle of a layer is kept for another piece, and none of its paper fits into it. */
record MiddleUnused() implements Rule {

    @Override
    public String key() {
        return "middle-unused";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Middles.Middle middle : Middles.kept(card)) {
            if (!Middles.of(card).from().containsValue(middle)) {
                findings.add(finding(
                        Severity.NOTE,
                        middle.of().id(),
                        middle.opening().outline(),
                        Phrase.in(card.design().system())
                                .words("What comes out of "
                                        + card.nameOf(middle.of().id()) + ", ")
                                .size(middle.size())
                                .words(", is kept for another piece, and no plain piece of its paper fits into it."),
                        onlyCutOut(card, middle)));
            }
        }
        return findings;
    }

    private static Optional<Remedy> onlyCutOut(Card card, Middles.Middle middle) {
        return card.design().addition(middle.of().id()).map(mat -> new Remedy("only cut it out", with(card, mat)));
    }

    private static Design with(Card card, Addition mat) {
        return card.design().settled().with(mat.with(card.design().present(mat).with(Mat.MIDDLE, Mat.CUT_OUT)));
    }
}
