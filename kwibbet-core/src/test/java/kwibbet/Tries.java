package kwibbet;

/** How many cases a test goes through: a fault is found in a few of many, and while small faults are tried each test is asked once a fault. */
public final class Tries {

    private static final int MOST = Integer.getInteger("kwibbet.tries", Integer.MAX_VALUE);

    private Tries() {}

    /** So many as usual, or fewer where the build says so. */
    public static int of(int usual) {
        return Math.min(usual, MOST);
    }
}
