package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
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
        for (int over = 1; over < card.joins().size(); over++) {
            topmostBelow(card, over).ifPresent(findings::add);
        }
        return findings;
    }

    /** Of several that it lies on the topmost is told: put on that, it lies flat. */
    private Optional<Finding> topmostBelow(Card card, int at) {
        Join over = card.joins().get(at);
        for (int below = at - 1; below >= 0; below--) {
            Join under = card.joins().get(below);
            if (Overlay.overlap(under.zone(), over.zone())
                    && areBeside(card, under, over)
                    && Overlay.sharedArea(paper(card, under), paper(card, over)) > Overlay.NOTHING) {
                return Optional.of(finding(card, under, over));
            }
        }
        return Optional.empty();
    }

    /** What lies in an opening lies on nothing of the frame round it. */
    private static Region paper(Card card, Join join) {
        List<Outline> openings = card.pieceOf(join.upper()).openings().stream()
                .map(opening -> opening.outline().in(join.placement()))
                .filter(opening -> Overlay.contains(Region.of(join.zone()), opening))
                .toList();
        return new Region(join.zone(), openings);
    }

    /** Pieces of one feature, on clear film, or loose round the card may lie over each other. */
    private static boolean areBeside(Card card, Join one, Join other) {
        if (!one.panel().equals(other.panel()) || one.side() != other.side()) {
            return false;
        }
        boolean sameOwner = card.additionOf(one.upper()).equals(card.additionOf(other.upper()));
        boolean loose =
                !one.adhesion().kind().sticks() || !other.adhesion().kind().sticks();
        boolean clear = card.isClear(one.upper()) || card.isClear(other.upper()) || card.isClear(one.lower());
        return !sameOwner && !loose && !clear;
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
                card.pieceOf(over.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(over.upper()) + " lies on " + card.nameOf(under.upper())
                                + ", though both are meant for the " + over.place() + ": it will not lie flat."),
                onTop);
    }
}
