package kwibbet;

import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Fit;
import kwibbet.card.Host;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.FoldedBase;
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
import kwibbet.shape.Size;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** Short words for the tests of this module: lengths as they are typed, one paper, one card. */
public final class Inches {

    public static final PaperId STOCK = new PaperId("stock");
    public static final FoldedBase FOLDED = new FoldedBase();
    public static final Toolbox TOOLS = new Toolbox(
            new Trimmer("trimmer", in("12"), Graduation.SIXTEENTHS, 2),
            new ScoringBoard("board", in("12"), Graduation.EIGHTHS));

    private Inches() {}

    public static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    public static Size size(String width, String height) {
        return new Size(in(width), in(height));
    }

    public static Settings folded(String width, String height) {
        return FOLDED.sized(Settings.PRESET, size(width, height));
    }

    public static Design design(Settings settings, int make, Layer... layers) {
        return new Design(
                "Test card", MeasureSystem.INCH, FOLDED, settings, STOCK, false, List.of(layers), new Run(make, 0));
    }

    public static Card card(Settings settings, int make, Layer... layers) {
        return CardMaker.make(design(settings, make, layers)).orThrow();
    }

    public static Layer mat(String id, Host host, Fit fit) {
        return new Layer(new PieceId(id), id, host, fit, STOCK);
    }

    public static Host front() {
        return new Host.OnFace("front-outside");
    }

    public static Fit border(String border) {
        return new Fit.ByBorder(in(border));
    }

    public static Paper paper(Size sheet) {
        return paper(sheet, Pattern.PLAIN, Grain.UNKNOWN);
    }

    public static Paper paper(Size sheet, Pattern pattern, Grain grain) {
        return new Paper(
                STOCK,
                "Stock",
                PaperKind.CARD_STOCK,
                sheet,
                MeasureSystem.INCH,
                Colour.WHITE,
                pattern,
                grain,
                270,
                in("1/64"),
                100);
    }

    public static PaperShelf shelf(Paper... papers) {
        return new PaperShelf(List.of(papers));
    }
}
