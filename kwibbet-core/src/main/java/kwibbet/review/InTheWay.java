package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
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
                underIt(card, sleeve, running, findings);
            }
        }
        return findings;
    }

    private void underIt(Card card, Join sleeve, List<Piece> running, List<Finding> findings) {
        String what = " under " + card.nameOf(sleeve.upper()) + ", where "
                + running.stream().map(Piece::name).collect(Collectors.joining(" and "))
                + (running.size() == 1 ? " runs" : " run") + " against it.";
        for (Join join : card.joinsOn(sleeve.lower())) {
            if (!join.equals(sleeve) && join.side() == sleeve.side() && lies(sleeve, join.zone())) {
                standing(card, join, what).ifPresent(findings::add);
            }
        }
        Piece lower = card.pieceOf(sleeve.lower());
        for (Zone zone : lower.zones()) {
            if (zone.side() == sleeve.side() && lies(sleeve, zone.outline())) {
                setOn(card, lower, zone, what).ifPresent(findings::add);
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
                                words(card, set.name(), zone.rise(), what),
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
