package kwibbet.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.card.Card;
import kwibbet.crease.Crease;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Isometry;
import kwibbet.crease.Misfold;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldSpace;
import kwibbet.fold.Leaf;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Steps of folding, as the paper lies on the table: what moves, along which line and where to. */
public final class FoldPicture {

    /** Text heights to a side of the frame. */
    private static final int ROWS = 14;
    /** Room round the paper, as a part of its longer side. */
    private static final double ROOM = 0.12;
    /** A picture is at least this high, as a part of its width. */
    private static final double LOWEST = 0.45;
    /** Where there are more, their names would cover each other. */
    private static final int MOST_LABELS = 60;

    private static final FaceFills WHITE = FaceFills.same(new Fill.Paper(Colour.WHITE));

    private final CreasePattern pattern;
    private final List<Leaf> leaves;
    private final Map<String, FaceFills> fills;
    private final FoldSequence sequence;
    private final double scale;
    private final Vertex middle;
    private final Rect frame;
    private final Length textHeight;

    private FoldPicture(
            CreasePattern pattern,
            List<Leaf> leaves,
            Map<String, FaceFills> fills,
            FoldSequence sequence,
            FoldSpace space,
            double scale) {
        this.pattern = pattern;
        this.leaves = leaves;
        this.fills = fills;
        this.sequence = sequence;
        this.scale = scale;
        this.middle = space.middle();
        double side = Math.max(space.width(), space.height()) * scale;
        double room = side * ROOM;
        this.frame = Rect.of(
                Length.ZERO,
                Length.ZERO,
                Length.nearestInches(side + room),
                Length.nearestInches(Math.max(space.height() * scale, side * LOWEST) + room));
        this.textHeight = Length.nearestInches(side / ROWS);
    }

    /**
     * Pictures of the steps of a sequence, all to one scale.
     *
     * @param pattern what folds
     * @param leaves what is drawn of it, each after what it rides on
     * @param fills what the faces of each piece are filled with, by its id; white where it is not said
     * @param sequence the steps
     * @param scale inches to the unit of the pattern
     */
    public static FoldPicture of(
            CreasePattern pattern,
            List<Leaf> leaves,
            Map<String, FaceFills> fills,
            FoldSequence sequence,
            double scale) {
        return new FoldPicture(pattern, leaves, fills, sequence, FoldSpace.of(sequence, leaves), scale);
    }

    /**
     * A pattern that does not fold, flat, with the places of the reasons numbered from 1: at their vertex, or else on each facet they name.
     *
     * @param pattern what does not fold
     * @param leaves what is drawn of it
     * @param fills what the faces of each piece are filled with, by its id
     * @param reasons why it does not
     * @param scale inches to the unit of the pattern
     */
    public static Drawing misfolds(
            CreasePattern pattern,
            List<Leaf> leaves,
            Map<String, FaceFills> fills,
            List<Misfold> reasons,
            double scale) {
        FoldedState flat = FoldedState.flat(pattern);
        FoldPicture picture = new FoldPicture(
                pattern, leaves, fills, new FoldSequence(List.of(), false), FoldSpace.of(flat.places(), leaves), scale);
        Sketch sketch = new Sketch(picture.frame, picture.textHeight.half(), MeasureSystem.INCH);
        picture.paper(flat, false, sketch);
        for (int i = 0; i < reasons.size(); i++) {
            String number = String.valueOf(i + 1);
            for (Vertex place : places(pattern, flat, reasons.get(i))) {
                sketch.number(picture.point(place, false), number);
            }
        }
        return sketch.drawing("Where it does not fold");
    }

    private static List<Vertex> places(CreasePattern pattern, FoldedState flat, Misfold reason) {
        if (reason.at().isPresent()) {
            return List.of(
                    flat.places().of(reason.facets().get(0)).apply(reason.at().get()));
        }
        return reason.facets().stream()
                .map(facet ->
                        flat.places().of(facet).apply(middle(pattern.facets().get(facet))))
                .toList();
    }

    /** The middle of its corners where that is paper, or else some place within it. */
    private static Vertex middle(Facet facet) {
        Vertex sum = facet.outline().stream().reduce(new Vertex(0, 0), Vertex::plus);
        Vertex middle = sum.times(1.0 / facet.outline().size());
        return facet.covers(middle) ? middle : facet.inside();
    }

