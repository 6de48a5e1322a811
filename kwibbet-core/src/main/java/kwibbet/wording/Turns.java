package kwibbet.wording;

/** How far something is turned, in words. */
public final class Turns {

    private static final int HALF = 180;
    private static final int ROUND = 360;

    private Turns() {}

    /** Degrees clockwise, as {@code 8° clockwise} or {@code 8° counter-clockwise}, whichever is less. */
    public static String words(int degrees) {
        int clockwise = Math.floorMod(degrees, ROUND);
        return clockwise <= HALF ? clockwise + "° clockwise" : ROUND - clockwise + "° counter-clockwise";
    }
}
