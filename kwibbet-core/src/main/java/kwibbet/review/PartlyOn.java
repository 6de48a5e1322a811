package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.wording.Phrase;

/** Two pieces on the same face overlap although neither sits on the other: the second does not lie flat. */
record PartlyOn() implements Rule {

    @Override
    public String key() {
        return "partly-on";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        List<Join> joins = card.joins();
        for (int i = 0; i < joins.size(); i++) {
            for (int j = i + 1; j < joins.size(); j++) {
                Join under = joins.get(i);
                Join over = joins.get(j);
                if (areBeside(card, under, over) && Overlay.overlap(under.zone(), over.zone())) {
                    findings.add(finding(card, under, over));
                }
            }
        }
        return findings;
    }

    /** Pieces of one feature, on clear film, or loose round the card may lie over each other. */
    private static boolean areBeside(Card card, Join one, Join other) {
        boolean samePlace = one.panel().equals(other.panel()) && one.side() == other.side();
        boolean sameOwner = card.additionOf(one.upper()).equals(card.additionOf(other.upper()));
        boolean loose =
                one.adhesion().kind() == Adhesion.Kind.NONE || other.adhesion().kind() == Adhesion.Kind.NONE;
        boolean clear = card.isClear(one.upper()) || card.isClear(other.upper()) || card.isClear(one.lower());
        return samePlace && !sameOwner && !loose && !clear;
    }

    private Finding finding(Card card, Join under, Join over) {
        Optional<Addition> upper = card.design().addition(over.upper());
        boolean canSit = card.design().addition(under.upper()).isPresent()
                && under.zone().bounds().contains(over.zone().bounds());
        Optional<Remedy> onTop = canSit
                ? upper.map(addition -> new Remedy(
                        "put it on " + card.nameOf(under.upper()),
                        card.design().settled().with(addition.with(new Host.OnPiece(under.upper())))))
                : Optional.empty();
        return finding(
                Severity.WARNING,
                over.upper(),
                card.piece(over.upper()).orElseThrow().outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(over.upper()) + " lies on " + card.nameOf(under.upper())
                                + ", though both are meant for the " + over.place() + ": it will not lie flat."),
                onTop);
    }
}
