package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Scale;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A pattern cut along an edge: a band of which the upper half lies past the edge and the lower half has the pattern, as a die would that is laid half over it.
 *
 * @param pattern what is cut
 * @param pitch from one to the next
 * @param deep how far it reaches in
 * @param repeats how many there are; at least one
 */
public record EdgeRun(EdgePattern pattern, Length pitch, Length deep, int repeats) implements Look {

    /** The run that a shape has, if it has one. */
    public static Optional<EdgeRun> of(CutShape shape) {
        return shape.look() instanceof EdgeRun run ? Optional.of(run) : Optional.empty();
    }

    /** The shape it is, in its own size. */
    public CutShape shape() {
        return new CutShape(this, size());
    }

    private Size size() {
        return new Size(pitch.multipliedBy(repeats), deep.multipliedBy(2));
    }

    /** Whether one of them lies in its middle, rather than where two meet. */
    public boolean hasOneInTheMiddle() {
        return repeats % 2 == 1;
    }

    @Override
    public String words() {
        return pattern.words();
    }

    @Override
    public String inSentence() {
        return pattern.words();
    }

    /** What it is called, with its figures. */
    public Phrase figures(MeasureSystem system) {
        return Phrase.in(system)
                .words(pattern.words() + ", ")
                .length(pitch)
                .words(" apart and ")
                .length(deep)
                .words(" deep")
                .end();
    }

    @Override
    public boolean isDrawn() {
        return true;
    }

    @Override
    public Outline outline(Size size) {
        Outline own = band();
        return size.equals(size()) ? own : new Scale(own.bounds(), size).outline(own);
    }

    private Outline band() {
        List<EdgePattern.Turn> turns = pattern.turns(pitch.toInches(), deep.toInches());
        List<Point> corners = new ArrayList<>();
        corners.add(new Point(size().width(), Length.ZERO));
        corners.add(Point.ORIGIN);
        for (int i = 0; i < repeats; i++) {
            for (EdgePattern.Turn turn : turns) {
                Point corner = new Point(
                        pitch.multipliedBy(i).plus(pitch.scaledBy(turn.along())), deep.plus(deep.scaledBy(turn.in())));
                if (!corner.equals(corners.get(corners.size() - 1))) {
                    corners.add(corner);
                }
            }
        }
        return new Outline(corners);
    }

    @Override
    public Look grown(Size size, Length border) {
        return border.isZero() ? this : new Bordered(this, size, border);
    }
}
