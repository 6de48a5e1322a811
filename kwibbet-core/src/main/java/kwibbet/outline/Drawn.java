package kwibbet.outline;

import kwibbet.measure.Length;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Scale;
import kwibbet.shape.Size;

/**
 * A shape that is known by its edges only, as what is cut out of another.
 *
 * @param drawn its outline
 */
public record Drawn(Outline drawn) implements Look {

    @Override
    public String words() {
        return "shape as drawn";
    }

    @Override
    public String inSentence() {
        return "a shape as it is drawn";
    }

    @Override
    public boolean isDrawn() {
        return true;
    }

    @Override
    public Outline outline(Size size) {
        return new Scale(drawn.bounds(), size).outline(drawn);
    }

    @Override
    public Look grown(Size size, Length border) {
        return border.isZero() ? this : new Bordered(this, size, border);
    }
}
