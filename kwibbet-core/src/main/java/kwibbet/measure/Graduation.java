package kwibbet.measure;

/**
 * The spacing of the marks on a tool.
 *
 * @param step from one mark to the next; more than zero
 */
public record Graduation(Length step) {

    /** Every 1/8 inch. */
    public static final Graduation EIGHTHS = new Graduation(Length.ofInches(1, 8));
    /** Every 1/16 inch. */
    public static final Graduation SIXTEENTHS = new Graduation(Length.ofInches(1, 16));
    /** Every millimetre. */
    public static final Graduation MILLIMETRES = new Graduation(Length.ofMillimetres(1));

    /** The marks makers cut to: sixteenths of an inch, or millimetres. */
    public static Graduation usual(MeasureSystem system) {
        return system == MeasureSystem.INCH ? SIXTEENTHS : MILLIMETRES;
    }

    /**
     * Checks the step.
     *
     * @throws IllegalArgumentException when the step is not longer than zero
     */
    public Graduation {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("marks must be more than 0 apart, not " + step);
        }
    }
}
