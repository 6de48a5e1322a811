package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.feature.Placing;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.wording.Phrase;

/** Something is stuck over a fold, so that the card cannot open. */
record StuckAcrossFold() implements Rule {

    @Override
    public String key() {
        return "stuck-across-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (join.adhesion().kind() == Adhesion.Kind.NONE || card.isOfBase(join.upper())) {
                continue;
            }
            card.panelsOf(join.lower()).stream()
                    .filter(panel -> !panel.id().equals(join.panel()) && moves(card, panel, join.panel()))
                    .filter(panel -> Overlay.overlap(join.zone(), panel.outline()))
                    .findFirst()
                    .ifPresent(panel -> findings.add(finding(card, join)));
        }
        return findings;
    }

    /** Whether the two panels hang on each other by a score that is folded as the card is opened and shut. */
    private static boolean moves(Card card, Panel panel, PanelId other) {
        return hangs(panel, other)
                || card.panel(other).map(each -> hangs(each, panel.id())).orElse(false);
    }

    private static boolean hangs(Panel panel, PanelId on) {
        return panel.hanging() instanceof Panel.OnScore hinge
                && hinge.panel().equals(on)
                && hinge.degrees().isEmpty();
    }

    private Finding finding(Card card, Join join) {
        return finding(
                Severity.TROUBLE,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(join.upper()) + " is stuck across a fold of " + card.nameOf(join.lower())
                                + ": the card cannot open."),
                centred(card, join));
    }

    static Optional<Remedy> centred(Card card, Join join) {
        return card.additionOf(join.upper())
                .filter(addition -> addition.feature().parameters().contains((Parameter) Placing.ACROSS))
                .map(addition -> new Remedy("put it in the middle of its panel", middle(card, addition)));
    }

    private static Design middle(Card card, Addition addition) {
        Settings settings = card.design()
                .present(addition)
                .with(Placing.ACROSS, Placing.MIDDLE)
                .with(Placing.DOWN, Placing.MIDDLE);
        return card.design().settled().with(addition.with(settings));
    }
}
