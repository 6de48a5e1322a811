package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperKind;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Foam sticks out past what lies on it. */
record FoamOnShow() implements Rule {

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
            List<Region> over = card.joinsOn(foam.id()).stream()
                    .map(join -> Region.of(join.zone()))
                    .toList();
            if (isFoam && !Overlay.without(foam.material(), over).isEmpty()) {
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
}
