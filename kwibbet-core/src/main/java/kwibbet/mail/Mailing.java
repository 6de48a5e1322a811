package kwibbet.mail;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Pose;
import kwibbet.card.base.SquareEnvelope;
import kwibbet.card.base.Starts;
import kwibbet.crease.FlatFolding;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldedView;
import kwibbet.fold.Thickness;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Size;

/**
 * How a card is mailed.
 *
 * @param enclosure the shut card
 * @param grams what its paper weighs
 * @param isLumpy whether it is much thicker in one place than in others
 * @param envelopes those that take it: those of the studio, then those that can be bought, of each the smallest first
 * @param square an envelope folded from a square, for a card no other takes
 */
public record Mailing(
        Enclosure enclosure, double grams, boolean isLumpy, List<Envelope> envelopes, SquareEnvelope.Sheet square) {

    /** A machine feels a step higher than that; common practice, no source. */
    private static final Length LUMP = Length.ofInches(1, 16);

    /** Copies the envelopes. */
    public Mailing {
        envelopes = List.copyOf(envelopes);
    }

    /**
     * How a card is mailed; nothing of one that cannot be shut.
     *
     * @param card the card
     * @param folding how it closes
     * @param shelf the papers it is made of
     * @param room what it is mailed with
     */
    public static Optional<Mailing> of(Card card, CardFolding folding, PaperShelf shelf, MailRoom room) {
        if (!(folding.folding() instanceof FlatFolding.Folds folds)) {
            return Optional.empty();
        }
        Thickness thickness = Thickness.of(card, folding.leaves(), folds.places());
        Length thick = thickness.thickest().thick();
        Enclosure enclosure = new Enclosure(FoldedView.extent(card, card.form().pose(Pose.SHUT)), thick);
        return Optional.of(new Mailing(
                enclosure,
                Weight.ofPaper(card, shelf),
                thick.minus(thickness.thinnest().thick()).isLongerThan(LUMP),
                room.envelopes(enclosure),
                enclosure.square(card.design().system())));
    }

    /**
     * An envelope for a card, as a card of its own of the same paper, no smaller than that needs.
     *
     * @param card the card this is the mailing of
     * @param base what it is folded from
     */
    public Design envelope(Card card, Base base) {
        MeasureSystem system = card.design().system();
        return Design.of(
                "Envelope for " + card.design().name(),
                system,
                base,
                Starts.holding(base, enclosure.needs(), system),
                card.base().paper());
    }

    /** The size of the envelope it goes in: the first that takes it, otherwise the folded one. */
    public Size envelope() {
        return envelopes.isEmpty() ? square.envelope() : envelopes.get(0).size();
    }

    /** How thick it is, as near as that is told, never thinner. */
    public Length thick(MeasureSystem system) {
        return enclosure
                .thick()
                .roundedUpTo(new Graduation(
                        system == MeasureSystem.INCH ? Length.ofInches(1, 64) : Length.ofMillimetres(1, 10)))
                .shown();
    }

    /** What it weighs with its envelope. */
    public double gramsInAll() {
        return grams + Weight.ofEnvelope(envelope());
    }

    /** What sending it costs; nothing where no rate takes it. */
    public Optional<Postage.Charge> postage(Postage table) {
        return table.of(new Postage.Item(envelope(), enclosure.thick(), gramsInAll(), false, isLumpy));
    }
}
