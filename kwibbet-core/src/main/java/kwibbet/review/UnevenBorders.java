package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** Two mats on the outside, or two on the inside, have borders that differ by so little that they were meant to match. */
record UnevenBorders() implements Rule {

    private static final Length MEANT = Length.ofInches(1, 16);

    @Override
    public String key() {
        return "uneven-borders";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Addition> mats = card.design().additions().stream()
                .filter(UnevenBorders::isOnFaceByBorder)
                .toList();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < mats.size(); i++) {
            for (int j = i + 1; j < mats.size(); j++) {
                Length difference =
                        border(mats.get(i)).minus(border(mats.get(j))).abs();
                boolean meant = difference.isZero() || difference.isLongerThan(MEANT);
                boolean compared = side(mats.get(i)) == side(mats.get(j))
                        && !mats.get(i).host().equals(mats.get(j).host());
                if (!meant && compared) {
                    findings.add(finding(card, mats.get(i), mats.get(j)));
                }
            }
        }
        return findings;
    }

    private static boolean isOnFaceByBorder(Addition addition) {
        return addition.feature() instanceof Mat
                && addition.host() instanceof Host.OnFace
                && addition.settings().is(Mat.FIT, Mat.BY_BORDER);
    }

    private static Length border(Addition mat) {
        return mat.settings().length(Mat.BORDER);
    }

    private static Side side(Addition mat) {
        return ((Host.OnFace) mat.host()).face().side();
    }

    private Finding finding(Card card, Addition one, Addition other) {
        Piece piece = card.piece(other.id()).orElse(card.base());
        Settings settings = card.design().present(other).with(Mat.BORDER, border(one));
        return finding(
                Severity.NOTE,
                piece.id(),
                piece.outline(),
                Phrase.in(card.design().system())
                        .words("The borders of " + one.name() + ", ")
                        .length(border(one))
                        .words(", and of " + other.name() + ", ")
                        .length(border(other))
                        .words(", nearly match."),
                Optional.of(
                        new Remedy("make both alike", card.design().settled().with(other.with(settings)))));
    }
}
