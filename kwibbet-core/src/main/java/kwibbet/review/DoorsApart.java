package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Panel;
import kwibbet.card.PieceId;
import kwibbet.card.ShutFold;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Two doors on one middle leave a gap or overlap when they are shut; says which, and by how much. */
record DoorsApart() implements Rule {

    @Override
    public String key() {
        return "doors-apart";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        Design design = card.design();
        Optional<Base.WayOut> meeting = design.base().withMeetingDoors(design.present());
        if (meeting.isEmpty()) {
            return findings;
        }
        ShutFold shut = card.shut();
        List<Panel> doors = card.panelsOf(PieceId.BASE).stream()
                .filter(panel -> panel.hanging() instanceof Panel.OnScore)
                .toList();
        Rect one = doors.get(0).outline().in(shut.of(doors.get(0).id())).bounds();
        Rect other = doors.get(1).outline().in(shut.of(doors.get(1).id())).bounds();
        Length gap = Length.max(
                Length.max(one.left(), other.left()).minus(Length.min(one.right(), other.right())),
                Length.max(one.top(), other.top()).minus(Length.min(one.bottom(), other.bottom())));
        if (gap.abs().isLongerThan(Length.GRAIN.multipliedBy(2))) {
            findings.add(finding(
                    Severity.NOTE,
                    PieceId.BASE,
                    doors.get(1).outline(),
                    Phrase.in(card.design().system())
                            .words(gap.isPositive() ? "Shut, the doors leave a gap of " : "Shut, the doors overlap by ")
                            .length(gap.abs())
                            .words("."),
                    meeting.map(way -> Remedy.of(design, way))));
        }
        return findings;
    }
}
