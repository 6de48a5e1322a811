package kwibbet.benchmark;

import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;

/** A shelf with one paper, of which there is always enough, so that only the work is measured. */
final class Stock {

    static final PaperId ID = new PaperId("stock");
    static final PaperShelf SHELF = new PaperShelf(List.of(new Paper(
            ID,
            "Stock",
            PaperKind.CARD_STOCK,
            new Paper.Format(SheetSizes.TWELVE_SQUARE, MeasureSystem.INCH, Length.ZERO),
            new Paper.Face(Colour.WHITE, Pattern.PLAIN),
            new Paper.Body(Grain.UNKNOWN, 270, Length.ofMillimetres(3, 10)),
            new Paper.Kept(1_000, 0),
            Optional.empty())));

    private Stock() {}
}
