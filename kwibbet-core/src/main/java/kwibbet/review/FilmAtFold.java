package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** Film reaches the fold of what it is stuck to, pushes into it and bulges. */
record FilmAtFold() implements Rule {

    private static final Length TOO_NEAR = Length.ofInches(1, 32);

    @Override
    public String key() {
        return "film-at-fold";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            Piece lower = card.pieceOf(join.lower());
            Rect film = join.zone().bounds();
            boolean near = card.isClear(join.upper())
                    && lower.scores().stream().map(Score::line).anyMatch(line -> isNear(line, film));
            if (near) {
                findings.add(finding(
                        Severity.WARNING,
                        join.upper(),
                        card.pieceOf(join.upper()).outline(),
                        Phrase.in(card.design().system())
                                .words(card.nameOf(join.upper())
                                        + " reaches the fold and will bulge. Make it shorter by ")
                                .length(Length.ofInches(1, 16))
                                .words("."),
                        shorter(card)));
            }
        }
        return findings;
    }

    private static boolean isNear(Segment line, Rect film) {
        if (line.axis().isEmpty()) {
            return false;
        }
        boolean upright = line.axis().get() == Axis.VERTICAL;
        Length at = upright ? line.start().x() : line.start().y();
        Length first = upright ? film.left() : film.top();
        Length last = upright ? film.right() : film.bottom();
        Length nearest = Length.min(at.minus(first).abs(), at.minus(last).abs());
        boolean over = first.isShorterThan(at) && at.isShorterThan(last);
        return over || nearest.isShorterThan(TOO_NEAR);
    }

    private static Optional<Remedy> shorter(Card card) {
        Design design = card.design();
        return design.base()
                .withShorterFilm(design.present(), Length.ofInches(1, 16))
                .map(way -> Remedy.of(design, way));
    }
}
