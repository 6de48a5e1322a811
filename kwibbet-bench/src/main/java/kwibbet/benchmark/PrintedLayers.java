package kwibbet.benchmark;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntUnaryOperator;

import javax.imageio.ImageIO;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
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
import kwibbet.card.feature.PrintedPicture;
import kwibbet.formats.pdf.PrintPages;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.PrintedSheet;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;

/** Forty layers of different sizes, on two cards, with a picture of six million dots, five of each, set on the printer's sheets. */
public final class PrintedLayers {

    private static final int ROUNDS = 5;
    private static final int LAYERS = 40;
    private static final int COPIES = 5;
    private static final Artwork PICTURE =
            new Artwork(new ArtworkId("bench"), "bench", 3000, 2000, new Colour("#808080"));

    private PrintedLayers() {}

    /** Prints the median and the longest of some rounds. */
    public static void main(String[] arguments) {
        byte[] dots = dots();
        System.out.printf("%-52s %9s %9s%n", "ms", "median", "longest");
        time("40 printed layers planned and set on sheets", round -> PrintedSheet.of(plan(round))
                .size());
        SheetPlan plan = plan(0);
        time("of that, set on sheets", round -> PrintedSheet.of(plan).size());
        time("their PDF", round -> PrintPages.of(PrintedSheet.of(plan), id -> Optional.of(dots)).length);
    }

    private static SheetPlan plan(int round) {
        List<RunLine> lines = List.of(line(0, round), line(LAYERS / 2, round));
        return RunPlan.of(lines, Stock.SHELF, Thrift.FEWEST_SHEETS, Toolbox.GENERIC, KnownPlans.NONE)
                .sheets();
    }

    /** A card with half of them. */
    private static RunLine line(int first, int round) {
        Size size = new Size(Length.ofInches(6), Length.ofInches(6));
        List<Addition> all = new ArrayList<>();
        Host front = new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER));
        for (int i = first; i < first + LAYERS / 2; i++) {
            Settings fit = Settings.PRESET
                    .with(Mat.FIT, Mat.BY_SIZE)
                    .with(Mat.WIDTH, Length.ofInches(12 + i % 8 * 3 + round, 8))
                    .with(Mat.HEIGHT, Length.ofInches(16 + i, 16));
            PieceId mat = new PieceId("mat-" + (i + 1));
            all.add(new Addition(mat, "Mat " + (i + 1), new Mat(), front, fit, Map.of("paper", Stock.ID)));
            all.add(new Addition(
                    new PieceId("print-" + (i + 1)),
                    "Print " + (i + 1),
                    new PrintedPicture(),
                    new Host.OnPiece(mat),
                    Settings.PRESET.with(PrintedPicture.PICTURE, PICTURE),
                    Map.of()));
        }
        FoldedBase base = new FoldedBase();
        Design design = Design.of("Printed", MeasureSystem.INCH, base, base.sized(Settings.PRESET, size), Stock.ID)
                .withAdditions(all);
        Materials materials = new Materials(Stock.SHELF, Graduation.SIXTEENTHS);
        return new RunLine(CardMaker.make(design, materials).orThrow(), new Copies(COPIES, 0));
    }

    private static void time(String what, IntUnaryOperator work) {
        double[] millis = new double[ROUNDS];
        for (int round = -1; round < ROUNDS; round++) {
            long began = System.nanoTime();
            work.applyAsInt(round + 1);
            if (round >= 0) {
                millis[round] = (System.nanoTime() - began) / 1e6;
            }
        }
        Arrays.sort(millis);
        System.out.printf("%-52s %9.0f %9.0f%n", what, millis[ROUNDS / 2], millis[ROUNDS - 1]);
    }

    private static byte[] dots() {
        BufferedImage image = new BufferedImage(PICTURE.across(), PICTURE.down(), BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int y = 0; y < PICTURE.down(); y++) {
            for (int x = 0; x < PICTURE.across(); x++) {
                image.setRGB(x, y, (x / 9 * 7 + y / 11 * 13 + random.nextInt(16)) * 1_021);
            }
        }
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "jpeg", out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
