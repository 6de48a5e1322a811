package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** An opening runs over a score, which then has nothing to fold there. */
record CutAcrossFold() implements Rule {

    private static final Length TICK = Length.GRAIN;

    @Override
    public String key() {
        return "cut-across-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Opening opening : piece.openings()) {
                if (piece.scores().stream().map(Score::line).anyMatch(line -> crosses(line, opening.bounds()))) {
                    findings.add(finding(
                            Severity.TROUBLE,
                            piece.id(),
                            opening.outline(),
                            Phrase.in(card.design().system())
                                    .words("The " + opening.name() + " in " + piece.name()
                                            + " runs over a score. Keep it to one panel."),
                            Optional.empty()));
                }
            }
        }
        return findings;
    }

    private static boolean crosses(Segment line, Rect box) {
        boolean upright = line.start().x().equals(line.end().x());
        boolean level = line.start().y().equals(line.end().y());
        if (!upright && !level) {
            return false;
        }
        Rect along = new Outline(List.of(line.start(), line.end(), line.start().plus(TICK, TICK))).bounds();
        return upright
                ? box.left().isShorterThan(line.start().x())
                        && line.start().x().isShorterThan(box.right())
                        && box.top().isShorterThan(along.bottom())
                        && along.top().isShorterThan(box.bottom())
                : box.top().isShorterThan(line.start().y())
                        && line.start().y().isShorterThan(box.bottom())
                        && box.left().isShorterThan(along.right())
                        && along.left().isShorterThan(box.right());
    }
}
