package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.function.ToIntFunction;

import kwibbet.card.Addition;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.feature.Ornament;
import kwibbet.card.feature.Placing;
import kwibbet.formats.outline.DrawingReader;
import kwibbet.formats.svg.SvgOptions;
import kwibbet.formats.svg.SvgWriter;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.picture.OutlinePicture;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** Outlines of a maker's own: a drawing of 2,000 corners read and drawn, and an edit of a card with 60 additions, ten of them cut to outlines of 500 edges. */
public final class OwnOutlines {

    private static final int ROUNDS = 7;
    /** After so many edits all that an edit goes through is compiled. */
    private static final int WARM = 50;

    private static final int LOBES = 12;

    private OwnOutlines() {}

    /** Prints the median and the longest of some rounds. */
    public static void main(String[] arguments) {
        System.out.printf("%-44s %9s %9s%n", "ms", "median", "longest");
        time("SVG of 2,000 corners, read and drawn", 2, round -> svg(2_000, round), OwnOutlines::drawn);
        time("edit, 60 additions, ten outlines of 500 edges", 2, OwnOutlines::card, ManyLayers::edit);
        time("the same, after " + WARM + " edits", WARM, OwnOutlines::card, ManyLayers::edit);
    }

    /** Times what is done with what is there before: the outlines of a card are read when they are drawn, not at every edit. */
    private static <T> void time(String what, int before, IntFunction<T> there, ToIntFunction<T> work) {
        double[] millis = new double[ROUNDS];
        for (int round = -before; round < ROUNDS; round++) {
            T given = there.apply(round + before);
            long began = System.nanoTime();
            work.applyAsInt(given);
            if (round >= 0) {
                millis[round] = (System.nanoTime() - began) / 1e6;
            }
        }
        Arrays.sort(millis);
        System.out.printf("%-44s %9.0f %9.0f%n", what, millis[ROUNDS / 2], millis[ROUNDS - 1]);
    }

    /** A round of twelve lobes drawn with so many corners. */
    private static String svg(int corners, int round) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double radius = 38 + 4 * Math.cos(LOBES * angle) + round / 10.0;
            path.append(i == 0 ? 'M' : 'L')
                    .append(50 + radius * Math.cos(angle))
                    .append(' ')
                    .append(50 + radius * Math.sin(angle));
        }
        return "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><path d='" + path
                + "Z'/></svg>";
    }

    private static OwnShape shape(String svg, Size size) {
        Tracing tracing =
                DrawingReader.read(svg).orThrow().tracing().asFirstRead().orThrow();
        ShapePart part =
                new ShapePart(ShapePart.How.ADD, new Source.Traced(tracing), size, Point.ORIGIN, ShapePart.Turn.NONE);
        return OwnShape.of("Lobes", List.of(part), Finish.NONE, MeasureSystem.INCH)
                .orThrow();
    }

    private static int drawn(String svg) {
        OwnShape shape = shape(svg, new Size(Length.ofInches(3), Length.ofInches(3)));
        return SvgWriter.write(OutlinePicture.of(shape, MeasureSystem.INCH), SvgOptions.PICTURE)
                .length();
    }

    /** A card with 60 additions, ten of them outlines of 500 edges. */
    static Design card(int round) {
        Design mats = ManyLayers.design(50, false, round);
        List<Addition> additions = new ArrayList<>(mats.additions());
        Ornament ornament = new Ornament();
        for (int i = 0; i < 10; i++) {
            Size size = new Size(Length.ofInches(3, 4), Length.ofInches(3, 4));
            Settings settings = ornament.cutTo(
                            Settings.PRESET, shape(svg(500, i), size).asDrawn())
                    .orElseThrow(() -> new IllegalStateException("an ornament takes an outline"))
                    .with(Placing.ACROSS, Placing.BY)
                    .with(Placing.FROM_LEFT, Length.ofInches(1 + 2L * (i % 4), 2))
                    .with(Placing.DOWN, Placing.BY)
                    .with(Placing.FROM_TOP, Length.ofInches(1 + 3L * (i / 4), 2));
            Host host = new Host.OnFace(new FaceId(new PanelId("back"), Side.UP));
            additions.add(new Addition(
                    new PieceId("ornament-" + i), "Lobes " + i, ornament, host, settings, Map.of("paper", Stock.ID)));
        }
        return mats.withAdditions(additions);
    }
}