    /** What the faces of the pieces of a card are filled with, by their ids. */
    public static Map<String, FaceFills> fills(Card card, PaperShelf shelf) {
        Palette palette = new Palette(shelf);
        Map<String, FaceFills> fills = new HashMap<>();
        card.pieces().forEach(piece -> fills.put(piece.id().value(), palette.fills(piece)));
        return fills;
    }

    /** The paper before a step, with where it is folded and where it goes. */
    public Drawing before(int number) {
        FoldStep step = sequence.steps().get(number);
        boolean fromUnder = step.kind() == FoldStep.Kind.TURN ? !step.isSeenFromUnder() : step.isSeenFromUnder();
        Sketch sketch = new Sketch(frame, textHeight, MeasureSystem.INCH);
        paper(step.before(), fromUnder, sketch);
        step.line().ifPresent(line -> fold(step, line, sketch));
        if (step.kind() == FoldStep.Kind.TURN) {
            turn(sketch);
        }
        return sketch.drawing("Step " + (number + 1));
    }

    /**
     * The paper after the last step.
     *
     * @param thickest where it is thickest, if that is to be marked
     */
    public Drawing folded(Optional<Vertex> thickest) {
        FoldStep last = sequence.steps().get(sequence.steps().size() - 1);
        Sketch sketch = new Sketch(frame, textHeight, MeasureSystem.INCH);
        paper(last.after(), last.isSeenFromUnder(), sketch);
        thickest.ifPresent(at -> sketch.add(new Mark.Disc(point(at, last.isSeenFromUnder()), sketch.rows(0.7), "↕")));
        return sketch.drawing("Folded");
    }

    private static Isometry place(Leaf leaf, FoldedState state) {
        return leaf.at(state.places().of(leaf.facet()));
    }

    private Point point(Vertex at, boolean fromUnder) {
        double x = (at.x() - middle.x()) * (fromUnder ? -scale : scale);
        double y = (at.y() - middle.y()) * scale;
        Point centre = Sketch.centre(frame);
        return centre.plus(Length.nearestInches(x), Length.nearestInches(y));
    }

    private Outline outline(List<Vertex> ring, Isometry place, boolean fromUnder) {
        return new Outline(ring.stream()
                .map(corner -> point(place.apply(corner), fromUnder))
                .distinct()
                .toList());
    }

    private Region region(Leaf leaf, FoldedState state, boolean fromUnder) {
        Isometry place = place(leaf, state);
        List<Outline> rings = leaf.rings().stream()
                .map(ring -> outline(ring, place, fromUnder))
                .filter(ring -> ring.corners().size() > 2)
                .toList();
        return new Region(rings.get(0), rings.subList(1, rings.size()));
    }

    /** From the bottom up as it is seen; where overlaps go round in a ring, what lies over is cut out of what is drawn later. */
    private void paper(FoldedState state, boolean fromUnder, Sketch sketch) {
        List<Integer> facets = new ArrayList<>(state.order().fromBelow());
        if (fromUnder) {
            Collections.reverse(facets);
        }
        List<Integer> drawn = new ArrayList<>();
        for (int facet : facets) {
            List<Region> over = drawn.stream()
                    .filter(earlier -> fromUnder
                            ? state.order().isAbove(facet, earlier)
                            : state.order().isAbove(earlier, facet))
                    .flatMap(earlier -> leavesOf(earlier, state, fromUnder).stream())
                    .map(leaf -> region(leaf, state, fromUnder))
                    .toList();
            for (Leaf leaf : leavesOf(facet, state, fromUnder)) {
                draw(leaf, state, fromUnder, over, sketch);
            }
            drawn.add(facet);
        }
    }

    /** A facet and what rides on it, the farthest first. */
    private List<Leaf> leavesOf(int facet, FoldedState state, boolean fromUnder) {
        boolean upFaceSeen = state.places().of(facet).isMirrored() == fromUnder;
        return leaves.stream()
                .filter(leaf -> leaf.facet() == facet)
                .sorted(Comparator.comparingInt(leaf -> upFaceSeen ? leaf.plies() : -leaf.plies()))
                .toList();
    }

    private Fill fill(Leaf leaf, FoldedState state, boolean fromUnder) {
        FaceFills faces = Optional.ofNullable(fills.get(leaf.piece())).orElse(WHITE);
        return place(leaf, state).isMirrored() == fromUnder ? faces.up() : faces.under();
    }

