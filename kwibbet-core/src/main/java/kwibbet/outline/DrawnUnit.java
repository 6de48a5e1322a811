package kwibbet.outline;

import kwibbet.shape.Size;

/** What a drawing is measured in. */
public enum DrawnUnit {
    MILLIMETRE("millimetres", 1),
    CENTIMETRE("centimetres", 10),
    INCH("inches", DrawnUnit.OF_INCH),
    /** As CSS Values and Units 3, section 5.2 has it. */
    PIXEL("pixels, 96 to an inch", DrawnUnit.OF_INCH / 96),
    /** As CSS Values and Units 3, section 5.2 has it. */
    POINT("points, 72 to an inch", DrawnUnit.OF_INCH / 72);

    private static final double OF_INCH = 25.4;

    private final String words;
    private final double millimetres;

    DrawnUnit(String words, double millimetres) {
        this.words = words;
        this.millimetres = millimetres;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }

    /** How many millimetres one of it is long. */
    public double millimetres() {
        return millimetres;
    }

    /** The size of a box that is kept as if it were drawn in millimetres. */
    Size of(Size inMillimetres) {
        return this == MILLIMETRE
                ? inMillimetres
                : new Size(
                        inMillimetres.width().scaledBy(millimetres),
                        inMillimetres.height().scaledBy(millimetres));
    }
}
