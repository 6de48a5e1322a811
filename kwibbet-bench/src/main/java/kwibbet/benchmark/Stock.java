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
            SheetSizes.TWELVE_SQUARE,
            MeasureSystem.INCH,
            Colour.WHITE,
            Pattern.PLAIN,
            Grain.UNKNOWN,
            270,
            Length.ofMillimetres(3, 10),
            1_000,
            0,
            Length.ZERO,
            Optional.empty())));

    private Stock() {}
}