    private void draw(Leaf leaf, FoldedState state, boolean fromUnder, List<Region> over, Sketch sketch) {
        Fill fill = fill(leaf, state, fromUnder);
        Ink ink = fill instanceof Fill.Paper paper ? Ink.on(paper.colour()) : Ink.ON_PAGE;
        Region whole = region(leaf, state, fromUnder);
        List<Mark> marks = new ArrayList<>();
        if (over.isEmpty()) {
            marks.add(Mark.Area.of(whole, fill, Line.NONE, ink));
            edges(leaf, state, fromUnder, ink, marks);
        } else {
            Overlay.without(whole, over).forEach(part -> marks.add(Mark.Area.of(part, fill, Line.CUT, ink)));
        }
        if (!leaf.label().isEmpty() && leaves.size() <= MOST_LABELS) {
            Vertex middle = middle(pattern.facets().get(leaf.facet()));
            Point at = point(place(leaf, state).apply(middle), fromUnder);
            marks.add(new Mark.Text(at, Phrase.of(leaf.label()), Mark.Anchor.MIDDLE, 1.3, ink, false, false));
        }
        sketch.group(leaf.piece(), leaf.name(), marks);
    }

    /** Sides on a crease that is not folded yet are drawn as the crease, all others as cut. */
    private void edges(Leaf leaf, FoldedState state, boolean fromUnder, Ink ink, List<Mark> marks) {
        Isometry place = place(leaf, state);
        for (List<Vertex> ring : leaf.rings()) {
            for (int i = 0; i < ring.size(); i++) {
                Stretch side = new Stretch(ring.get(i), ring.get((i + 1) % ring.size()));
                Line line = line(leaf, side, state, fromUnder);
                if (line != Line.NONE) {
                    Stretch lying = place.apply(side);
                    marks.add(new Mark.Stroke(
                            List.of(point(lying.from(), fromUnder), point(lying.to(), fromUnder)), line, ink));
                }
            }
        }
    }

    private Line line(Leaf leaf, Stretch side, FoldedState state, boolean fromUnder) {
        for (int i : IntStream.range(0, pattern.creases().size()).toArray()) {
            Crease crease = pattern.creases().get(i);
            boolean own = crease.touches(leaf.facet())
                    && pattern.facets().get(leaf.facet()).rings().toList().equals(leaf.rings());
            if (own && !state.folded().get(i) && isOn(side, crease.line())) {
                boolean upFaceSeen = state.places().of(leaf.facet()).isMirrored() == fromUnder;
                return switch (crease.fold()) {
                    case FLAT -> Line.NONE;
                    case VALLEY -> upFaceSeen ? Line.VALLEY : Line.MOUNTAIN;
                    case MOUNTAIN -> upFaceSeen ? Line.MOUNTAIN : Line.VALLEY;
                    case UNASSIGNED -> Line.FINE;
                };
            }
        }
        return Line.CUT;
    }

    private boolean isOn(Stretch side, Stretch line) {
        double near = pattern.tolerance() * 4;
        Vertex at = side.middle();
        double along = line.from().distance(at) + line.to().distance(at);
        return Math.abs(along - line.length()) < near && line.isInLineWith(side, near);
    }

    /** The line to fold at, and an arrow from the middle of what moves to where that goes. */
    private void fold(FoldStep step, Stretch line, Sketch sketch) {
        boolean fromUnder = step.isSeenFromUnder();
        Vertex from = centre(step.moving(), step.before());
        Vertex to = Isometry.reflection(line).apply(from);
        Arrow.bowed(point(from, fromUnder), point(to, fromUnder), Ink.ON_PAGE, sketch);
    }

    private Vertex centre(List<Integer> facets, FoldedState state) {
        double x = 0;
        double y = 0;
        int corners = 0;
        for (int facet : facets) {
            for (Vertex corner : pattern.facets().get(facet).outline()) {
                Vertex at = state.places().of(facet).apply(corner);
                x += at.x();
                y += at.y();
                corners++;
            }
        }
        return new Vertex(x / corners, y / corners);
    }

    /** An arrow across the foot of the picture: over it goes. */
    private void turn(Sketch sketch) {
        Length down = frame.bottom().minus(textHeight);
        Point from = new Point(frame.left().plus(textHeight.multipliedBy(4)), down);
        Point to = new Point(frame.right().minus(textHeight.multipliedBy(4)), down);
        Arrow.bowed(from, to, Ink.ON_PAGE, sketch);
    }
}
