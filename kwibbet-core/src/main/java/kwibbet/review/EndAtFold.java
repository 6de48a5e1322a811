package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Zone;
import kwibbet.card.feature.Ribbon;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Ribbon or tape is to go round an edge that is a fold: its end has nowhere to go, and tied over a fold the card does not open. */
record EndAtFold() implements Rule {

    @Override
    public String key() {
        return "end-at-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                bound(card, zone)
                        .filter(ribbon -> piece.scores().stream().anyMatch(score -> ends(zone, score)))
                        .ifPresent(ribbon -> findings.add(finding(card, piece, zone, ribbon)));
            }
        }
        return findings;
    }

    /** The ribbon a zone belongs to, where its ends go round an edge. */
    private static Optional<Addition> bound(Card card, Zone zone) {
        return zone.use() == Zone.Use.SET_ON
                ? card.design()
                        .addition(zone.owner())
                        .filter(each -> each.feature() instanceof Ribbon
                                && !card.design().present(each).is(Ribbon.ENDS, Ribbon.CUT_OFF))
                : Optional.empty();
    }

    /** Whether a score runs along an edge of a zone and past both its ends, as the fold does at which a ribbon stops. */
    private static boolean ends(Zone zone, Score score) {
        Rect box = zone.outline().bounds();
        Point start = score.line().start();
        Point end = score.line().end();
        return score.line()
                .axis()
                .filter(axis -> axis == Axis.VERTICAL
                        ? (start.x().equals(box.left()) || start.x().equals(box.right()))
                                && isPast(
                                        start.y().toInches(),
                                        end.y().toInches(),
                                        box.top().toInches(),
                                        box.bottom().toInches())
                        : (start.y().equals(box.top()) || start.y().equals(box.bottom()))
                                && isPast(
                                        start.x().toInches(),
                                        end.x().toInches(),
                                        box.left().toInches(),
                                        box.right().toInches()))
                .isPresent();
    }

    private static boolean isPast(double start, double end, double from, double to) {
        return Math.min(start, end) < from && Math.max(start, end) > to;
    }

    private Finding finding(Card card, Piece piece, Zone zone, Addition ribbon) {
        return finding(
                Severity.TROUBLE,
                piece.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words(ribbon.name() + " is to go round an edge of " + piece.name()
                                + " that is a fold: its end has nowhere to go."),
                Optional.of(new Remedy(
                        "cut it off at the edge",
                        card.design()
                                .settled()
                                .with(ribbon.with(card.design().present(ribbon).with(Ribbon.ENDS, Ribbon.CUT_OFF))))));
    }
}
