package kwibbet.outline;

import kwibbet.measure.Length;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Scale;
import kwibbet.shape.Size;

/**
 * What lies a border round an outline.
 *
 * @param inner the outline
 * @param size how large that is
 * @param border how wide the border is
 */
record Bordered(Look inner, Size size, Length border) implements Look {

    @Override
    public String words() {
        return inner.words();
    }

    @Override
    public String inSentence() {
        return inner.inSentence();
    }

    @Override
    public Outline outline(Size box) {
        Outline around = Overlay.around(inner.outline(size), border);
        return new Scale(around.bounds(), box).outline(around);
    }

    @Override
    public Look grown(Size box, Length more) {
        return new Bordered(this, box, more);
    }
}
