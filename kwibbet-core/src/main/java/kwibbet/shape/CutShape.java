package kwibbet.shape;

import java.util.List;

import kwibbet.measure.Length;

/**
 * A shape that a die or a knife cuts, drawn into a box.
 *
 * @param look what it looks like
 * @param size the box it fills
 */
public record CutShape(Look look, Size size) {

    /** A shape of the trade. */
    public enum Kind implements Look {
        RECTANGLE("rectangle"),
        ROUNDED("rounded rectangle"),
        OVAL("oval"),
        ARCH("arch"),
        GABLE("gable"),
        HEXAGON("hexagon"),
        OCTAGON("octagon"),
        DIAMOND("diamond"),
        SCALLOPED("scalloped oval");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public String inSentence() {
            return ("aeiou".indexOf(words.charAt(0)) >= 0 ? "an " : "a ") + words;
        }

        @Override
        public Outline outline(Size size) {
            return new KindOutline(this, size).outline();
        }

        @Override
        public double area(Size size) {
            return new KindOutline(this, size).area();
        }

        /** Drawn anew into the larger box, as the dies of a nested set are. */
        @Override
        public Look grown(Size size, Length border) {
            return this;
        }
    }

    /** Its outline in a frame whose zero is the left top corner of its box. */
    public Outline outline() {
        return look.outline(size);
    }

    /** What is cut out of it with it, in the same frame. */
    public List<Outline> holes() {
        return look.holes(size);
    }

    /** Where it is creased, in the same frame. */
    public List<Segment> creases() {
        return look.creases(size);
    }

    /** What it covers: its outline less what is cut out of it. */
    public Region region() {
        return new Region(outline(), holes());
    }

    /** The same shape in a box larger by a border all round; nothing is cut out of it. */
    public CutShape grown(Length border) {
        return new CutShape(look.grown(size, border), size.grown(border));
    }

    /** Whether it has that look. */
    public boolean is(Look other) {
        return look.equals(other);
    }

    /** Whether it is as wide as high and round. */
    public boolean isCircle() {
        return is(Kind.OVAL) && size.width().equals(size.height());
    }

    /** What makers call it. */
    public String words() {
        return look.words();
    }

    /** Square inches within its outline, of a shape of the trade in closed form. */
    public double area() {
        return look.area(size);
    }

    /** Inches round it, measured along its outline. */
    public double perimeter() {
        return isCircle() ? Math.PI * size.width().toInches() : outline().perimeter();
    }
}
