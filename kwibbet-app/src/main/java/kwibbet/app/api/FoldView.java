package kwibbet.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

import io.swagger.v3.oas.annotations.media.Schema;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.Folding;
import kwibbet.crease.Vertex;
import kwibbet.fold.FoldWords;
import kwibbet.fold.HalfOpen;
import kwibbet.formats.fold.FoldPattern;
import kwibbet.formats.fold.FoldWriter;

/**
 * How a pattern folds flat.
 *
 * @param foldable whether it does; only sure where it is decided
 * @param decided whether that could be told
 * @param reasons why not
 * @param size the box round it, folded
 * @param layers the most facets over each other
 * @param orders in how many ways they can lie over each other
 * @param ordersComplete whether that is all of them
 * @param steps how to fold it, flat to folded
 * @param exchangeable the indexes of steps that can change places with the next one: as good an order
 * @param shortest whether no order of folding is shorter
 * @param folded a FOLD document: the pattern, and a frame for every state
 */
@Schema(name = "Folding")
record FoldView(
        boolean foldable,
        boolean decided,
        List<Reason> reasons,
        Optional<Box> size,
        int layers,
        long orders,
        boolean ordersComplete,
        List<Step> steps,
        List<Integer> exchangeable,
        boolean shortest,
        @Schema(type = "object") Optional<ObjectNode> folded) {

    /**
     * Why it does not fold.
     *
     * @param message in words
     * @param faces the faces it is about
     */
    @Schema(name = "FoldReason")
    record Reason(String message, List<Integer> faces) {}

    /**
     * A box.
     *
     * @param width its width in the unit of the document
     * @param height its height
     */
    @Schema(name = "FoldedSize")
    record Box(double width, double height) {}

    /**
     * One step.
     *
     * @param kind {@code fold}, {@code tuck} or {@code turn}
     * @param sentence what to do
     * @param edges the edges that fold
     * @param faces the faces that move
     * @param under the faces they go under
     */
    @Schema(name = "FoldStep")
    record Step(String kind, String sentence, List<Integer> edges, List<Integer> faces, List<Integer> under) {}

    static FoldView of(FoldPattern read) {
        CreasePattern pattern = read.pattern();
        if (!read.isFlat()) {
            return halfOpen(read);
        }
        Folding folding = Folding.of(pattern);
        if (folding.flat() instanceof FlatFolding.CannotFold cannot) {
            return not(
                    true,
                    cannot.reasons().stream()
                            .map(reason -> new Reason(reason.message(), reason.facets()))
                            .toList());
        }
        if (!(folding.flat() instanceof FlatFolding.Folds folds)) {
            return not(false, List.of(new Reason("There is too much of it to tell whether it folds flat.", List.of())));
        }
        FoldSequence sequence =
                folding.sequence().orElseThrow(() -> new IllegalStateException("what folds has an order of folding"));
        Vertex size = folds.size();
        return new FoldView(
                true,
                true,
                List.of(),
                Optional.of(new Box(size.x(), size.y())),
                folds.layers(),
                folds.count(),
                folds.isCounted(),
                sequence.steps().stream().map(step -> step(step, read)).toList(),
                sequence.exchangeable(pattern),
                sequence.isShortest(),
                Optional.of(FoldWriter.document(
                        read.title(), read.unit(), read.graph(), read.traced(), frames(sequence, pattern))));
    }

    private static FoldView not(boolean decided, List<Reason> reasons) {
        return new FoldView(
                false,
                decided,
                reasons,
                Optional.empty(),
                0,
                0,
                decided,
                List.of(),
                List.of(),
                false,
                Optional.empty());
    }

    /** A pattern that stops half open: it stands where all its facets come together; one step takes every crease to its angle. */
    private static FoldView halfOpen(FoldPattern read) {
        HalfOpen standing = HalfOpen.of(read.pattern(), read.degrees());
        if (!standing.gaps().isEmpty()) {
            return not(
                    true,
                    standing.gaps().stream()
                            .map(gap -> new Reason(gap.message(), gap.facets()))
                            .toList());
        }
        Vertex size = standing.size(read.pattern());
        List<Integer> faces =
                IntStream.range(0, standing.places().size()).boxed().toList();
        return new FoldView(
                true,
                true,
                List.of(),
                Optional.of(new Box(size.x(), size.y())),
                1,
                1,
                true,
                List.of(new Step(
                        "fold", "Fold every crease to its angle.", read.traced().creaseEdges(), faces, List.of())),
                List.of(),
                false,
                Optional.of(FoldWriter.document(read, standing.places())));
    }

    private static Step step(FoldStep step, FoldPattern read) {
        CreaseGraph.Traced traced = read.traced();
        return new Step(
                step.kind().name().toLowerCase(Locale.ROOT),
                FoldWords.of(step, read.pattern()),
                step.creases().stream().map(traced.creaseEdges()::get).toList(),
                step.moving(),
                step.under());
    }

    /** The state after every step that moves something, the last one first: it is what most readers look for. */
    private static List<FoldWriter.Frame> frames(FoldSequence sequence, CreasePattern pattern) {
        List<FoldWriter.Frame> frames = new ArrayList<>();
        for (int i = sequence.steps().size() - 1; i >= 0; i--) {
            FoldStep step = sequence.steps().get(i);
            if (step.kind() != FoldStep.Kind.TURN) {
                frames.add(new FoldWriter.Frame(FoldWords.of(step, pattern), step.after()));
            }
        }
        return frames;
    }
}
