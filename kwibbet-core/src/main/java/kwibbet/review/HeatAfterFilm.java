package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.Zone;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** Heat comes after film, which warps. Additions are made in their order. */
record HeatAfterFilm() implements Rule {

    @Override
    public String key() {
        return "heat-after-film";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        Design design = card.design();
        for (Addition addition : design.additions()) {
            boolean hot = addition.feature() instanceof SurfaceWork
                    && addition.settings().is(SurfaceWork.TECHNIQUE, SurfaceWork.HEAT);
            if (hot) {
                filmBefore(card, addition).ifPresent(film -> findings.add(finding(card, addition, film)));
            }
        }
        return findings;
    }

    /** The first film that is on the card before a step. */
    private static Optional<Piece> filmBefore(Card card, Addition addition) {
        int at = card.design().additions().indexOf(addition);
        return card.pieces().stream()
                .filter(piece -> card.isClear(piece.id()))
                .filter(piece -> card.additionOf(piece.id())
                        .map(owner -> card.design().additions().indexOf(owner) < at)
                        .orElse(true))
                .findFirst();
    }

    private Finding finding(Card card, Addition addition, Piece film) {
        Piece on = card.pieces().stream()
                .filter(piece ->
                        piece.zones().stream().anyMatch(zone -> zone.owner().equals(addition.id())))
                .findFirst()
                .orElse(card.base());
        Zone zone = on.zones().stream()
                .filter(each -> each.owner().equals(addition.id()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        "heat has no zone of " + addition.id().value() + " on its piece"));
        return finding(
                Severity.WARNING,
                on.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words("“" + addition.name() + "” needs heat, and " + film.name()
                                + " is on the card before it: film warps. Do the heat first."),
                first(card, addition, film));
    }

    private static Optional<Remedy> first(Card card, Addition addition, Piece film) {
        return card.additionOf(film.id())
                .filter(owner -> !addition.host().equals(new Host.OnPiece(owner.id())))
                .map(owner -> {
                    List<Addition> order = new ArrayList<>(card.design().additions());
                    order.remove(addition);
                    order.add(order.indexOf(owner), addition);
                    return new Remedy("do the heat first", card.design().withAdditions(order));
                });
    }
}
