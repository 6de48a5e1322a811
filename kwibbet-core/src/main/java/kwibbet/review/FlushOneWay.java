package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** A mat reaches two edges of what it is on and leaves a border at the other two: one of its sides was meant to be shorter. */
record FlushOneWay() implements Rule {

    private static final Length ROUNDING = Length.GRAIN.multipliedBy(4);
    /** A wider border is that of a strip across. */
    private static final Length WIDEST = Length.ofInches(1, 4);

    @Override
    public String key() {
        return "flush-one-way";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            card.design()
                    .addition(join.upper())
                    .filter(addition -> addition.feature() instanceof Mat
                            && card.design().present(addition).is(Mat.FIT, Mat.BY_SIZE))
                    .flatMap(mat -> check(card, mat, join))
                    .ifPresent(findings::add);
        }
        return findings;
    }

    private Optional<Finding> check(Card card, Addition mat, Join join) {
        Margins margins = card.margins(join);
        Size own = card.pieceOf(join.upper()).size();
        if (isFlush(margins.left(), margins.right()) && isBorder(margins.top(), margins.bottom())) {
            Length border = margins.top();
            return Optional.of(finding(card, mat, join, "left and right", border, Mat.WIDTH, own.width()));
        }
        if (isFlush(margins.top(), margins.bottom()) && isBorder(margins.left(), margins.right())) {
            Length border = margins.left();
            return Optional.of(finding(card, mat, join, "top and bottom", border, Mat.HEIGHT, own.height()));
        }
        return Optional.empty();
    }

    private static boolean isFlush(Length one, Length other) {
        return !one.abs().isLongerThan(ROUNDING) && !other.abs().isLongerThan(ROUNDING);
    }

    private static boolean isBorder(Length one, Length other) {
        return one.isLongerThan(ROUNDING)
                && !one.isLongerThan(WIDEST)
                && !one.minus(other).abs().isLongerThan(ROUNDING);
    }

    private Finding finding(
            Card card, Addition mat, Join join, String edges, Length border, Parameter.OfLength side, Length flush) {
        Settings settings = card.design().present(mat).with(side, flush.minus(border.multipliedBy(2)));
        return finding(
                Severity.NOTE,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(mat.name() + " reaches the " + edges + " edges, and the other borders are ")
                        .length(border)
                        .words("."),
                Optional.of(new Remedy(
                        "make it the same all round", card.design().settled().with(mat.with(settings)))));
    }
}
