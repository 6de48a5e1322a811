package kwibbet.press;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DiePass;

/**
 * A die that cuts a wanted shape.
 *
 * @param want the shape
 * @param also what else it cuts
 * @param die the die
 * @param degrees how far the die is turned on the piece, clockwise
 * @param run the direction it is shifted in from pass to pass
 * @param passes its passes, in order; one where the die has the shape itself
 */
public record DieUse(Want want, Also also, Die die, int degrees, Axis run, List<DiePass> passes) {

    private static final int QUARTER = 90;
    private static final int HALF = 180;

    /**
     * What a die cuts besides.
     *
     * @param inside openings of the same piece, by the die's other lines
     * @param creased scores of the same piece
     * @param through the same shape in pieces that lie on it or under it and are cut with it
     */
    public record Also(List<Want> inside, List<Score> creased, List<Want> through) {

        /** Nothing. */
        static final Also NOTHING = new Also(List.of(), List.of(), List.of());

        /** Copies the lists. */
        public Also {
            inside = List.copyOf(inside);
            creased = List.copyOf(creased);
            through = List.copyOf(through);
        }
    }

    /** Copies the list. */
    public DieUse {
        passes = List.copyOf(passes);
    }

    /** A die for a shape in one piece. */
    static DieUse of(Want want, Die die, int degrees, Axis run, List<DiePass> passes) {
        return new DieUse(want, Also.NOTHING, die, degrees, run, passes);
    }

    /** The same die cutting openings of the piece and creasing it as well. */
    DieUse with(List<Want> openings, List<Score> creased) {
        return new DieUse(want, new Also(openings, creased, also.through()), die, degrees, run, passes);
    }

    /** The same cutting through other pieces as well. */
    DieUse through(List<Want> others) {
        return new DieUse(want, new Also(also.inside(), also.creased(), others), die, degrees, run, passes);
    }

    /** All it cuts, in whatever piece. */
    public Stream<Want> wants() {
        return Stream.of(Stream.of(want), also.inside().stream(), also.through().stream())
                .flatMap(Function.identity());
    }

    /** Whether the die has the shape itself, and all of it lies under the plate. */
    public boolean isWhole() {
        return passes.equals(List.of(DiePass.WHOLE));
    }

    /** Where its cut lies on the piece in a pass. */
    public Rect cut(DiePass pass) {
        Point corner = want.box().corner();
        Point shifted = run == Axis.HORIZONTAL
                ? corner.plus(pass.shift(), Length.ZERO)
                : corner.plus(Length.ZERO, pass.shift());
        Size size = die.shape().size();
        return new Rect(shifted, isAslant() ? want.box().size() : degrees % HALF == 0 ? size : size.turned());
    }

    /** Whether none of its sides lies along those of the paper. */
    public boolean isAslant() {
        return degrees % QUARTER != 0;
    }

    /** Where its metal lies on the piece in a pass. */
    public Rect metal(DiePass pass) {
        return isAslant() ? rim(pass).bounds() : cut(pass).grown(die.metal());
    }

    /** The line it cuts in a pass all round, on the piece. */
    public Outline cutLine(DiePass pass) {
        return turnedInto(die.shape().outline(), degrees, cut(pass).corner());
    }

    /** The lines it cuts within that. */
    public List<Outline> innerLines(DiePass pass) {
        return die.shape().holes().stream()
                .map(hole -> turnedWith(
                        die.shape().outline(), hole, degrees, cut(pass).corner()))
                .toList();
    }

    /** The outside of its metal in a pass, on the piece. */
    public Outline rim(DiePass pass) {
        Length out = die.metal().negated();
        return turnedWith(
                die.shape().outline(),
                die.rim().outline().plus(out, out),
                degrees,
                cut(pass).corner());
    }

    /** The lines it creases. */
    public List<Segment> creaseLines(DiePass pass) {
        Placement turned = turned(die.shape().outline(), degrees, cut(pass).corner());
        return die.shape().creases().stream().map(turned::apply).toList();
    }

    /** An outline turned, the corner of its bounds at a place. */
    static Outline turnedInto(Outline outline, int degrees, Point corner) {
        return turnedWith(outline, outline, degrees, corner);
    }

    /** What lies within an outline that is turned, the corner of the outline's bounds at a place. */
    static Outline turnedWith(Outline outline, Outline inner, int degrees, Point corner) {
        return inner.in(turned(outline, degrees, corner));
    }

    private static Placement turned(Outline outline, int degrees, Point corner) {
        Point at =
                outline.in(new Placement(Point.ORIGIN, degrees, false)).bounds().corner();
        return new Placement(corner.plus(at.x().negated(), at.y().negated()), degrees, false);
    }
}
