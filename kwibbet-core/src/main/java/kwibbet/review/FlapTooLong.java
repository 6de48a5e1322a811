package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Panel;
import kwibbet.card.PieceId;
import kwibbet.card.ShutFold;
import kwibbet.card.base.RollFold;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/**
 * A panel that ends up inside a fold reaches too far into it: the shut card springs open or the flap fouls.
 *
 * <p>When all is shut, what lies between the two panels of a fold must stay off the crease by two calipers for each panel wrapped
 * there; see {@link RollFold}. A flap that covers less than half of what it wraps gives way and is let be.
 */
record FlapTooLong() implements Rule {

    @Override
    public String key() {
        return "flap-too-long";
    }

    @Override
    public List<Finding> check(Card card) {
        ShutFold shut = card.shut();
        List<Panel> panels = card.panelsOf(PieceId.BASE);
        List<Finding> findings = new ArrayList<>();
        for (Panel panel : panels) {
            if (panel.hanging() instanceof Panel.OnScore hinge && shut.level(panel.id()) != shut.level(hinge.panel())) {
                List<Panel> wrapped = panels.stream()
                        .filter(other ->
                                isBetween(shut.level(other.id()), shut.level(panel.id()), shut.level(hinge.panel())))
                        .toList();
                wrapped.stream()
                        .filter(inner ->
                                panel.outline().area() * 2 > inner.outline().area())
                        .filter(inner -> fouls(card, shut, panel, hinge, inner, wrapped.size()))
                        .findFirst()
                        .ifPresent(inner -> findings.add(finding(card, inner)));
            }
        }
        return findings;
    }

    private static boolean isBetween(int level, int one, int other) {
        return level > Math.min(one, other) && level < Math.max(one, other);
    }

    private static boolean fouls(Card card, ShutFold shut, Panel panel, Panel.OnScore hinge, Panel inner, int wrapped) {
        Segment score = card.base().scoreOf(hinge.score()).line();
        Segment crease = shut.of(panel.id()).apply(score);
        Length needed = card.materials().caliper(card.base().paper()).multipliedBy(2L * wrapped);
        Optional<Axis> axis = crease.axis();
        if (axis.isEmpty()) {
            return false;
        }
        return inner.outline().in(shut.of(inner.id())).corners().stream()
                .map(corner -> distance(corner, crease, axis.get()))
                .reduce(Length::min)
                .filter(nearest -> nearest.isShorterThan(needed))
                .isPresent();
    }

    private static Length distance(Point corner, Segment crease, Axis axis) {
        return axis == Axis.VERTICAL
                ? corner.x().minus(crease.start().x()).abs()
                : corner.y().minus(crease.start().y()).abs();
    }

    private Finding finding(Card card, Panel inner) {
        return finding(
                Severity.WARNING,
                PieceId.BASE,
                inner.outline(),
                Phrase.in(card.design().system())
                        .words(
                                "“" + card.nameOf(inner)
                                        + "” ends up inside a fold and reaches too far into it: the shut card springs. Make it shorter by ")
                        .length(relief(card))
                        .words("."),
                remedy(card, inner));
    }

    private static Length relief(Card card) {
        return card.materials()
                .caliper(card.base().paper())
                .multipliedBy(2)
                .roundedUpTo(card.materials().trim())
                .shown();
    }

    private static Optional<Remedy> remedy(Card card, Panel inner) {
        Design design = card.design();
        return design.base()
                .withShorterPanel(design.present(), inner.id(), relief(card))
                .map(way -> Remedy.of(design, way));
    }
}
