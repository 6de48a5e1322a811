package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PieceId;
import kwibbet.card.ShutFold;
import kwibbet.card.feature.PullTab;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Something sticks out past the shut card, and past its envelope. A tab is meant to. */
record SticksOut() implements Rule {

    private static final int BACK = 180;

    /** Less than this no eye sees, and no envelope minds. */
    private static final Length SEEN = Length.ofInches(1, 256);

    @Override
    public String key() {
        return "sticks-out";
    }

    @Override
    public List<Finding> check(Card card) {
        ShutFold shut = card.shut();
        Rect whole = new Outline(card.form().panels().stream()
                        .flatMap(panel -> panel.outline().in(shut.of(panel.id())).corners().stream())
                        .toList())
                .bounds();
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            boolean meant = card.isOfBase(join.upper()) || isMeantTo(card, join.upper());
            Length out = out(card.stuckPanel(join), shut, whole);
            if (!meant && out.isLongerThan(SEEN)) {
                findings.add(finding(
                        card,
                        card.nameOf(join.upper()),
                        card.pieceOf(join.upper()).outline(),
                        join.upper(),
                        out));
            }
        }
        for (Panel panel : card.panels()) {
            Length out = out(panel, shut, whole);
            if (isFoldedBack(panel) && !isMeantTo(card, panel.piece()) && out.isLongerThan(SEEN)) {
                findings.add(finding(card, card.nameOf(panel), panel.outline(), panel.piece(), out));
            }
        }
        return findings;
    }

    /** What is slipped on lies round the card, a tab is to be taken hold of. */
    private static boolean isMeantTo(Card card, PieceId piece) {
        boolean isSlippedOn = card.join(piece)
                .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE)
                .isPresent();
        return isSlippedOn
                || card.additionOf(piece)
                        .filter(addition -> addition.feature() instanceof PullTab)
                        .isPresent();
    }

    /** A corner that was cut free and folded onto the panel it hangs on. */
    private static boolean isFoldedBack(Panel panel) {
        return panel.hanging() instanceof Panel.OnScore hinge
                && hinge.degrees().filter(degrees -> degrees == BACK).isPresent();
    }

    private static Length out(Panel panel, ShutFold shut, Rect whole) {
        return Margins.of(panel.outline().in(shut.of(panel.id())).bounds(), whole)
                .least()
                .negated();
    }

    private Finding finding(Card card, String name, Outline where, PieceId piece, Length out) {
        return finding(
                Severity.NOTE,
                piece,
                where,
                Phrase.in(card.design().system())
                        .words(name + " sticks out past the shut card by ")
                        .length(out)
                        .words(": choose the envelope accordingly."),
                Optional.empty());
    }
}
