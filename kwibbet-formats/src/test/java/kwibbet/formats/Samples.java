package kwibbet.formats;

import java.util.List;

import kwibbet.bench.RunPlan;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Fit;
import kwibbet.card.Host;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
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
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;

/** The card of the tests: 5 × 7, folded at the side, two mats on the front, 24 of them from 12 × 12. */
public final class Samples {

    private static final FoldedBase FOLDED = new FoldedBase();
    private static final PaperId STOCK = new PaperId("stock");

    private Samples() {}

    public static Design design(String name) {
        return design(name, "5", "7");
    }

    public static Design design(String name, String width, String height) {
        Layer lower = new Layer(
                new PieceId("mat-1"),
                "Lower mat",
                new Host.OnFace("front-outside"),
                new Fit.ByBorder(Length.ofInches(1, 8)),
                STOCK);
        Layer upper = new Layer(
                new PieceId("mat-2"),
                "Upper <mat> & \"co\"",
                new Host.OnLayer(new PieceId("mat-1")),
                new Fit.BySize(new Size(Length.ofInches(2), Length.ofInches(3))),
                STOCK);
        Size size = new Size(Length.parse(width, MeasureSystem.INCH), Length.parse(height, MeasureSystem.INCH));
        return new Design(
                name,
                MeasureSystem.INCH,
                FOLDED,
                FOLDED.sized(Settings.PRESET, size),
                STOCK,
                false,
                List.of(lower, upper),
                new Run(24, 0));
    }

    public static PaperShelf shelf() {
        return new PaperShelf(List.of(new Paper(
                STOCK,
                "Night blue",
                PaperKind.CARD_STOCK,
                SheetSizes.TWELVE_SQUARE,
                MeasureSystem.INCH,
                new Colour("#263a63"),
                Pattern.PLAIN,
                Grain.UPRIGHT,
                270,
                Length.ofMillimetres(3, 10),
                60)));
    }

    public static RunPlan plan(Design design) {
        return RunPlan.of(CardMaker.make(design).orThrow(), shelf(), Toolbox.GENERIC);
    }
}
