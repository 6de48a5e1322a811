package kwibbet.formats;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.feature.Mat;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
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
    public static final PaperId STOCK = new PaperId("stock");

    public static final Materials MATERIALS = new Materials(shelf(), Graduation.SIXTEENTHS);

    private Samples() {}

    public static Design design(String name) {
        return design(name, "5", "7");
    }

    public static Design design(String name, String width, String height) {
        Addition lower = mat(
                "mat-1",
                "Lower mat",
                new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER)),
                Settings.PRESET.with(Mat.BORDER, Length.ofInches(1, 8)));
        Addition upper = mat(
                "mat-2",
                "Upper <mat> & \"co\"",
                new Host.OnPiece(new PieceId("mat-1")),
                Settings.PRESET
                        .with(Mat.FIT, Mat.BY_SIZE)
                        .with(Mat.WIDTH, Length.ofInches(2))
                        .with(Mat.HEIGHT, Length.ofInches(3)));
        Size size = new Size(Length.parse(width, MeasureSystem.INCH), Length.parse(height, MeasureSystem.INCH));
        return Design.of(name, MeasureSystem.INCH, FOLDED, FOLDED.sized(Settings.PRESET, size), STOCK)
                .withAdditions(List.of(lower, upper));
    }

    private static Addition mat(String id, String name, Host host, Settings settings) {
        return new Addition(new PieceId(id), name, new Mat(), host, settings, Map.of("paper", STOCK));
    }

    public static PaperShelf shelf() {
        return new PaperShelf(List.of(new Paper(
                STOCK,
                "Night blue",
                PaperKind.CARD_STOCK,
                new Paper.Format(SheetSizes.TWELVE_SQUARE, MeasureSystem.INCH, Length.ZERO),
                new Paper.Face(new Colour("#263a63"), Pattern.PLAIN, new Colour("#c0ffee"), Pattern.ONE_WAY),
                new Paper.Body(Grain.UPRIGHT, 270, Length.ofMillimetres(3, 10)),
                new Paper.Kept(60, 0),
                Optional.empty())));
    }

    /** Twenty-four of a card. */
    public static RunLine line(Design design) {
        return new RunLine(CardMaker.make(design, MATERIALS).orThrow(), new Copies(24, 0));
    }

    public static RunPlan plan(Design design) {
        return RunPlan.of(line(design), shelf(), Thrift.FEWEST_SHEETS, Toolbox.GENERIC);
    }
}
