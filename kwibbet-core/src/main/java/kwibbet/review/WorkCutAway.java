package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Opening;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Zone;
import kwibbet.card.feature.Placing;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Surface work that falls out with an opening of its own piece: words stamped where a window will be. */
record WorkCutAway() implements Rule {

    /** Ground is inked in one go and opened afterwards; it is worth a look where hardly any of it is left. */
    private static final double GROUND_LEFT = 0.1;
    /** Less than this of stamped words is their edge. */
    private static final double EDGE = 0.05;

    @Override
    public String key() {
        return "work-cut-away";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Zone zone : piece.zones()) {
                work(card, zone).ifPresent(work -> {
                    double left = left(piece, zone);
                    boolean words = zone.use() == Zone.Use.SET_ON
                            || card.design().present(work).is(SurfaceWork.TECHNIQUE, SurfaceWork.STAMP);
                    if (left < (words ? 1 - EDGE : GROUND_LEFT)) {
                        findings.add(finding(
                                left < EDGE ? Severity.TROUBLE : Severity.WARNING,
                                piece.id(),
                                zone.outline(),
                                Phrase.in(card.design().system())
                                        .words("“" + work.name() + "” on " + piece.name()
                                                + (left < EDGE ? " falls out with" : " is partly cut away by")
                                                + " what is cut out there."),
                                Optional.of(below(card, work))));
                    }
                });
            }
        }
        return findings;
    }

    /** Below what is cut out, where there is room. */
    private static Remedy below(Card card, Addition work) {
        Addition moved = work.with(card.design().present(work).with(Placing.DOWN, Placing.END));
        return new Remedy("do it at the bottom edge", card.design().settled().with(moved));
    }

    private static Optional<Addition> work(Card card, Zone zone) {
        return zone.use() == Zone.Use.SURFACE || zone.use() == Zone.Use.SET_ON
                ? card.design()
                        .addition(zone.owner())
                        .filter(each -> each.feature().parameters().contains((Parameter) Placing.DOWN))
                : Optional.empty();
    }

    /** What share of an area is left once the openings of its piece are cut. */
    private static double left(Piece piece, Zone zone) {
        List<Region> openings = piece.openings().stream()
                .filter(Opening::isLookedThrough)
                .map(opening -> Region.of(opening.outline()))
                .toList();
        return Overlay.without(Region.of(zone.outline()), openings).stream()
                        .mapToDouble(Region::area)
                        .sum()
                / zone.outline().area();
    }
}
