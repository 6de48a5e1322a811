package kwibbet.review;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** A base cut to an outline that touches the table with hardly more than a point: it rolls or falls. */
record FootOffTable() implements Rule {

    /** Common practice, no source: half an inch of straight edge on each panel stands. */
    private static final Length STANDS = Length.ofInches(1, 2);

    @Override
    public String key() {
        return "foot-off-table";
    }

    @Override
    public List<Finding> check(Card card) {
        return card.design()
                .base()
                .withFlatFoot(card.design().present())
                .filter(flat -> !stands(card))
                .map(flat -> List.of(finding(
                        Severity.NOTE,
                        card.base().id(),
                        card.base().outline(),
                        Phrase.in(card.design().system())
                                .words("The card touches the table with hardly more than a point and will not stand."),
                        Optional.of(
                                new Remedy(flat.words(), card.design().settled().with(flat.settings()))))))
                .orElse(List.of());
    }

    /** Whether enough of the lower edge of the panel that lies still is straight. */
    private static boolean stands(Card card) {
        Outline outline = card.form().panels().get(0).outline();
        Length bottom = outline.bounds().bottom();
        Length straight = outline.edges().stream()
                .filter(edge -> isOn(edge, bottom))
                .map(edge -> edge.end().x().minus(edge.start().x()).abs())
                .reduce(Length.ZERO, Length::plus);
        return !straight.isShorterThan(STANDS);
    }

    private static boolean isOn(Segment edge, Length bottom) {
        Length near = Length.GRAIN.multipliedBy(3);
        return edge.start().y().minus(bottom).abs().isShorterThan(near)
                && edge.end().y().minus(bottom).abs().isShorterThan(near);
    }
}
