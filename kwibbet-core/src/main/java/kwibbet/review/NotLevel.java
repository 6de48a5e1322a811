package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.feature.Held;
import kwibbet.card.feature.Ornament;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/** What is inlaid lies higher or lower than what it is set into, by its paper or by foam. Common practice, no source. */
record NotLevel() implements Rule {

    /** Less than this is not felt. */
    private static final Length FELT = Length.ofInches(1, 64);

    @Override
    public String key() {
        return "not-level";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join inlaid : card.joins()) {
            card.design()
                    .addition(inlaid.upper())
                    .filter(addition -> addition.feature().parameters().contains(Ornament.SET)
                            && card.design().present(addition).is(Ornament.SET, Ornament.INLAID))
                    .flatMap(addition -> card.setInto(inlaid).flatMap(around -> found(card, addition, inlaid, around)))
                    .ifPresent(findings::add);
        }
        return findings;
    }

    private Optional<Finding> found(Card card, Addition addition, Join inlaid, Join around) {
        Length off = height(card, inlaid).minus(height(card, around));
        if (off.abs().isShorterThan(FELT)) {
            return Optional.empty();
        }
        Piece piece = card.pieceOf(inlaid.upper());
        Remedy alike = new Remedy(
                "hold it as that is held",
                card.design().settled().with(addition.with(held(card.design().present(addition), around.adhesion()))));
        return Optional.of(finding(
                Severity.WARNING,
                piece.id(),
                piece.outline(),
                Phrase.in(card.design().system())
                        .words(piece.name() + " is to lie level with "
                                + card.pieceOf(around.upper()).name() + ", and comes to lie ")
                        .length(off.abs().roundedTo(card.materials().trim()).shown())
                        .words(off.isNegative() ? " lower." : " higher."),
                Optional.of(alike)));
    }

    private static Length height(Card card, Join join) {
        return join.adhesion()
                .height()
                .plus(card.materials().caliper(card.pieceOf(join.upper()).paper()));
    }

    private static Settings held(Settings settings, Adhesion as) {
        if (!as.kind().isRaised()) {
            return settings.with(Ornament.BACKING, Held.FLAT);
        }
        if (as.kind() == Adhesion.Kind.PADS) {
            return settings.with(Ornament.BACKING, Held.ON_PADS).with(Held.FOAM, as.layer());
        }
        return settings.with(Ornament.BACKING, as.layers() > 1 ? Held.ON_DOUBLE_FOAM : Held.ON_FOAM)
                .with(Held.FOAM, as.layer());
    }
}
