package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Length;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperKind;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Foam sticks out past what lies on it, or is as large as that, so that it is seen from the side. */
record FoamOnShow() implements Rule {

    /** How much smaller it is cut then. */
    private static final Length SMALLER = Length.ofInches(1, 8);

    /** Nearer to the edge than this, it is seen from the side. */
    private static final Length SEEN = Length.ofInches(1, 32);

    @Override
    public String key() {
        return "foam-on-show";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece foam : card.pieces()) {
            boolean isFoam = card.materials()
                    .shelf()
                    .find(foam.paper())
                    .map(Paper::kind)
                    .filter(PaperKind.FOAM::equals)
                    .isPresent();
            if (!isFoam) {
                continue;
            }
            List<Join> on = card.joinsOn(foam.id());
            List<Region> over = on.stream().map(join -> Region.of(join.zone())).toList();
            on.stream()
                    .filter(join -> isAsLarge(card, foam, join))
                    .findFirst()
                    .ifPresent(join -> findings.add(asLarge(card, foam, join)));
            if (!Overlay.without(foam.material(), over).isEmpty()) {
                findings.add(finding(
                        Severity.WARNING,
                        foam.id(),
                        foam.outline(),
                        Phrase.in(card.design().system()).words(foam.name() + " sticks out past what lies on it."),
                        Optional.empty()));
            }
        }
        return findings;
    }

    /** Foam cut by the die of what lies on it, as part of it, is meant to be as large. */
    private static boolean isAsLarge(Card card, Piece foam, Join on) {
        Margins margins = Margins.of(foam.outline().bounds(), on.zone().bounds());
        return !card.additionOf(on.upper()).equals(card.additionOf(foam.id()))
                && Stream.of(margins.left(), margins.top(), margins.right(), margins.bottom())
                        .allMatch(margin -> !margin.isNegative() && margin.isShorterThan(SEEN));
    }

    private Finding asLarge(Card card, Piece foam, Join on) {
        return finding(
                Severity.NOTE,
                foam.id(),
                foam.outline(),
                Phrase.in(card.design().system())
                        .words(foam.name() + " is as large as " + card.nameOf(on.upper())
                                + " on it: it is seen from the side. Foam ")
                        .length(SMALLER)
                        .words(" smaller all round is not."),
                card.additionOf(foam.id())
                        .filter(mat -> mat.feature() instanceof Mat)
                        .map(mat -> new Remedy(
                                "cut it smaller",
                                card.design()
                                        .settled()
                                        .with(mat.with(smaller(card.design().present(mat)))))));
    }

    private static Settings smaller(Settings mat) {
        Length both = SMALLER.multipliedBy(2);
        return mat.is(Mat.FIT, Mat.BY_BORDER)
                ? mat.with(Mat.BORDER, mat.length(Mat.BORDER).plus(SMALLER))
                : mat.with(Mat.WIDTH, mat.length(Mat.WIDTH).minus(both))
                        .with(Mat.HEIGHT, mat.length(Mat.HEIGHT).minus(both));
    }
}
