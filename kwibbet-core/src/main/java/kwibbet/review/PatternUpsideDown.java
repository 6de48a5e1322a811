package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Face;
import kwibbet.card.Panel;
import kwibbet.paper.Paper;
import kwibbet.paper.Pattern;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** A pattern with an up stands on its head on a panel once that is folded. */
record PatternUpsideDown() implements Rule {

    @Override
    public String key() {
        return "pattern-upside-down";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        Optional<Paper> paper = card.materials().shelf().find(card.base().paper());
        if (paper.filter(each -> each.face().hasUp()).isEmpty()) {
            return findings;
        }
        Paper.Face faces = paper.get().face();
        for (Face face : card.form().faces()) {
            Optional<Panel> panel = card.panel(face.panel());
            boolean onBase =
                    panel.filter(each -> each.piece().equals(card.base().id())).isPresent();
            Pattern pattern = face.side() == card.base().chosen() ? faces.pattern() : faces.otherPattern();
            if (onBase && pattern == Pattern.ONE_WAY && face.upright() == 180) {
                findings.add(finding(
                        Severity.WARNING,
                        card.base().id(),
                        panel.get().outline(),
                        Phrase.in(card.design().system())
                                .words("The pattern of " + paper.get().name()
                                        + " has an up. Folded, it stands on its head on the " + face.title()
                                        + ". Cover it, or take a paper without an up."),
                        Optional.empty()));
            }
        }
        return findings;
    }
}
