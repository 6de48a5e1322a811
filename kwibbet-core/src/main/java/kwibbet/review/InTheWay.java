package kwibbet.review;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Zone;
import kwibbet.card.feature.Held;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.Ornament;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** What runs under a sleeve meets what stands up there. Common practice, no source. */
record InTheWay() implements Rule {

    @Override
    public String key() {
        return "in-the-way";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join sleeve : card.joins()) {
            List<Piece> running = card.runningUnder(sleeve);
            if (!running.isEmpty()) {
                String what = " under " + card.nameOf(sleeve.upper()) + ", where "
                        + running.stream().map(Piece::name).collect(Collectors.joining(" and "))
                        + (running.size() == 1 ? " runs" : " run") + " against it.";
                under(card, sleeve, card.pieceOf(sleeve.lower()), Placement.SAME, what, findings);
            }
        }
        return findings;
    }

    /** What stands up from a piece under a sleeve, the first of what is set on alike; of what lies on each other that on top which does. */
    private void under(Card card, Join sleeve, Piece piece, Placement onLower, String what, List<Finding> findings) {
        boolean isLower = piece.id().equals(sleeve.lower());
        Set<PieceId> told = new HashSet<>();
        for (Zone zone : piece.zones()) {
            boolean isThere = !isLower || zone.side() == sleeve.side();
            if (isThere && lies(sleeve, zone.outline().in(onLower))) {
                setOn(card, piece, zone, what)
                        .filter(finding -> told.add(zone.owner()))
                        .ifPresent(findings::add);
            }
        }
        for (Join join : card.joinsOn(piece.id())) {
            boolean isThere = !isLower || join.side() == sleeve.side();
            if (isThere && !join.equals(sleeve) && lies(sleeve, join.zone().in(onLower))) {
                int before = findings.size();
                Placement placed = join.placement().within(onLower);
                under(card, sleeve, card.pieceOf(join.upper()), placed, what, findings);
                if (findings.size() == before) {
                    standing(card, join, what).ifPresent(findings::add);
                }
            }
        }
    }

    private static boolean lies(Join sleeve, Outline there) {
        return Overlay.sharedArea(Region.of(sleeve.zone()), Region.of(there)) > Overlay.NOTHING;
    }

    private Optional<Finding> standing(Card card, Join join, String what) {
        Length thick = Thickness.of(card, join);
        return Thickness.isFelt(thick)
                ? Optional.of(finding(
                        Severity.WARNING,
                        join.upper(),
                        card.pieceOf(join.upper()).outline(),
                        words(card, card.nameOf(join.upper()), thick, what),
                        card.design().addition(join.upper()).flatMap(each -> flat(card, each))))
                : Optional.empty();
    }

    private Optional<Finding> setOn(Card card, Piece piece, Zone zone, String what) {
        return zone.use() == Zone.Use.SET_ON && Thickness.isFelt(zone.rise())
                ? card.design()
                        .addition(zone.owner())
                        .map(set -> finding(
                                Severity.WARNING,
                                piece.id(),
                                zone.outline(),
                                words(card, "“" + set.name() + "”", zone.rise(), what),
                                Optional.empty()))
                : Optional.empty();
    }

    private static Phrase.Writer words(Card card, String name, Length thick, String what) {
        return Phrase.in(card.design().system())
                .words(name + " stands up ")
                .length(thick.roundedUpTo(card.materials().trim()).shown())
                .words(what);
    }

    private static Optional<Remedy> flat(Card card, Addition addition) {
        Settings settings = card.design().present(addition);
        Optional<Settings> taped = addition.feature() instanceof Mat
                ? Optional.of(settings.with(Mat.RAISED, Held.FLAT))
                : addition.feature() instanceof Ornament
                        ? Optional.of(settings.with(Ornament.BACKING, Held.FLAT))
                        : Optional.empty();
        return taped.map(
                held -> new Remedy("stick it flat", card.design().settled().with(addition.with(held))));
    }
}
