package kwibbet.press;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;

import kwibbet.card.PartCut;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.EdgeRun;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.HandTools;
import kwibbet.tool.Punch;
import kwibbet.wording.Phrase;

/**
 * How what no die cuts is marked and cut by hand. What straight lines take off a rectangle is said by where they start and end on its edges; a curve is drawn
 * by the piece at full size.
 */
public sealed interface HandCut {

    /** Where its marks are, in a sentence. */
    Phrase sentence(MeasureSystem system);

    /** A corner of a rectangle. */
    enum Corner {
        TOP_LEFT("top left"),
        TOP_RIGHT("top right"),
        BOTTOM_LEFT("bottom left"),
        BOTTOM_RIGHT("bottom right");

        private final String words;

        Corner(String words) {
            this.words = words;
        }

        /** Whether it is one of the two on the left. */
        public boolean isLeft() {
            return this == TOP_LEFT || this == BOTTOM_LEFT;
        }

        /** Whether it is one of the two at the top. */
        public boolean isTop() {
            return this == TOP_LEFT || this == TOP_RIGHT;
        }

        private static String named(List<Corner> at) {
            if (at.size() == values().length) {
                return "All four corners";
            }
            List<String> names = at.stream().map(corner -> corner.words).toList();
            String joined = names.size() == 1
                    ? names.get(0)
                    : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
            return Character.toUpperCase(joined.charAt(0)) + joined.substring(1);
        }

        Point of(Rect box) {
            return new Point(isLeft() ? box.left() : box.right(), isTop() ? box.top() : box.bottom());
        }
    }

    /**
     * Corners cut off by a straight line each, or cut out square.
     *
     * @param legs how far along the level edge, and how far along the upright one
     * @param isSquare whether they are cut out square
     * @param at which corners
     */
    record Corners(Size legs, boolean isSquare, List<Corner> at) implements HandCut {
        /** Copies the list. */
        public Corners {
            at = List.copyOf(at);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer =
                    Phrase.in(system).words(Corner.named(at) + ": mark ").length(legs.width());
            if (legs.width().equals(legs.height())) {
                writer.words(" along both edges");
            } else {
                writer.words(" along the level edge and ").length(legs.height()).words(" along the upright one");
            }
            return writer.words(at.size() == 1 ? ", and cut the corner " : ", and cut the corners ")
                    .words(isSquare ? "out square." : "off.")
                    .end();
        }
    }

