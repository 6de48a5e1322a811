package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Zone;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** Heat comes after film on the same paper, which warps. Additions are made in their order. */
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

    /** The first film that is on what is heated before that is; film on another paper is warm only if the two are put together before. */
    private static Optional<Piece> filmBefore(Card card, Addition addition) {
        int at = card.design().additions().indexOf(addition);
        Piece heated = heated(card, addition);
        return card.pieces().stream()
                .filter(piece -> card.isClear(piece.id()) && isOn(card, piece.id(), heated.id()))
                .filter(piece -> card.additionOf(piece.id())
                        .map(owner -> card.design().additions().indexOf(owner) < at)
                        .orElse(true))
                .findFirst();
    }

    private static Piece heated(Card card, Addition addition) {
        return card.pieces().stream()
                .filter(piece ->
                        piece.zones().stream().anyMatch(zone -> zone.owner().equals(addition.id())))
                .findFirst()
                .orElse(card.base());
    }

    /** Whether a piece is another, or is stuck to it by way of whatever. */
    private static boolean isOn(Card card, PieceId piece, PieceId other) {
        return piece.equals(other)
                || card.join(piece)
                        .filter(join -> isOn(card, join.lower(), other))
                        .isPresent();
    }

    private Finding finding(Card card, Addition addition, Piece film) {
        Piece on = heated(card, addition);
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
