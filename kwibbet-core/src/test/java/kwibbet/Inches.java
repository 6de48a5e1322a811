package kwibbet;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Craft;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.Press;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** Short words for the tests of this module: lengths as they are typed, one paper, one card. */
public final class Inches {

    public static final PaperId STOCK = new PaperId("stock");
    public static final FoldedBase FOLDED = new FoldedBase();
    public static final Toolbox TOOLS = new Toolbox(
            trimmer(2, in("1/8"), Trimmer.Slits.INSIDE),
            new ScoringBoard("board", in("12"), Grooves.every(in("1/8"), in("12")), ScoringBoard.Plate.AT_45),
            new Press(in("6"), in("9"), 2),
            List.of(),
            Hand.RIGHT);

    private Inches() {}

    /** A trimmer of 12 inches in sixteenths that holds any strip. */
    public static Trimmer trimmer(int sheetsAtOnce, Length thickest, Trimmer.Slits slits) {
        return new Trimmer(
                "trimmer",
                new Trimmer.Reach(in("12"), Length.ZERO),
                Graduation.SIXTEENTHS,
                new Trimmer.Stack(sheetsAtOnce, thickest),
                slits);
    }

    public static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    public static Size size(String width, String height) {
        return new Size(in(width), in(height));
    }

    public static final Materials MATERIALS =
            new Materials(new PaperShelf(List.of(paper(size("12", "12")))), Graduation.SIXTEENTHS);

    /** A plain die that is there so often, its metal 1/16 wide; named after its shape and size. */
    public static Die die(CutShape shape, int onHand) {
        String name = shape.words() + " " + shape.size().width() + " × "
                + shape.size().height();
        return new Die(new DieId(name), name, shape, in("1/16"), Die.Detail.PLAIN, Sides.STRAIGHT, "", onHand);
    }

    /** A plain die of which there is one. */
    public static Die die(CutShape.Kind kind, String width, String height) {
        return die(new CutShape(kind, size(width, height)), 1);
    }

    public static Toolbox withPress(Toolbox tools, Press press) {
        return new Toolbox(tools.trimmer(), tools.board(), press, tools.dies(), tools.hand());
    }

    public static Settings folded(String width, String height) {
        return FOLDED.sized(Settings.PRESET, size(width, height));
    }

    public static Design design(Settings settings, Addition... additions) {
        return Design.of("Test card", MeasureSystem.INCH, FOLDED, settings, STOCK)
                .withAdditions(List.of(additions));
    }

    public static Card card(Settings settings, Addition... additions) {
        return make(design(settings, additions)).orThrow();
    }

    /** So many of a folded card. */
    public static RunLine line(Settings settings, int make, Addition... additions) {
        return line(card(settings, additions), make);
    }

    /** So many of a card, without spares. */
    public static RunLine line(Card card, int make) {
        return new RunLine(card, new Copies(make, 0));
    }

    /** So many of a card that can be made. */
    public static RunLine line(Design design, int make) {
        return line(make(design).orThrow(), make);
    }

    public static Outcome<Card> make(Design design) {
        return CardMaker.make(design, MATERIALS);
    }

    /** A base at a size, the rest grown with it, and parameters by pairs of key and value. */
    public static Design base(String key, String width, String height, String... pairs) {
        Base base = Bases.find(key).orElseThrow();
        Settings settings = Starts.sized(base, size(width, height), MeasureSystem.INCH);
        return Design.of("Test card", MeasureSystem.INCH, base, set(base, settings, pairs), STOCK);
    }

    /** A feature on a face or a piece, with parameters by pairs of key and value. */
    public static Addition add(String feature, String id, Host host, String... pairs) {
        Feature found = Features.find(feature).orElseThrow();
        return new Addition(new PieceId(id), id, found, host, set(found, Settings.PRESET, pairs), Map.of());
    }

    public static Host on(String host) {
        return FaceId.parse(host).<Host>map(Host.OnFace::new).orElseGet(() -> new Host.OnPiece(new PieceId(host)));
    }

    public static Settings set(Craft craft, Settings settings, String... pairs) {
        Settings all = settings;
        for (int i = 0; i < pairs.length; i += 2) {
            String key = pairs[i];
            Parameter parameter = craft.parameters().stream()
                    .filter(each -> each.key().equals(key))
                    .findFirst()
                    .orElseThrow();
            String value = pairs[i + 1];
            if (parameter instanceof Parameter.OfLength length) {
                all = all.with(length, in(value));
            } else if (parameter instanceof Parameter.OfCount count) {
                all = all.with(count, Integer.parseInt(value));
            } else {
                all = all.with((Parameter.OfChoice) parameter, value);
            }
        }
        return all;
    }

    public static Addition mat(String id, Host host, Settings fit) {
        return new Addition(new PieceId(id), id, new Mat(), host, fit, Map.of("paper", STOCK));
    }

    public static Host front() {
        return on("front-outside");
    }

    public static Settings border(String border) {
        return Settings.PRESET.with(Mat.BORDER, in(border));
    }

    public static Settings fixed(String width, String height) {
        return Settings.PRESET
                .with(Mat.FIT, Mat.BY_SIZE)
                .with(Mat.WIDTH, in(width))
                .with(Mat.HEIGHT, in(height));
    }

    public static Paper paper(Size sheet) {
        return paper(sheet, Pattern.PLAIN, Grain.UNKNOWN);
    }

    public static Paper paper(Size sheet, Pattern pattern, Grain grain) {
        return paper(STOCK, sheet, pattern, grain);
    }

    public static Paper paper(PaperId id, Size sheet) {
        return paper(id, sheet, Pattern.PLAIN, Grain.UNKNOWN);
    }

    private static Paper paper(PaperId id, Size sheet, Pattern pattern, Grain grain) {
        return new Paper(
                id,
                "Stock",
                PaperKind.CARD_STOCK,
                new Paper.Format(sheet, MeasureSystem.INCH, Length.ZERO),
                new Paper.Face(Colour.WHITE, pattern),
                new Paper.Body(grain, 270, in("1/64")),
                new Paper.Kept(100, 0),
                Optional.empty());
    }

    /** Another size of a paper. */
    public static Paper sizeOf(Paper other, PaperId id, Size sheet, int onHand) {
        return new Paper(
                id,
                other.name(),
                other.kind(),
                new Paper.Format(sheet, other.system(), other.margin()),
                new Paper.Face(other.colour(), other.pattern()),
                new Paper.Body(other.grain(), other.gramsPerSquareMetre(), other.caliper()),
                new Paper.Kept(onHand, other.cents()),
                Optional.of(other.id()));
    }

    public static PaperShelf shelf(Paper... papers) {
        return new PaperShelf(List.of(papers));
    }
}
