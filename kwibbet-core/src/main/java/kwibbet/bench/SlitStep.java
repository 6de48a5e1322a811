package kwibbet.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.bench.ScoreStep.Span;
import kwibbet.card.Piece;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.Wanted;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/**
 * A cut that starts and stops inside a piece: done apart, when the pieces are cut out.
 *
 * @param piece the piece
 * @param count how many are slit
 * @param slit where, on the piece
 * @param isCutOut whether the piece is cut out of its paper before, by a die or by hand
 * @param fence how the fence is set; nothing where it is cut with a knife along a ruler
 */
public record SlitStep(Piece piece, int count, Segment slit, boolean isCutOut, Optional<AtFence> fence) {

    /**
     * A slit along the blade.
     *
     * @param edge the edge of the piece that lies at the fence
     * @param set how far the slit is from it
     * @param blade where the blade is lowered and lifted, from the top edge or, where that lies at the fence, from the left
     */
    public record AtFence(Edge edge, Rounded set, Span blade) {}

    /** All slits of a run; those of one setting follow each other, what is cut by knife comes last. */
    static List<SlitStep> of(SheetPlan sheets, Trimmer trimmer) {
        List<SlitStep> steps = new ArrayList<>();
        for (PaperPlan paper : sheets.papers()) {
            for (Wanted wanted : paper.order().wanted()) {
                for (Segment slit : wanted.slits()) {
                    steps.add(new SlitStep(
                            wanted.piece(), wanted.count(), slit, !wanted.hasOwnEdges(), fence(slit, trimmer)));
                }
            }
        }
        // What is cut at the fence first, by what is set.
        steps.sort(Comparator.comparing((SlitStep step) -> step.fence.isEmpty())
                .thenComparing(step -> step.fence.map(at -> at.set.shown()).orElse(Length.ZERO))
                .thenComparing(step -> step.fence.map(AtFence::edge).orElse(Edge.LEFT)));
        return steps;
    }

    private static Optional<AtFence> fence(Segment slit, Trimmer trimmer) {
        return trimmer.slits() == Trimmer.Slits.NONE
                ? Optional.empty()
                : slit.axis().map(axis -> {
                    Point start = slit.start();
                    Point end = slit.end();
                    return axis == Axis.VERTICAL
                            ? new AtFence(
                                    Edge.LEFT, start.x().roundedTo(trimmer.graduation()), span(start.y(), end.y()))
                            : new AtFence(
                                    Edge.TOP, start.y().roundedTo(trimmer.graduation()), span(start.x(), end.x()));
                });
    }

    private static Span span(Length one, Length other) {
        return new Span(Length.min(one, other), Length.max(one, other));
    }

    /** What to do. */
    public Phrase sentence(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system)
                .words(piece.name() + ", " + ScoreStep.faceUp(piece, false) + (isCutOut ? ", when it is cut out" : "")
                        + ": ");
        fence.ifPresentOrElse(at -> atFence(at, writer, system), () -> byKnife(writer));
        return writer.end();
    }

    private void atFence(AtFence at, Phrase.Writer writer, MeasureSystem system) {
        writer.words(at.edge.word() + " edge at the fence, fence at ")
                .length(at.set.shown())
                .words(". ");
        String from = at.edge == Edge.LEFT ? "top" : "left";
        boolean isThrough = at.blade
                .stop()
                .equals(
                        at.edge == Edge.LEFT
                                ? piece.size().height()
                                : piece.size().width());
        if (at.blade.start().isZero()) {
            writer.words("Cut in over the " + from + " edge and lift the blade at ")
                    .length(at.blade.stop());
        } else {
            writer.words("Lower the blade ").length(at.blade.start()).words(" from the " + from + " edge and ");
            if (isThrough) {
                writer.words("cut on over the " + (at.edge == Edge.LEFT ? "bottom" : "right") + " edge");
            } else {
                writer.words("lift it at ").length(at.blade.stop());
            }
        }
        writer.words(".").phrase(Nearest.errorOf(at.set, system));
    }

    private void byKnife(Phrase.Writer writer) {
        writer.words("cut with a knife along a ruler, from ");
        place(slit.start(), writer);
        writer.words(" to ");
        place(slit.end(), writer);
        writer.words(".");
    }

    private static void place(Point point, Phrase.Writer writer) {
        writer.length(point.x()).words(" from the left, ").length(point.y()).words(" from the top");
    }
}
