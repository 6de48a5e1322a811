package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.feature.Placing;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.wording.Phrase;

/** Something lies off the middle by so little that it was meant to be there. */
record OffCentre() implements Rule {

    private static final Length ROUNDING = Length.GRAIN.multipliedBy(4);
    private static final Length MEANT = Length.ofInches(1, 8);

    @Override
    public String key() {
        return "off-centre";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            Optional<Addition> addition = card.design().addition(join.upper());
            boolean placed = addition.filter(each -> each.feature().parameters().contains((Parameter) Placing.ACROSS))
                    .isPresent();
            if (placed) {
                Margins margins = card.margins(join);
                Length across = unevenness(margins.left(), margins.right());
                Length down = unevenness(margins.top(), margins.bottom());
                check(card, addition.get(), Placing.ACROSS, across, "across", findings);
                check(card, addition.get(), Placing.DOWN, down, "down", findings);
            }
        }
        return findings;
    }

    /** The difference of two margins where it can be seen and was not meant; otherwise nothing. */
    private static Length unevenness(Length one, Length other) {
        Length difference = one.minus(other).abs();
        return difference.isLongerThan(ROUNDING) && difference.isShorterThan(MEANT) ? difference : Length.ZERO;
    }

    private void check(
            Card card, Addition addition, Parameter.OfChoice way, Length by, String how, List<Finding> findings) {
        Settings settings = card.design().present(addition);
        if (by.isZero() || settings.is(way, Placing.MIDDLE)) {
            return;
        }
        Piece piece = card.pieceOf(addition.id());
        findings.add(finding(
                Severity.NOTE,
                piece.id(),
                piece.outline(),
                Phrase.in(card.design().system())
                        .words(addition.name() + " is nearly in the middle " + how + ": one margin is ")
                        .length(by)
                        .words(" wider."),
                Optional.of(new Remedy(
                        "put it in the middle",
                        card.design().settled().with(addition.with(settings.with(way, Placing.MIDDLE)))))));
    }
}
