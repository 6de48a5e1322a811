package kwibbet.paper;

import java.util.Optional;

import kwibbet.shape.Axis;

/** Which way the fibres run on the sheet as it is held: with its height upright. */
public enum Grain {
    UNKNOWN("not known", Optional.empty()),
    UPRIGHT("along the height", Optional.of(Axis.VERTICAL)),
    CROSSWISE("along the width", Optional.of(Axis.HORIZONTAL));

    private final String words;
    private final Optional<Axis> axis;

    Grain(String words, Optional<Axis> axis) {
        this.words = words;
        this.axis = axis;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }

    /** The direction of the fibres, where it is known. */
    public Optional<Axis> axis() {
        return axis;
    }
}
