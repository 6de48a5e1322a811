package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.feature.Placing;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** Something is stuck over a fold, so that the card cannot open. */
record StuckAcrossFold() implements Rule {

    /** Half the width of a score, in inches. */
    private static final double WIDE = 0.01;
    /** So far from a fold nothing is in its way. */
    private static final Length BESIDE = Length.ofInches(1, 16);

    @Override
    public String key() {
        return "stuck-across-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            if (!join.adhesion().kind().sticks() || card.isOfBase(join.upper())) {
                continue;
            }
            card.panelsOf(join.lower()).stream()
                    .filter(panel -> !panel.id().equals(join.panel()) && moves(card, panel, join.panel()))
                    .filter(panel -> Overlay.overlap(join.zone(), panel.outline()) && isOver(card, join, panel))
                    .findFirst()
                    .ifPresent(panel -> findings.add(finding(card, join, fold(card, join, panel))));
        }
        return findings;
    }

    /** Whether it lies over the score between two panels; past an edge that is cut free it hangs free. */
    private static boolean isOver(Card card, Join join, Panel panel) {
        return Overlay.overlap(join.zone(), strip(fold(card, join, panel)));
    }

    /** The score between the panel something is stuck to and another. */
    private static Segment fold(Card card, Join join, Panel panel) {
        Panel own = card.panelOf(join.panel());
        ScoreId score =
                panel.hanging() instanceof Panel.OnScore hinge && hinge.panel().equals(own.id())
                        ? hinge.score()
                        : ((Panel.OnScore) own.hanging()).score();
        return card.pieceOf(join.lower()).scoreOf(score).line();
    }

    /** A line as an area as wide as the line of a pencil. */
    private static Outline strip(Segment line) {
        double share = WIDE / line.inches();
        Length across = line.end().y().minus(line.start().y()).scaledBy(share);
        Length along = line.end().x().minus(line.start().x()).scaledBy(share);
        return Outline.of(
                line.start().plus(across, along.negated()),
                line.end().plus(across, along.negated()),
                line.end().plus(across.negated(), along),
                line.start().plus(across.negated(), along));
    }

    /** Whether the two panels hang on each other by a score that is folded as the card is opened and shut. */
    private static boolean moves(Card card, Panel panel, PanelId other) {
        return hangs(panel, other)
                || card.panel(other).map(each -> hangs(each, panel.id())).orElse(false);
    }

    private static boolean hangs(Panel panel, PanelId on) {
        return panel.hanging() instanceof Panel.OnScore hinge
                && hinge.panel().equals(on)
                && hinge.degrees().isEmpty();
    }

    private Finding finding(Card card, Join join, Segment fold) {
        return finding(
                Severity.TROUBLE,
                join.upper(),
                card.pieceOf(join.upper()).outline(),
                Phrase.in(card.design().system())
                        .words(card.nameOf(join.upper()) + " is stuck across a fold of " + card.nameOf(join.lower())
                                + ": the card cannot open."),
                isWiderThanItsPanel(card, join, fold) ? offTheFold(card, join, fold) : centred(card, join));
    }

    /** Whether it lies over the fold wherever on its panel it is put, unless it reaches past the far edge. */
    private static boolean isWiderThanItsPanel(Card card, Join join, Segment fold) {
        return across(join.zone().bounds(), fold)
                .isLongerThan(across(card.panelOf(join.panel()).outline().bounds(), fold));
    }

    private static Length across(Rect area, Segment fold) {
        return fold.axis().filter(Axis.HORIZONTAL::equals).isPresent()
                ? area.size().height()
                : area.size().width();
    }

    /** Moved along until it begins beside the fold, as a latch that reaches past the free edge of its flap; only off a fold that runs level or upright. */
    private static Optional<Remedy> offTheFold(Card card, Join join, Segment fold) {
        Panel panel = card.panelOf(join.panel());
        return fold.axis().flatMap(axis -> card.additionOf(join.upper())
                .filter(addition -> addition.feature().parameters().contains((Parameter) Placing.ACROSS))
                .filter(addition -> addition.host() instanceof Host.OnFace)
                .flatMap(addition -> card.face(((Host.OnFace) addition.host()).face())
                        .map(face -> {
                            Rect there = Outline.of(beside(
                                            join.zone().bounds(),
                                            panel.outline().bounds(),
                                            fold,
                                            axis))
                                    .in(Site.frameOn(panel, face).inverse())
                                    .bounds();
                            Settings placed = Placing.placed(card.design().present(addition), there.corner());
                            return new Remedy(
                                    "move it off the fold",
                                    card.design().settled().with(addition.with(placed)));
                        })));
    }

    private static Rect beside(Rect zone, Rect panel, Segment fold, Axis axis) {
        if (axis == Axis.HORIZONTAL) {
            Length at = fold.start().y();
            Length down = panel.middle().y().isLongerThan(at)
                    ? at.plus(BESIDE).minus(zone.top())
                    : at.minus(BESIDE).minus(zone.bottom());
            return zone.plus(Length.ZERO, down);
        }
        Length at = fold.start().x();
        Length right = panel.middle().x().isLongerThan(at)
                ? at.plus(BESIDE).minus(zone.left())
                : at.minus(BESIDE).minus(zone.right());
        return zone.plus(right, Length.ZERO);
    }

    static Optional<Remedy> centred(Card card, Join join) {
        return card.additionOf(join.upper())
                .filter(addition -> addition.feature().parameters().contains((Parameter) Placing.ACROSS))
                .map(addition -> new Remedy("put it in the middle of its panel", middle(card, addition)));
    }

    private static Design middle(Card card, Addition addition) {
        Settings settings = card.design()
                .present(addition)
                .with(Placing.ACROSS, Placing.MIDDLE)
                .with(Placing.DOWN, Placing.MIDDLE);
        return card.design().settled().with(addition.with(settings));
    }
}
