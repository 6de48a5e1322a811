package kwibbet.benchmark;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

import kwibbet.bench.JointPlan;
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
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.feature.Mat;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.cutting.Budget;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldedView;
import kwibbet.formats.fold.FoldReader;
import kwibbet.formats.svg.SvgOptions;
import kwibbet.formats.svg.SvgWriter;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.TableScale;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.tool.Toolbox;

/** What takes longest: an edit of a card with 20 and 60 mats, each on the one below or all on the front, of which 24 are made; six runs cut together; and a
 * crease file of others with nothing assigned. */
public final class ManyLayers {

    private static final int ROUNDS = 7;

    private ManyLayers() {}

    /** Prints the median and the longest of some rounds, each with a size of its own. */
    public static void main(String[] arguments) {
        System.out.printf("%-28s %9s %9s%n", "an edit, ms", "median", "longest");
        for (int mats : new int[] {20, 60}) {
            print(mats + " mats, each on another", mats, true);
            print(mats + " mats, all on the front", mats, false);
        }
        time("six runs cut together, 2 s", round -> together(round));
        time("391 unassigned creases", round -> folded(14, 15));
    }

    private static int together(int round) {
        List<RunLine> lines = IntStream.range(0, 6)
                .mapToObj(each -> line(card(design(3, true, 8 * round + each))))
                .toList();
        return JointPlan.of(
                        lines,
                        Stock.SHELF,
                        Thrift.FEWEST_SHEETS,
                        Toolbox.GENERIC,
                        KnownPlans.NONE,
                        Budget.about(Duration.ofSeconds(2)))
                .run()
                .sheets()
                .sheets();
    }

    /** A slanted map with no fold assigned, as a FOLD file: read, folded and its order found. */
    private static int folded(int across, int down) {
        StringBuilder vertices = new StringBuilder();
        StringBuilder edges = new StringBuilder();
        StringBuilder folds = new StringBuilder();
        for (int y = 0; y <= down; y++) {
            for (int x = 0; x <= across; x++) {
                int here = y * (across + 1) + x;
                vertices.append(vertices.isEmpty() ? "" : ",")
                        .append('[')
                        .append(x + 0.3 * (y % 2))
                        .append(',')
                        .append(y)
                        .append(']');
                if (y < down) {
                    edge(edges, folds, here, here + across + 1, x > 0 && x < across);
                }
                if (x < across) {
                    edge(edges, folds, here, here + 1, y > 0 && y < down);
                }
            }
        }
        String file = "{\"file_spec\":1.1,\"vertices_coords\":[" + vertices + "],\"edges_vertices\":[" + edges
                + "],\"edges_assignment\":[" + folds + "]}";
        FlatFolding folding = FlatFolding.of(FoldReader.read(file).orThrow().pattern());
        return folding instanceof FlatFolding.Folds found
                ? FoldSequence.of(found).steps().size()
                : 0;
    }

    private static void edge(StringBuilder edges, StringBuilder folds, int from, int to, boolean isCrease) {
        edges.append(edges.isEmpty() ? "" : ",")
                .append('[')
                .append(from)
                .append(',')
                .append(to)
                .append(']');
        folds.append(folds.isEmpty() ? "" : ",").append(isCrease ? "\"U\"" : "\"B\"");
    }

    private static void time(String what, IntUnaryOperator work) {
        double[] millis = new double[3];
        for (int round = -1; round < millis.length; round++) {
            long began = System.nanoTime();
            work.applyAsInt(round + 1);
            if (round >= 0) {
                millis[round] = (System.nanoTime() - began) / 1e6;
            }
        }
        Arrays.sort(millis);
        System.out.printf("%-28s %9.0f %9.0f%n", what, millis[1], millis[2]);
    }

    private static void print(String what, int mats, boolean nested) {
        double[] millis = new double[ROUNDS];
        for (int round = -2; round < ROUNDS; round++) {
            long began = System.nanoTime();
            edit(design(mats, nested, round + 2));
            if (round >= 0) {
                millis[round] = (System.nanoTime() - began) / 1e6;
            }
        }
        Arrays.sort(millis);
        System.out.printf("%-28s %9.0f %9.0f%n", what, millis[ROUNDS / 2], millis[ROUNDS - 1]);
    }

    static Design design(int mats, boolean nested, int round) {
        List<Addition> layers = new ArrayList<>();
        Host host = new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER));
        for (int i = 1; i <= mats; i++) {
            PieceId id = new PieceId("mat-" + i);
            Settings settings = Settings.PRESET.with(Mat.BORDER, Length.ofInches(nested ? 1 : i, 32));
            layers.add(new Addition(id, "Mat " + i, new Mat(), host, settings, Map.of("paper", Stock.ID)));
            host = nested ? new Host.OnPiece(id) : host;
        }
        Settings size = Settings.PRESET.with(
                (Parameter.OfLength) new FoldedBase().parameters().get(0), Length.ofInches(5 * 64L + round, 64));
        return Design.of("Measured", MeasureSystem.INCH, new FoldedBase(), size, Stock.ID)
                .withAdditions(layers);
    }

    private static Card card(Design design) {
        return CardMaker.make(design, new Materials(Stock.SHELF, Graduation.SIXTEENTHS))
                .orThrow();
    }

    private static RunLine line(Card card) {
        return new RunLine(card, new Copies(24, 0));
    }

    /** All that an edit waits for, but for the way to the browser: findings and drawings are worked out beside the plan, as the application does. */
    static int edit(Design design) {
        Card card = card(design);
        CompletableFuture<RunPlan> plan = CompletableFuture.supplyAsync(
                () -> RunPlan.of(line(card), Stock.SHELF, Thrift.FEWEST_SHEETS, Toolbox.GENERIC));
        List<Finding> findings = Review.of(card, CardFolding.of(card));
        TableScale scale = TableScale.of(card);
        String flat =
                SvgWriter.write(FlatPicture.of(card, Stock.SHELF, PieceId.BASE, scale, findings), SvgOptions.PICTURE);
        String shut = SvgWriter.write(
                FinishedPicture.onTable(
                        card, Stock.SHELF, FoldedView.of(card, card.form().pose(Pose.SHUT)), scale, findings),
                SvgOptions.PICTURE);
        return flat.length() + shut.length() + plan.join().sheets().sheets();
    }
}
