package kwibbet.app;

import java.util.Optional;

import kwibbet.card.Design;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.FoldedBase;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;

/** The plain card of the tests: 5 × 7, folded at the side, no layers, three of them. */
public final class Samples {

    private Samples() {}

    public static Design design(String name) {
        return Design.of(name, MeasureSystem.INCH, new FoldedBase(), Settings.PRESET, new PaperId("stock"))
                .withRun(new Run(3, 0));
    }

    /** Card stock in 12 × 12: ten sheets, 0.25 each. */
    public static Paper paper(String id, String name, Length caliper) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.CARD_STOCK,
                SheetSizes.TWELVE_SQUARE,
                MeasureSystem.INCH,
                Colour.WHITE,
                Pattern.PLAIN,
                Grain.UNKNOWN,
                270,
                caliper,
                10,
                25,
                Length.ZERO,
                Optional.empty());
    }
}
