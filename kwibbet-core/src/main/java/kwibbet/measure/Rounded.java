package kwibbet.measure;

/**
 * A length as a tool can show it.
 *
 * @param exact what was wanted
 * @param shown the mark to use
 * @param error how much {@code shown} is over what was wanted; negative when it is under
 */
public record Rounded(Length exact, Length shown, Length error) {

    /**
     * Checks that the three agree.
     *
     * @throws IllegalArgumentException when {@code exact + error} is not {@code shown}
     */
    public Rounded {
        if (!exact.plus(error).equals(shown)) {
            throw new IllegalArgumentException(exact + " and an error of " + error + " do not make " + shown);
        }
    }

    static Rounded of(Length exact, Length shown) {
        return new Rounded(exact, shown, shown.minus(exact));
    }

    /** Whether the mark is just what was wanted. */
    public boolean isExact() {
        return error.isZero();
    }
}
