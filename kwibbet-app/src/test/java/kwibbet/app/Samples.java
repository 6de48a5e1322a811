package kwibbet.app;

import java.util.Optional;

import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Settings;
import kwibbet.card.base.FoldedBase;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.run.CardRun;

/** The plain card of the tests: 5 × 7, folded at the side, no layers, three of them. */
public final class Samples {

    private Samples() {}

    public static Design design(String name) {
        return Design.of(name, MeasureSystem.INCH, new FoldedBase(), Settings.PRESET, new PaperId("stock"));
    }

    /** Three of it. */
    public static CardRun run(String name) {
        return run(design(name));
    }

    /** Three of a design. */
    public static CardRun run(Design design) {
        return new CardRun(design, new Copies(3, 0), Thrift.FEWEST_SHEETS);
    }

    /** Card stock in 12 × 12: ten sheets, 0.25 each. */
    public static Paper paper(String id, String name, Length caliper) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.CARD_STOCK,
                new Paper.Format(SheetSizes.TWELVE_SQUARE, MeasureSystem.INCH, Length.ZERO),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN, new Colour("#c0ffee"), Pattern.ANY_WAY),
                new Paper.Body(Grain.UNKNOWN, 270, caliper),
                new Paper.Kept(10, 25),
                Optional.empty());
    }
}
