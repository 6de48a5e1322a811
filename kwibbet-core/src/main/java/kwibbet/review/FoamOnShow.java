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
            List<Region> over = Looking.joinsOn(card, foam.id()).stream()
                    .map(join -> Region.of(join.zone()))
                    .toList();
            if (isFoam && !Overlay.without(foam.material(), over).isEmpty()) {
                findings.add(Looking.finding(
                        this,
                        Severity.WARNING,
                        foam.id(),
                        foam.outline(),
                        Looking.words(card).words(foam.name() + " sticks out past what lies on it."),
                        Optional.empty()));
            }
        }
        return findings;
    }
}
