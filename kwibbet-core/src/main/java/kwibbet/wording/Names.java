package kwibbet.wording;

/** How things of the inventory are named. */
public final class Names {

    /** A name has at most so many letters. */
    public static final int LONGEST = 60;

    private static final String COPY = ", copy";

    private Names() {}

    /** Whether it is a name. */
    public static boolean isOne(String name) {
        return !name.isBlank() && name.length() <= LONGEST;
    }

    /** What a copy is called; cut short where it would be too long. */
    public static String ofCopy(String name) {
        return name.substring(0, Math.min(name.length(), LONGEST - COPY.length())) + COPY;
    }
}