    /**
     * Corners rounded off.
     *
     * @param radius the radius
     * @param hasRounder whether a corner rounder cuts them
     * @param at which corners
     */
    record Rounded(Length radius, boolean hasRounder, List<Corner> at) implements HandCut {
        /** Copies the list. */
        public Rounded {
            at = List.copyOf(at);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system).words(Corner.named(at));
            return hasRounder
                    ? writer.words(": push " + (at.size() == 1 ? "it" : "each") + " into the corner rounder of ")
                            .length(radius)
                            .words(" and punch.")
                            .end()
                    : writer.words(": set a compass to ")
                            .length(radius)
                            .words(", its point as far from both edges, and cut along its line.")
                            .end();
        }
    }

    /**
     * Triangles cut out of edges.
     *
     * @param from where each starts on its edge, from the left or the top
     * @param to where it ends there
     * @param tip where its point is, along the edge
     * @param deep how far its point lies from the edge
     * @param isWhole whether it takes the edge from corner to corner
     * @param at which edges
     */
    record Notches(Length from, Length to, Length tip, Length deep, boolean isWhole, List<Edge> at) implements HandCut {
        /** Copies the list. */
        public Notches {
            at = List.copyOf(at);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            boolean midway = tip.minus(from).minus(to.minus(tip)).abs().isShorterThan(Length.GRAIN.multipliedBy(3));
            Phrase.Writer writer = Phrase.in(system).words(named() + ": mark ");
            if (isWhole) {
                writer.length(deep).words(midway ? " from it, midway" : " from it, at ");
                return (midway ? writer : writer.length(tip))
                        .words(", and cut from there to both its corners.")
                        .end();
            }
            writer.length(from)
                    .words(" and ")
                    .length(to)
                    .words(" along it, and ")
                    .length(deep)
                    .words(" from the edge ");
            if (midway) {
                writer.words("midway between them");
            } else {
                writer.words("at ").length(tip);
            }
            return writer.words(at.size() == 1 ? "; cut the triangle out." : "; cut the triangles out.")
                    .end();
        }

        private String named() {
            if (at.size() == Edge.values().length) {
                return "Each edge";
            }
            List<String> names = at.stream().map(Edge::word).toList();
            return names.size() == 1
                    ? "The " + names.get(0) + " edge"
                    : "Each of the edges " + String.join(", ", names.subList(0, names.size() - 1)) + " and "
                            + names.get(names.size() - 1);
        }
    }

    /**
     * A rectangle cut out with a knife.
     *
     * @param place where
     */
    record Opened(Rect place) implements HandCut {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.in(system)
                    .words("Mark it ")
                    .length(place.left())
                    .words(" from the left and ")
                    .length(place.top())
                    .words(" from the top, and cut along a ruler.")
                    .end();
        }
    }

    /**
     * A circle.
     *
     * @param place its box
     * @param isOpening whether it is cut into a piece, and not out of one
     */
    record Circle(Rect place, boolean isOpening) implements HandCut {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.in(system)
                    .words("Set a compass to ")
                    .length(place.size().width().half())
                    .words(" with its point ")
                    .length(place.middle().x())
                    .words(" from the left and ")
                    .length(place.middle().y())
                    .words(isOpening ? " from the top, and cut along its line." : " from the top, and cut it out.")
                    .end();
        }
    }

    /**
     * What a punch cuts.
     *
     * @param punch the punch
     * @param isOutOfScrap whether it cuts the piece out, for which a scrap is cut small enough
     */
    record Punched(Punch punch, boolean isOutOfScrap) implements HandCut {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of(
                    isOutOfScrap
                            ? "Punch it out of a scrap with the " + punch.words()
                                    + ", its face up to see where it lands."
                            : "Punch it with the " + punch.words() + ".");
        }
    }

    /**
     * A pattern punched along an edge, from a mark in its middle to both ends.
     *
     * @param edge which edge
     * @param inset how far in from that edge of the paper it lies, where a part of it is narrower
     * @param run what is punched
     * @param middle where the mark is, from the end of the edge that is at the left or at the top
     * @param plain how much of the edge stays as it is at each end; less than nothing where the pattern runs past both
     * @param punch the maker's punch for it; nothing where none is said and any is taken to be there
     */
    record EdgePunched(Edge edge, Length inset, EdgeRun run, Length middle, Length plain, Optional<EdgePunch> punch)
            implements HandCut {

        /** How a pattern is punched into a paper. */
        static EdgePunched of(PartCut.PastEdge part, EdgeRun run, Rect paper, HandTools tools) {
            Axis along = part.edge().axis();
            Point middle = part.outline().bounds().middle();
            Length at = along == Axis.HORIZONTAL ? middle.x() : middle.y();
            Length inset = part.edge() == Edge.LEFT || part.edge() == Edge.TOP
                    ? part.within().start(along.across()).minus(paper.start(along.across()))
                    : paper.end(along.across()).minus(part.within().end(along.across()));
            return new EdgePunched(
                    part.edge(), inset, run, at.minus(paper.start(along)), part.plain(), tools.edgePunch(run));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            String one = run.pattern().one();
            Phrase.Writer writer = Phrase.in(system).words("The " + edge.word() + " edge");
            if (!inset.isZero()) {
                writer.words(" that lies ").length(inset).words(" in from that of the paper");
            }
            writer.words(": mark ")
                    .length(middle)
                    .words(edge.axis() == Axis.HORIZONTAL ? " from the left" : " from the top")
                    .words(
                            run.hasOneInTheMiddle()
                                    ? ", punch with the middle of a " + one + " at the mark"
                                    : ", punch with two " + run.words() + " meeting at the mark")
                    .words(", and push the punch on to both sides, in line with what is cut: " + run.repeats() + " "
                            + run.words());
            if (plain.isNegative()) {
                return writer.words(", past both ends, where ")
                        .length(run.pitch().plus(plain))
                        .words(" of the last is left.")
                        .end();
            }
            return plain.isZero()
                    ? writer.words(", from end to end.").end()
                    : writer.words("; ")
                            .length(plain)
                            .words(" stays plain at both ends.")
                            .end();
        }
    }

    /**
     * What is drawn by the piece at full size.
     *
     * @param edge the edge it is cut into, where that lies level or upright on the paper; nothing where it is no edge
     */
    record Drawn(Optional<Edge> edge) implements HandCut {

        private static final Drawn WHOLE = new Drawn(Optional.empty());

        private static Drawn edge(Want want) {
            return new Drawn(want.part()
                    .filter(PartCut.PastEdge.class::isInstance)
                    .map(PartCut.PastEdge.class::cast)
                    .filter(PartCut.PastEdge::isStraight)
                    .map(PartCut.PastEdge::edge));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of(edge.map(at -> "The " + at.word() + " edge: print").orElse("Print")
                    + " the piece at full size, draw along it and cut with scissors or a knife.");
        }
    }

    /**
     * A shape of which one side is not cut.
     *
     * @param from the edge of the paper from which it is measured where the cut ends
     * @param ends where it ends
     * @param held the side that is not cut
     */
    record LeftHanging(Edge from, Length ends, Edge held) implements HandCut {

        /** How a shape is left hanging, in a paper. */
        public static LeftHanging of(Want want, Rect paper) {
            Rect box = want.box();
            Rect cut = want.part().map(PartCut::within).orElse(box);
            if (cut.size().height().equals(box.size().height())) {
                Edge held = cut.left().equals(box.left()) ? Edge.RIGHT : Edge.LEFT;
                Length at = held == Edge.RIGHT ? cut.right() : cut.left();
                return new LeftHanging(Edge.LEFT, at.minus(paper.left()), held);
            }
            Edge held = cut.top().equals(box.top()) ? Edge.BOTTOM : Edge.TOP;
            Length at = held == Edge.BOTTOM ? cut.bottom() : cut.top();
            return new LeftHanging(Edge.TOP, at.minus(paper.top()), held);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.in(system)
                    .words("Print the piece at full size, draw along it and cut with a knife, but not its "
                            + held.word() + ": end both cuts ")
                    .length(ends)
                    .words(" from the " + from.word() + " edge.")
                    .end();
        }
    }

    /** How a shape is cut by hand; its edges are measured from those of the paper of its piece. */
    static List<HandCut> of(Want want, HandTools tools) {
        Rect paper = want.piece().outline().bounds();
        return switch (want.role()) {
            case OUTLINE -> outline(want.piece().outline(), paper, tools);
            case OPENING -> List.of(opening(want, paper));
            case EDGE ->
                punched(want, paper, tools).<List<HandCut>>map(List::of).orElseGet(() -> List.of(Drawn.edge(want)));
            case FIELD, PAST_FOLD -> List.of(Drawn.WHOLE);
            case HANGING -> List.of(LeftHanging.of(want, paper));
        };
    }

    /** How an edge is punched, where a pattern runs along it and there is a punch for that. */
    static Optional<HandCut> punched(Want want, Rect paper, HandTools tools) {
        return want.part()
                .filter(PartCut.PastEdge.class::isInstance)
                .map(PartCut.PastEdge.class::cast)
                .flatMap(part -> part.run().filter(tools::punches).map(run -> EdgePunched.of(part, run, paper, tools)));
    }

    private static HandCut opening(Want want, Rect paper) {
        Rect place = want.box().plus(paper.left().negated(), paper.top().negated());
        if (want.outline().isRectangle()) {
            return new Opened(place);
        }
        return want.shape().filter(CutShape::isCircle).isPresent() ? new Circle(place, true) : Drawn.WHOLE;
    }

    /** What has to come off a rectangle for an outline. */
    static List<HandCut> outline(Outline outline, Rect paper, HandTools tools) {
        List<CutOff> cutOff = new ArrayList<>();
        for (Region waste : Overlay.without(Region.of(Outline.of(paper)), Region.of(outline))) {
            Optional<CutOff> piece = CutOff.of(waste, paper);
            if (piece.isEmpty()) {
                return List.of(isCircle(outline, paper) ? new Circle(Rect.atOrigin(paper.size()), false) : Drawn.WHOLE);
            }
            cutOff.add(piece.get());
        }
        List<HandCut> cuts = new ArrayList<>();
        alike(cutOff, CutOff::corner, CutOff::reach)
                .forEach((reach, at) -> cuts.add(
                        reach.form() == Form.ROUND
                                ? new Rounded(
                                        reach.legs().width(),
                                        tools.rounds(reach.legs().width()),
                                        at)
                                : new Corners(reach.legs(), reach.form() == Form.SQUARE, at)));
        alike(cutOff, CutOff::edge, CutOff::notch)
                .forEach((notch, at) -> cuts.add(
                        new Notches(notch.from(), notch.to(), notch.tip(), notch.deep(), notch.isWhole(), at)));
        return List.copyOf(cuts);
    }

    private static boolean isCircle(Outline outline, Rect paper) {
        double radius = paper.size().width().toInches() / 2;
        Point middle = paper.middle();
        return paper.size().width().minus(paper.size().height()).abs().isShorterThan(Length.GRAIN.multipliedBy(3))
                && outline.corners().stream()
                        .allMatch(corner -> Math.abs(Math.hypot(
                                                corner.x().minus(middle.x()).toInches(),
                                                corner.y().minus(middle.y()).toInches())
                                        - radius)
                                < 0.001);
    }

    /** The places of those that have one, those of one measure together, in the order of the places. */
    private static <M, P extends Comparable<P>> Map<M, List<P>> alike(
            List<CutOff> cutOff, Function<CutOff, Optional<P>> place, Function<CutOff, M> measure) {
        Map<M, TreeSet<P>> alike = new LinkedHashMap<>();
        cutOff.forEach(piece -> place.apply(piece)
                .ifPresent(at -> alike.computeIfAbsent(measure.apply(piece), each -> new TreeSet<>())
                        .add(at)));
        Map<M, List<P>> lists = new LinkedHashMap<>();
        alike.forEach((measured, at) -> lists.put(measured, List.copyOf(at)));
        return lists;
    }

    /**
     * A notch, measured along its edge.
     *
     * @param from where it starts
     * @param to where it ends
     * @param tip where its point is
     * @param deep how deep it is
     * @param isWhole whether it takes the edge from corner to corner
     */
    record Notch(Length from, Length to, Length tip, Length deep, boolean isWhole) {}

    /**
     * What a corner loses.
     *
     * @param legs how far along its level edge, and how far along its upright one
     * @param form what comes off
     */
    record Reach(Size legs, Form form) {}

    /** What comes off a corner. */
    enum Form {
        /** A triangle. */
        STRAIGHT,
        /** A rectangle. */
        SQUARE,
        /** What lies outside a quarter of a circle. */
        ROUND
    }

    /**
     * A triangle that comes off a rectangle, or a rectangle that comes off its corner.
     *
     * @param corner the corner it takes, if it takes one
     * @param edge the edge it is cut out of, if it is cut out of one
     * @param reach what its corner loses
     * @param notch how it lies on its edge
     */
    record CutOff(Optional<Corner> corner, Optional<Edge> edge, Reach reach, Notch notch) {

        /** What a curve drawn with straight edges lies off it at most, in inches. */
        private static final double ROUND_ENOUGH = 0.002;

        private static final Reach NONE = new Reach(new Size(Length.GRAIN, Length.GRAIN), Form.STRAIGHT);
        private static final Notch NO_NOTCH = new Notch(Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO, false);

        static Optional<CutOff> of(Region waste, Rect paper) {
            List<Point> corners = straight(waste.outline().corners());
            boolean isSquare = waste.outline().isRectangle();
            if (corners.size() > 4 && waste.holes().isEmpty()) {
                return List.of(Corner.values()).stream()
                        .flatMap(corner -> round(corners, corner, paper).stream())
                        .findFirst();
            }
            if ((corners.size() != 3 && !isSquare) || !waste.holes().isEmpty()) {
                return Optional.empty();
            }
            Optional<CutOff> notch = List.of(Edge.values()).stream()
                    .filter(edge -> !isSquare)
                    .flatMap(edge -> notch(corners, edge, paper).stream())
                    .findFirst();
            return notch.isPresent()
                    ? notch
                    : List.of(Corner.values()).stream()
                            .filter(corner -> corners.stream().anyMatch(point -> isSame(point, corner.of(paper))))
                            .flatMap(corner -> corner(corners, corner, isSquare, paper).stream())
                            .findFirst();
        }

        /** Without corners at which the line goes straight on. */
        private static List<Point> straight(List<Point> corners) {
            List<Point> kept = new ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                Point before = corners.get((i + corners.size() - 1) % corners.size());
                Point after = corners.get((i + 1) % corners.size());
                if (Outline.of(before, corners.get(i), after).area() > Overlay.NOTHING) {
                    kept.add(corners.get(i));
                }
            }
            return kept;
        }

        private static Optional<CutOff> corner(List<Point> corners, Corner corner, boolean isSquare, Rect paper) {
            return corner(corners, corner, isSquare ? Form.SQUARE : Form.STRAIGHT, paper);
        }

        /** All of its points but the corner lie as far from the middle of the rounding. */
        private static Optional<CutOff> round(List<Point> corners, Corner corner, Rect paper) {
            Point at = corner.of(paper);
            Optional<CutOff> off = corner(corners, corner, Form.ROUND, paper);
            Size legs = off.map(each -> each.reach().legs()).orElse(paper.size());
            double radius = legs.width().toInches();
            double x = at.x().toInches() + (corner.isLeft() ? radius : -radius);
            double y = at.y().toInches() + (corner.isTop() ? radius : -radius);
            boolean isRound = isSame(legs.width(), legs.height())
                    && legs.width()
                            .multipliedBy(2)
                            .isShorterThan(Length.min(
                                    paper.size().width(), paper.size().height()))
                    && corners.stream()
                            .filter(point -> !isSame(point, at))
                            .allMatch(point -> Math.abs(Math.hypot(
                                                    point.x().toInches() - x,
                                                    point.y().toInches() - y)
                                            - radius)
                                    < ROUND_ENOUGH);
            return off.filter(each -> isRound);
        }

        private static Optional<CutOff> corner(List<Point> corners, Corner corner, Form form, Rect paper) {
            Point at = corner.of(paper);
            Optional<Point> level = corners.stream()
                    .filter(point -> isSame(point.y(), at.y()) && !isSame(point.x(), at.x()))
                    .findFirst();
            Optional<Point> upright = corners.stream()
                    .filter(point -> isSame(point.x(), at.x()) && !isSame(point.y(), at.y()))
                    .findFirst();
            return level.isEmpty() || upright.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new CutOff(
                            Optional.of(corner),
                            Optional.empty(),
                            new Reach(
                                    new Size(
                                            level.get().x().minus(at.x()).abs(),
                                            upright.get().y().minus(at.y()).abs()),
                                    form),
                            NO_NOTCH));
        }

        private static Optional<CutOff> notch(List<Point> corners, Edge edge, Rect paper) {
            List<Point> on = corners.stream()
                    .filter(point -> isSame(depth(point, edge, paper), Length.ZERO))
                    .toList();
            Optional<Point> tip = corners.stream()
                    .filter(point -> List.of(Edge.values()).stream()
                            .noneMatch(any -> isSame(depth(point, any, paper), Length.ZERO)))
                    .findFirst();
            if (on.size() != 2 || tip.isEmpty()) {
                return Optional.empty();
            }
            Length one = along(on.get(0), edge, paper);
            Length other = along(on.get(1), edge, paper);
            Length whole = edge.axis() == Axis.HORIZONTAL
                    ? paper.size().width()
                    : paper.size().height();
            Notch notch = new Notch(
                    Length.min(one, other),
                    Length.max(one, other),
                    along(tip.get(), edge, paper),
                    depth(tip.get(), edge, paper),
                    isSame(one.minus(other).abs(), whole));
            return Optional.of(new CutOff(Optional.empty(), Optional.of(edge), NONE, notch));
        }

        private static Length depth(Point point, Edge edge, Rect paper) {
            return switch (edge) {
                case LEFT -> point.x().minus(paper.left());
                case RIGHT -> paper.right().minus(point.x());
                case TOP -> point.y().minus(paper.top());
                case BOTTOM -> paper.bottom().minus(point.y());
            };
        }

        private static Length along(Point point, Edge edge, Rect paper) {
            return edge == Edge.LEFT || edge == Edge.RIGHT
                    ? point.y().minus(paper.top())
                    : point.x().minus(paper.left());
        }

        private static boolean isSame(Point one, Point other) {
            return isSame(one.x(), other.x()) && isSame(one.y(), other.y());
        }

        /** Within what rounding to ticks does. */
        private static boolean isSame(Length one, Length other) {
            return one.minus(other).abs().isShorterThan(Length.GRAIN.multipliedBy(3));
        }
    }
}
