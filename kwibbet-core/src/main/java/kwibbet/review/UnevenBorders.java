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
import kwibbet.shape.Margins;
import kwibbet.wording.Phrase;

/** Two mats on the outside, or two on the inside, or one at its sides and above, have borders that differ by so little that they were meant to match. */
record UnevenBorders() implements Rule {

    private static final Length MEANT = Length.ofInches(1, 16);
    /** Halves can differ by a tick. */
    private static final Length SAME = Length.GRAIN.multipliedBy(2);

    @Override
    public String key() {
        return "uneven-borders";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Bordered> mats = card.design().additions().stream()
                .flatMap(addition -> Bordered.of(card, addition).stream())
                .toList();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < mats.size(); i++) {
            if (nearly(mats.get(i).sides(), mats.get(i).above())) {
                findings.add(inItself(card, mats.get(i)));
            }
            for (int j = i + 1; j < mats.size(); j++) {
                if (mats.get(i).isComparedWith(mats.get(j))
                        && nearly(mats.get(i).sides(), mats.get(j).sides())) {
                    findings.add(finding(card, mats.get(i), mats.get(j)));
                }
            }
        }
        return findings;
    }

    private static boolean nearly(Length one, Length other) {
        Length difference = one.minus(other).abs();
        return difference.isLongerThan(SAME) && !difference.isLongerThan(MEANT);
    }

    /**
     * A mat in the middle of a face, and what shows around it.
     *
     * @param mat the mat
     * @param sides what shows left and right
     * @param above what shows above and below
     */
    private record Bordered(Addition mat, Length sides, Length above) {

        static Optional<Bordered> of(Card card, Addition mat) {
            boolean isOnFace = mat.feature() instanceof Mat
                    && mat.host() instanceof Host.OnFace
                    && mat.settings().count(Mat.STRIPS) == 1
                    && mat.settings().is(Mat.SHAPE, Mat.AS_HOST)
                    && !mat.settings().is(Mat.FIT, Mat.BY_CLEARANCE);
            return isOnFace
                    ? card.join(mat.id())
                            .filter(join -> card.upright(join).degrees() == 0)
                            .map(join -> Margins.of(
                                    join.zone().bounds(), card.hostArea(join).bounds()))
                            .filter(Bordered::isCentred)
                            .map(margins -> new Bordered(mat, margins.left(), margins.top()))
                    : Optional.empty();
        }

        private static boolean isCentred(Margins margins) {
            return !margins.left().minus(margins.right()).abs().isLongerThan(SAME)
                    && !margins.top().minus(margins.bottom()).abs().isLongerThan(SAME);
        }

        boolean isComparedWith(Bordered other) {
            return side() == other.side()
                    && !mat.host().equals(other.mat.host())
                    && !sides.minus(above).abs().isLongerThan(SAME)
                    && !other.sides.minus(other.above).abs().isLongerThan(SAME);
        }

        private Side side() {
            return ((Host.OnFace) mat.host()).face().side();
        }
    }

    private Finding finding(Card card, Bordered one, Bordered other) {
        return finding(
                card,
                other.mat(),
                one.sides(),
                "make both alike",
                Phrase.in(card.design().system())
                        .words("The borders of " + one.mat().name() + ", ")
                        .length(one.sides())
                        .words(", and of " + other.mat().name() + ", ")
                        .length(other.sides())
                        .words(", nearly match."));
    }

    private Finding inItself(Card card, Bordered mat) {
        return finding(
                card,
                mat.mat(),
                Length.max(mat.sides(), mat.above()),
                "make it the same all round",
                Phrase.in(card.design().system())
                        .words("The border of " + mat.mat().name() + " is ")
                        .length(mat.sides())
                        .words(" at the sides and ")
                        .length(mat.above())
                        .words(" above and below, which nearly match."));
    }

    private Finding finding(Card card, Addition mat, Length border, String words, Phrase.Writer sentence) {
        Piece piece = card.piece(mat.id()).orElse(card.base());
        Settings settings =
                card.design().present(mat).with(Mat.FIT, Mat.BY_BORDER).with(Mat.BORDER, border);
        return finding(
                Severity.NOTE,
                piece.id(),
                piece.outline(),
                sentence,
                Optional.of(new Remedy(words, card.design().settled().with(mat.with(settings)))));
    }
}
