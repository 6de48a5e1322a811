package kwibbet.app.fold;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.CardSize;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.PieceId;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.drawing.Drawing;
import kwibbet.fold.CardFolding;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.PiecePicture;

/**
 * A crease pattern to try without a file at hand: the sheet of one of our bases.
 *
 * @param key names it in addresses
 * @param title what it is called
 */
public record OurPattern(String key, String title) {

    /** One that goes to and fro, one that rolls up, and one whose last flap is tucked. */
    public static final List<OurPattern> ALL = List.of(
            new OurPattern("zigzag", "To and fro"),
            new OurPattern("roll", "Rolled up"),
            new OurPattern("pinwheel", "A ring with a tuck"));

    static Optional<OurPattern> find(String key) {
        return ALL.stream().filter(each -> each.key.equals(key)).findFirst();
    }

    /** Its creases, drawn. */
    public Drawing picture() {
        Card card = card();
        return PiecePicture.chip(card, card.pieceOf(PieceId.BASE), new PaperShelf(List.of()));
    }

    /** Its creases as FOLD. */
    String fold() {
        return CardFoldFile.of(title, CardFolding.of(card()));
    }

    private Card card() {
        Base base = Bases.find(key).orElseThrow(() -> new IllegalStateException("no base is called " + key));
        CardSize size = CardSize.usual(MeasureSystem.INCH);
        Design design = Design.of(
                title,
                MeasureSystem.INCH,
                base,
                Starts.sized(base, base.usual(MeasureSystem.INCH).orElse(size.size()), MeasureSystem.INCH),
                PaperId.NONE);
        return CardMaker.make(design, Materials.USUAL).orThrow();
    }
}
