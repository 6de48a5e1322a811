package kwibbet.fold;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import kwibbet.crease.CreasePattern;
import kwibbet.crease.FoldStep;

/** What to do at a step of folding, in a sentence. */
public final class FoldWords {

    private static final int MOST_NAMES = 3;

    private FoldWords() {}

    /** The sentence of a step. */
    public static String of(FoldStep step, CreasePattern pattern) {
        return switch (step.kind()) {
            case TURN -> "Turn it over.";
            case FOLD -> "Fold " + leading(step, pattern) + " over, towards you.";
            case TUCK ->
                step.line().isEmpty()
                        ? "Fold all " + step.creases().size() + " creases together: none of them folds alone."
                        : "Fold " + leading(step, pattern) + " over and tuck " + tucked(step, pattern) + " under "
                                + over(step, pattern) + ".";
        };
    }

    /** The sentence of a step taken back, when what is shut is opened again. */
    public static String opening(FoldStep step, CreasePattern pattern) {
        return switch (step.kind()) {
            case TURN -> "Turn it over.";
            case FOLD -> "Open " + leading(step, pattern) + ".";
            case TUCK ->
                step.line().isEmpty()
                        ? "Unfold all " + step.creases().size() + " creases together."
                        : "Draw " + opened(step, pattern) + " out from under " + over(step, pattern) + " and open "
                                + leading(step, pattern) + ".";
        };
    }

    private static String opened(FoldStep step, CreasePattern pattern) {
        return goesUnderWhole(step, pattern) ? leading(step, pattern) : names(step.tucked(), pattern);
    }

    private static String leading(FoldStep step, CreasePattern pattern) {
        return names(next(step, pattern), pattern);
    }

    /** The parts that move next to the creases. */
    private static List<Integer> next(FoldStep step, CreasePattern pattern) {
        return step.creases().stream()
                .map(crease -> pattern.creases().get(crease))
                .map(crease -> step.moving().contains(crease.first()) ? crease.first() : crease.second())
                .distinct()
                .toList();
    }

    /** What of it goes under: all of it, or something that hangs on it. */
    private static String tucked(FoldStep step, CreasePattern pattern) {
        return goesUnderWhole(step, pattern) ? "it" : names(step.tucked(), pattern);
    }

    private static boolean goesUnderWhole(FoldStep step, CreasePattern pattern) {
        return step.tucked().stream().anyMatch(next(step, pattern)::contains);
    }

    /** What lies over it; what only hangs on that goes without saying. */
    private static String over(FoldStep step, CreasePattern pattern) {
        List<Integer> under = step.under().stream()
                .filter(facet -> pattern.creases().stream()
                        .filter(crease -> crease.second() == facet)
                        .noneMatch(crease -> step.under().contains(crease.first())))
                .toList();
        return names(under.isEmpty() ? step.under() : under, pattern);
    }

    private static String names(List<Integer> facets, CreasePattern pattern) {
        List<String> names = facets.stream()
                .map(facet -> named(pattern.facets().get(facet).name()))
                .distinct()
                .toList();
        if (names.size() > MOST_NAMES) {
            return names.stream().limit(MOST_NAMES).collect(Collectors.joining(", ")) + " and "
                    + (names.size() - MOST_NAMES) + " more";
        }
        String last = names.get(names.size() - 1);
        return names.size() == 1 ? last : String.join(", ", names.subList(0, names.size() - 1)) + " and " + last;
    }

    /** What has a number is called by it. */
    private static String named(String name) {
        boolean hasNumber = Character.isDigit(name.charAt(name.length() - 1));
        return (hasNumber ? "" : "the ") + name.toLowerCase(Locale.ROOT);
    }
}
