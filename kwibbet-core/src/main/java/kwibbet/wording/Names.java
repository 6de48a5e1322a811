package kwibbet.wording;

import java.util.ArrayList;
import java.util.List;

/** How things are named. */
public final class Names {

    /** A name has at most so many letters. */
    public static final int LONGEST = 60;

    private static final int MOST_DIGITS = 6;
    private static final String COPY = ", copy";

    /** So many in a row are told by the first and the last. */
    private static final int ROW = 3;

    private Names() {}

    /** Each name once; of a row that is numbered on, or back, as {@code wall 1}, {@code wall 2}, {@code wall 3}, the first with the last number. */
    public static List<String> together(List<String> names) {
        List<String> once = names.stream().distinct().toList();
        List<String> together = new ArrayList<>();
        int from = 0;
        while (from < once.size()) {
            int to = Math.max(endOfRow(once, from, 1), endOfRow(once, from, -1));
            if (to - from < ROW) {
                together.addAll(once.subList(from, to));
            } else {
                String last = once.get(to - 1);
                together.add(once.get(from) + " to " + last.substring(stem(last).length()));
            }
            from = to;
        }
        return List.copyOf(together);
    }

    private static int endOfRow(List<String> names, int from, int by) {
        int to = from + 1;
        while (to < names.size() && follows(names.get(to - 1), names.get(to), by)) {
            to++;
        }
        return to;
    }

    private static boolean follows(String name, String next, int by) {
        String stem = stem(name);
        return stem(next).equals(stem) && number(next, stem) == number(name, stem) + by;
    }

    /** The number at the end of a name; far less than any where there is none. */
    private static long number(String name, String stem) {
        String digits = name.substring(stem.length());
        return digits.isEmpty() ? Integer.MIN_VALUE : Long.parseLong(digits);
    }

    /** A name without the number at its end, of which no more digits count than a number of pieces has. */
    private static String stem(String name) {
        int end = name.length();
        while (end > 0 && name.length() - end < MOST_DIGITS && Character.isDigit(name.charAt(end - 1))) {
            end--;
        }
        return name.substring(0, end);
    }

    /** Whether it is a name. */
    public static boolean isOne(String name) {
        return !name.isBlank() && name.length() <= LONGEST;
    }

    /** What a copy is called; cut short where it would be too long. */
    public static String ofCopy(String name) {
        return name.substring(0, Math.min(name.length(), LONGEST - COPY.length())) + COPY;
    }
}
