package kwibbet.app.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.Folding;
import kwibbet.crease.Misfold;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldWords;
import kwibbet.fold.Leaf;
import kwibbet.fold.SeenFace;
import kwibbet.fold.Swing;
import kwibbet.fold.Thickness;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.FaceFills;
import kwibbet.picture.FoldPicture;
import kwibbet.wording.Phrase;

/**
 * What a page shows of something that folds.
 *
 * @param pattern what folds
 * @param folding whether it does
 * @param sequence in which order
 * @param leaves what is drawn of it
 * @param fills what its pieces are filled with
 * @param scale inches to the unit of the pattern
 * @param seen what can be seen after each step, in words
 * @param last what is done when it is folded
 * @param thickness how thick it is folded, where that is known
 * @param clashes what would run into each other if all swung at once
 */
public record FoldStudy(
        CreasePattern pattern,
        FlatFolding folding,
        Optional<FoldSequence> sequence,
        List<Leaf> leaves,
        Map<String, FaceFills> fills,
        double scale,
        List<String> seen,
        List<String> last,
        Optional<Thickness> thickness,
        List<Swing.Clash> clashes) {

    /** Copies the lists. */
    public FoldStudy {
        leaves = List.copyOf(leaves);
        fills = Map.copyOf(fills);
        seen = List.copyOf(seen);
        last = List.copyOf(last);
        clashes = List.copyOf(clashes);
    }

    private static final int MOST_SEEN = 4;
    /** So many leaves times steps are about three megabytes of frames. */
    private static final int MOST_MOVING = 3000;
    /** What a pattern is drawn in whose paper nobody knows. */
    private static final FaceFills PLAIN = FaceFills.same(new Fill.Paper(new Colour("#dcc9a3")));
    /** Thickness is told to so much. */
    private static Graduation near(MeasureSystem system) {
        return new Graduation(system == MeasureSystem.INCH ? Length.ofInches(1, 64) : Length.ofMillimetres(1, 10));
    }

    /** How a card closes. */
    public static FoldStudy of(Card card, CardFolding folding, PaperShelf shelf) {
        Map<String, FaceFills> fills = FoldPicture.fills(card, shelf);
        List<String> seen = new ArrayList<>();
        folding.sequence().ifPresent(sequence -> sequence.steps()
                .forEach(step -> seen.add(words(folding.seen(card, step.after(), step.isSeenFromUnder())))));
        return new FoldStudy(
                folding.pattern().pattern(),
                folding.folding(),
                folding.sequence(),
                folding.leaves(),
                fills,
                1,
                seen,
                folding.bands().stream()
                        .map(band -> "Slip " + band + " over it.")
                        .toList(),
                folding.folding() instanceof FlatFolding.Folds folds
                        ? Optional.of(Thickness.of(card, folding.leaves(), folds.places()))
                        : Optional.empty(),
                Swing.of(card, folding.pattern()).clashes());
    }

    /** How a pattern of someone else folds; drawn as if it were as wide as a card. */
    public static FoldStudy of(Folding folding) {
        CreasePattern pattern = folding.pattern();
        double reach = pattern.tolerance() * 1e5;
        List<Leaf> leaves = Leaf.of(pattern);
        Map<String, FaceFills> fills = new HashMap<>();
        leaves.forEach(leaf -> fills.put(leaf.piece(), PLAIN));
        return new FoldStudy(
                pattern,
                folding.flat(),
                folding.sequence(),
                leaves,
                fills,
                1 / reach,
                List.of(),
                List.of(),
                Optional.empty(),
                List.of());
    }

    private static String words(List<SeenFace> faces) {
        StringBuilder words = new StringBuilder("You see ");
        for (int i = 0; i < Math.min(faces.size(), MOST_SEEN); i++) {
            words.append(i == 0 ? "" : ", ")
                    .append(faces.get(i).title())
                    .append(' ')
                    .append(faces.get(i).wayUp());
        }
        return words.append(faces.size() > MOST_SEEN ? " and more." : ".").toString();
    }

    /**
     * A step on the page.
     *
     * @param number from 1
     * @param sentence what to do
     * @param opening what to do to take it back
     * @param drawing how the paper lies before
     * @param seen what can be seen afterwards, in words; empty where it is not said
     * @param either that it can change places with the next, in words; empty where it cannot
     */
    public record Step(int number, String sentence, String opening, Drawing drawing, String seen, String either) {}

    private Optional<FoldSequence> shown() {
        return sequence.filter(all -> !all.steps().isEmpty());
    }

    private FoldPicture picture(FoldSequence all) {
        return FoldPicture.of(pattern, leaves, fills, all, scale);
    }

    /** The steps, with how the paper lies before each. */
    public List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        shown().ifPresent(all -> {
            FoldPicture picture = picture(all);
            List<Integer> exchangeable = all.exchangeable(pattern);
            for (int i = 0; i < all.steps().size(); i++) {
                FoldStep step = all.steps().get(i);
                steps.add(new Step(
                        i + 1,
                        FoldWords.of(step, pattern),
                        FoldWords.opening(step, pattern),
                        picture.before(i),
                        i < seen.size() ? seen.get(i) : "",
                        exchangeable.contains(i) ? "Steps " + (i + 1) + " and " + (i + 2) + " in either order." : ""));
            }
        });
        return steps;
    }

    /** How it lies when it is folded. */
    public Optional<Drawing> folded() {
        return shown().map(all ->
                picture(all).folded(thickness.map(thick -> thick.thickest().at())));
    }

    /** Whether it can be shown moving: not where there is more of it than a browser plays without a halt. */
    public boolean moves() {
        return shown().map(all -> (long) leaves.size() * all.steps().size() <= MOST_MOVING)
                .orElse(false);
    }

    /** Its frames; none where it does not move. */
    public Optional<MotionView> motion(boolean spread) {
        return shown().filter(all -> moves()).map(all -> MotionView.of(all, leaves, fills, spread));
    }

    /** The reading of the run line: how many folds, tucks and turns. */
    public String reading() {
        return reading(folding, sequence);
    }

    /** How many folds, tucks and turns, or that there is no way. */
    public static String reading(FlatFolding folding, Optional<FoldSequence> sequence) {
        if (folding instanceof FlatFolding.CannotFold) {
            return "does not fold flat";
        }
        if (sequence.isEmpty()) {
            return "not decided";
        }
        List<String> words = new ArrayList<>();
        counted(sequence.get().count(FoldStep.Kind.FOLD), "fold", "folds", words);
        counted(sequence.get().count(FoldStep.Kind.TUCK), "tuck", "tucks", words);
        counted(sequence.get().count(FoldStep.Kind.TURN), "turn", "turns", words);
        return words.isEmpty() ? "flat" : String.join(", ", words);
    }

    private static void counted(int count, String one, String many, List<String> words) {
        if (count > 0) {
            words.add(count + " " + (count == 1 ? one : many));
        }
    }

    /** Why it does not fold; empty where it does. */
    public List<Misfold> reasons() {
        return folding instanceof FlatFolding.CannotFold cannot ? cannot.reasons() : List.of();
    }

    /** What is to be said where there are no steps to show. */
    public String without() {
        return folding instanceof FlatFolding.Undecided
                ? "It was not found out whether it folds flat: there is too much of it."
                : "There is nothing to fold.";
    }

    /** Where it does not fold; none where it does. */
    public Optional<Drawing> where() {
        return reasons().isEmpty()
                ? Optional.empty()
                : Optional.of(FoldPicture.misfolds(pattern, leaves, fills, reasons(), scale));
    }

    /** How many ways its parts can lie over each other, in words. */
    public String orders() {
        if (!(folding instanceof FlatFolding.Folds folds)) {
            return "";
        }
        if (folds.count() == 1) {
            return "Its parts can lie over each other in one way only.";
        }
        boolean allTried = folds.isCounted() && folds.orders().size() == folds.count();
        return "Its parts can lie over each other in " + (folds.isCounted() ? "" : "at least ") + folds.count()
                + (allTried ? " ways; this one takes least." : " ways; of those looked at, this one takes least.");
    }

    /**
     * How thick it is, shut, in words; empty where that is not known.
     *
     * @param system the system figures are printed in
     */
    public Optional<Phrase> thick(MeasureSystem system) {
        return thickness.map(all -> Phrase.in(system)
                .words("Shut, it is ")
                .length(all.thickest().thick().roundedUpTo(near(system)).shown())
                .words(" at the thickest, where " + all.thickest().plies() + " plies meet, and ")
                .length(all.thinnest().thick().roundedUpTo(near(system)).shown())
                .words(" at the thinnest.")
                .end());
    }

    /** What would run into each other if all swung at once, in words; empty where nothing would. */
    public String swing() {
        if (clashes.isEmpty()) {
            return "";
        }
        String more = clashes.size() > 1
                ? ", and " + (clashes.size() == 2 ? "one more such pair" : (clashes.size() - 1) + " more such pairs")
                : "";
        return "One step after the other: swung all at once, " + clashes.get(0).one() + " and "
                + clashes.get(0).other() + " would run into each other" + more + ".";
    }

    /** Whether there is no shorter order, in words. */
    public String proof() {
        return sequence.map(all ->
                        all.isShortest() ? "No order of folding is shorter." : "A shorter order of folding may exist.")
                .orElse("");
    }
}
