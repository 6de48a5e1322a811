package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.feature.Mat;
import kwibbet.formats.pdf.Handout;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.formats.svg.SvgOptions;
import kwibbet.formats.svg.SvgWriter;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.TableScale;
import kwibbet.tool.Toolbox;

/** What one edit of a card costs, part by part: a 5 × 7 card with mats, all of them from one 12 × 12 paper. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RunBenchmark {

    /** Mats stacked on the front, each 1/8 in smaller all round than the one below. */
    @Param({"2", "8"})
    public int mats;

    /** How many cards are made. */
    @Param({"24", "1000"})
    public int cards;

    private Design design;
    private Card card;
    private RunPlan plan;

    /** Makes the card once. */
    @Setup
    public void setUp() {
        List<Addition> layers = new ArrayList<>();
        Host host = new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER));
        for (int i = 1; i <= mats; i++) {
            PieceId id = new PieceId("mat-" + i);
            layers.add(new Addition(id, "Mat " + i, new Mat(), host, Settings.PRESET, Map.of("paper", Stock.ID)));
            host = new Host.OnPiece(id);
        }
        design = Design.of("Measured", MeasureSystem.INCH, new FoldedBase(), Settings.PRESET, Stock.ID)
                .withAdditions(layers);
        card = make();
        plan = plan();
        System.out.printf(
                "%n%d mats, %d cards: %d sheets, %s%n",
                mats,
                cards,
                plan.sheets().sheets(),
                plan.sheets().isProven()
                        ? "proven fewest"
                        : "at least " + plan.sheets().papers().get(0).atLeast());
    }

    /** From the design to its pieces. */
    @Benchmark
    public Card make() {
        return CardMaker.make(design, new Materials(Stock.SHELF, Graduation.SIXTEENTHS))
                .orThrow();
    }

    /** From the card to its sheets and steps. */
    @Benchmark
    public RunPlan plan() {
        return RunPlan.of(new RunLine(card, new Copies(cards, 0)), Stock.SHELF, Thrift.FEWEST_SHEETS, Toolbox.GENERIC);
    }

    /** Both drawings of the table, as SVG. */
    @Benchmark
    public int draw() {
        TableScale scale = TableScale.of(card);
        String flat = SvgWriter.write(FlatPicture.of(card, Stock.SHELF, PieceId.BASE, scale), SvgOptions.PICTURE);
        String shut = SvgWriter.write(
                FinishedPicture.onTable(card, Stock.SHELF, card.form().pose(Pose.SHUT), scale), SvgOptions.PICTURE);
        return flat.length() + shut.length();
    }

    /** The whole handout, as PDF. */
    @Benchmark
    public byte[] print() {
        return Handout.write(plan, PageFormat.LETTER);
    }
}
