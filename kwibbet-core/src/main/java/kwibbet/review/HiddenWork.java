package kwibbet.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Zone;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Surface work that something stuck over it hides: a sentiment stamped on the wrong layer, or too late. */
record HiddenWork() implements Rule {

    /** So much of an area vanishes where a ground is meant to be covered in part, as inked ground under an ornament is. */
    private static final double MOST = 0.6;

    private static final Set<Zone.Use> WORK = EnumSet.of(Zone.Use.SURFACE, Zone.Use.SET_ON, Zone.Use.PRINT);
    /** Less than this of an area is its edge. */
    private static final double TOUCHED = 0.05;

    @Override
    public String key() {
        return "hidden-work";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                boolean isOfAddition = card.design().addition(zone.owner()).isPresent();
                if (isOfAddition && WORK.contains(zone.use())) {
                    List<Join> over = card.joinsOn(piece.id()).stream()
                            .filter(join -> join.side() == zone.side() && Overlay.overlap(join.zone(), zone.outline()))
                            .filter(join -> !card.isClear(join.upper()))
                            .toList();
                    double left = Overlay.without(
                                            Region.of(zone.outline()),
                                            over.stream()
                                                    .map(join -> paper(card, join))
                                                    .toList())
                                    .stream()
                                    .mapToDouble(Region::area)
                                    .sum()
                            / zone.outline().area();
                    if (left < least(card, zone)) {
                        findings.add(finding(card, piece, zone, over.get(0), left < TOUCHED));
                    }
                }
            }
        }
        return findings;
    }

    /** What share of it is to be seen: of a picture any, since layers lie on it. */
    private static double least(Card card, Zone zone) {
        if (zone.use() == Zone.Use.PRINT) {
            return TOUCHED;
        }
        return isWhole(card, zone) ? 1 - TOUCHED : 1 - MOST;
    }

    private static Region paper(Card card, Join join) {
        return card.pieceOf(join.upper()).material().in(join.placement());
    }

    /** What is stamped may be words, of which each counts; a gem is seen whole. */
    private static boolean isWhole(Card card, Zone zone) {
        return zone.use() == Zone.Use.SET_ON
                || card.design()
                        .addition(zone.owner())
                        .filter(addition ->
                                card.design().present(addition).is(SurfaceWork.TECHNIQUE, SurfaceWork.STAMP))
                        .isPresent();
    }

    private Finding finding(Card card, Piece piece, Zone zone, Join over, boolean whole) {
        Addition work = card.design()
                .addition(zone.owner())
                .orElseThrow(() -> new IllegalStateException(
                        "a zone is owned by " + zone.owner().value() + ", which is not on the card"));
        boolean within = over.zone().bounds().contains(zone.outline().bounds());
        Optional<Remedy> onTop = within && card.design().addition(over.upper()).isPresent()
                ? Optional.of(new Remedy(
                        "do it on " + card.nameOf(over.upper()),
                        card.design().without(work.id()).plus(work.with(new Host.OnPiece(over.upper())))))
                : Optional.empty();
        return finding(
                whole ? Severity.TROUBLE : Severity.WARNING,
                piece.id(),
                zone.outline(),
                Phrase.in(card.design().system())
                        .words("“" + work.name() + "” on " + piece.name()
                                + (whole ? " is hidden by " : " is partly hidden by ")
                                + card.nameOf(over.upper())
                                + "."),
                onTop);
    }
}
