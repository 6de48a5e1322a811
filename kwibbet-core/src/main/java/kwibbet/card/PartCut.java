package kwibbet.card;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.outline.EdgeRun;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;

/** A cut along a part of an outline; the rest of the outline must not cut. */
public sealed interface PartCut {

    /** The shape that has the outline, as it stands upright. */
    CutShape shape();

    /** The whole outline, in the frame of the piece. */
    Outline outline();

    /** How far the shape is turned on the piece, clockwise. */
    default int degrees() {
        return 0;
    }

    /** What it is cut for, where that is put on the piece; nothing where the piece itself is cut so. */
    default Optional<PieceId> addition() {
        return Optional.empty();
    }

    /** Where it cuts: each side lies on the outline's box, or across it where the cut ends. */
    Rect within();

    /** This cut in the outer frame of {@code placement}. */
    PartCut in(Placement placement);

    /**
     * Cut through both halves of the folded piece; the rest of the outline lies past the edges of the folded paper.
     *
     * @param shape the shape
     * @param outline the whole outline
     * @param within what it cuts on the half that lies still
     * @param fold the line the piece is folded at, along a side of {@code within}
     */
    record Folded(CutShape shape, Outline outline, Rect within, Segment fold) implements PartCut {
        @Override
        public PartCut in(Placement placement) {
            return new Folded(shape, outline.in(placement), turned(within, placement), placement.apply(fold));
        }
    }

    /**
     * Cut into the flat piece; the rest of the outline lies past the edge of the plate.
     *
     * @param addition what it is cut for, where that is put on the piece
     * @param shape the shape
     * @param outline the whole outline
     * @param within what lies under the plate
     * @param slits the cuts it makes
     * @param uncut why the rest is not cut
     */
    record UnderPlate(
            Optional<PieceId> addition, CutShape shape, Outline outline, Rect within, List<Segment> slits, Uncut uncut)
            implements PartCut {
        /** Copies the cuts. */
        public UnderPlate {
            slits = List.copyOf(slits);
        }

        @Override
        public PartCut in(Placement placement) {
            return new UnderPlate(
                    addition,
                    shape,
                    outline.in(placement),
                    turned(within, placement),
                    slits.stream().map(placement::apply).toList(),
                    uncut);
        }
    }

    /** Why a part of an outline is not cut. */
    enum Uncut {
        /** It lies across a fold, beyond which alone it is cut. */
        PAST_FOLD,
        /** What is inside stays hanging by it. */
        HANGS
    }

    /**
     * Cut into the flat piece at one of its edges; the rest of the outline lies past that.
     *
     * @param owner what it is cut for
     * @param shape the shape
     * @param at where the frame of the shape lies on the piece
     * @param outline the whole outline
     * @param within the panel it cuts into
     * @param end how much longer paper is cut past that edge, to come off with the cut; nothing where it is cut to the edge itself
     */
    record PastEdge(PieceId owner, CutShape shape, Placement at, Outline outline, Rect within, Optional<Rect> end)
            implements PartCut {

        private static final int QUARTER = 90;

        @Override
        public Optional<PieceId> addition() {
            return Optional.of(owner);
        }

        /** A shape whose frame lies so on the piece. */
        public static PastEdge of(PieceId owner, CutShape shape, Placement at, Rect within) {
            return new PastEdge(owner, shape, at, shape.outline().in(at), within, Optional.empty());
        }

        /** The same taking an end of the paper off. */
        public PastEdge takingOff(Rect paper) {
            return new PastEdge(owner, shape, at, outline, within, Optional.of(paper));
        }

        /** What is punched along an edge of the panel, where one is that lies level or upright on the paper. */
        public Optional<EdgeRun> run() {
            return EdgeRun.of(shape).filter(punched -> isStraight());
        }

        /** Whether the edge it cuts lies level or upright on the paper. */
        public boolean isStraight() {
            return at.degrees() % QUARTER == 0;
        }

        /** The edge of the panel past which it reaches, and not past the one on the other side; of several that to which its middle is nearest. */
        public Edge edge() {
            Rect box = end.orElse(outline.bounds());
            Point middle = box.middle();
            Comparator<Edge> nearest = Comparator.comparing(edge -> switch (edge) {
                case LEFT -> middle.x().minus(within.left()).abs();
                case TOP -> middle.y().minus(within.top()).abs();
                case RIGHT -> middle.x().minus(within.right()).abs();
                case BOTTOM -> middle.y().minus(within.bottom()).abs();
            });
            return Stream.of(Edge.values())
                    .min(Comparator.comparing((Edge edge) -> !isPast(box, edge) || isPast(box, edge.opposite()))
                            .thenComparing(nearest))
                    .orElseThrow(() -> new IllegalStateException("a panel has edges"));
        }

        private boolean isPast(Rect box, Edge edge) {
            return switch (edge) {
                case LEFT -> box.left().isShorterThan(within.left());
                case TOP -> box.top().isShorterThan(within.top());
                case RIGHT -> box.right().isLongerThan(within.right());
                case BOTTOM -> box.bottom().isLongerThan(within.bottom());
            };
        }

        /** What it reaches into, straight along the whole edge. */
        public Rect strip() {
            Rect box = outline.bounds();
            return switch (edge()) {
                case LEFT ->
                    Rect.of(
                            within.left(),
                            within.top(),
                            box.right().minus(within.left()),
                            within.size().height());
                case TOP ->
                    Rect.of(
                            within.left(),
                            within.top(),
                            within.size().width(),
                            box.bottom().minus(within.top()));
                case RIGHT ->
                    Rect.of(
                            box.left(),
                            within.top(),
                            within.right().minus(box.left()),
                            within.size().height());
                case BOTTOM ->
                    Rect.of(
                            within.left(),
                            box.top(),
                            within.size().width(),
                            within.bottom().minus(box.top()));
            };
        }

        /** How much longer its edge of the panel is than the shape, at each end; less than nothing where the shape runs past both. */
        public Length plain() {
            Axis along = edge().axis();
            return within.end(along)
                    .minus(within.start(along))
                    .minus(outline.bounds().end(along).minus(outline.bounds().start(along)))
                    .half();
        }

        @Override
        public int degrees() {
            return at.degrees();
        }

        @Override
        public PartCut in(Placement placement) {
            return new PastEdge(
                    owner,
                    shape,
                    at.within(placement),
                    outline.in(placement),
                    turned(within, placement),
                    end.map(paper -> turned(paper, placement)));
        }
    }

    private static Rect turned(Rect within, Placement placement) {
        return Outline.of(within).in(placement).bounds();
    }
}
