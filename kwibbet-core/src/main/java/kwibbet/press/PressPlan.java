package kwibbet.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Press;
import kwibbet.wording.Phrase;

/**
 * How all pieces of a run go through the press.
 *
 * @param loads what lies on the bed together, in the order of work
 * @param byHand what no die cuts, or the press does not take
 * @param atLeast no plan for these dies passes less often
 */
public record PressPlan(List<Load> loads, List<ByHand> byHand, int atLeast) {

    /** Copies the lists. */
    public PressPlan {
        loads = List.copyOf(loads);
        byHand = List.copyOf(byHand);
    }

    /**
     * What lies on the bed in one pass.
     *
     * @param laid the papers with their dies; at least one
     * @param passes how often that is passed
     */
    public record Load(List<OnBed> laid, int passes) {
        /** Copies the list. */
        public Load {
            laid = List.copyOf(laid);
        }
    }

    /**
     * A paper with its dies on the bed.
     *
     * @param layup the paper and the dies
     * @param place where its extent lies on the bed, the bed's corner at zero; the paper goes through from left to right
     * @param turned whether it lies a quarter turned
     */
    public record OnBed(Layup layup, Rect place, boolean turned) {}

    /**
     * A shape that is cut by knife or punch.
     *
     * @param want the shape
     * @param count on how many pieces
     * @param why why the press does not cut it
     * @param nearest the die of that shape nearest in size
     */
    public record ByHand(Want want, int count, Reason why, Optional<Die> nearest) {

        /** What is cut otherwise, and why. */
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system)
                    .words(want.piece().name() + ", its " + want.role().words() + " of ")
                    .size(want.box().size())
                    .words(": " + why.words());
            nearest.ifPresent(die -> writer.words("; the nearest is " + die.name() + ", ")
                    .size(die.shape().size()));
            return writer.words(".").end();
        }
    }

    /** Why the press does not cut a shape. */
    public enum Reason {
        NO_DIE("you have no die for it"),
        TOO_WIDE("the paper is wider than the bed"),
        PLATE_TOO_SHORT("the die is longer than the plates");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        /** What is in the way. */
        public String words() {
            return words;
        }
    }

    /** The plan for the run of a card. */
    public static PressPlan of(Card card, Press press, List<Die> dies) {
        // Sideways: the paper goes through from left to right.
        Size bed = new Size(press.plate(), press.bed());
        int count = card.design().run().cards();
        List<Layup> layups = new ArrayList<>();
        List<ByHand> byHand = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            List<DieUse> uses = new ArrayList<>();
            for (Want want : Want.of(card, piece)) {
                Optional<DieUse> use = DieSearch.find(want, dies);
                Optional<Reason> why =
                        use.isEmpty() ? Optional.of(Reason.NO_DIE) : inTheWay(piece, use.orElseThrow(), bed);
                why.ifPresentOrElse(
                        reason -> byHand.add(new ByHand(
                                want,
                                count,
                                reason,
                                reason == Reason.NO_DIE ? DieSearch.nearest(want, dies) : Optional.empty())),
                        () -> uses.add(use.orElseThrow()));
            }
            layups.addAll(layups(piece, count, uses, bed));
        }
        return PassSearch.plan(layups, bed, byHand);
    }

    /** Why a die with its paper does not go through, if it does not. */
    private static Optional<Reason> inTheWay(Piece piece, DieUse use, Size bed) {
        Rect paper = Layup.paperFor(piece, List.of(use));
        for (int pass = 0; pass < use.passes().size(); pass++) {
            Layup layup = new Layup(paper, 1, List.of(use), pass);
            if (!layup.goesThrough(bed)) {
                return Optional.of(isNarrow(layup, bed) ? Reason.PLATE_TOO_SHORT : Reason.TOO_WIDE);
            }
        }
        return Optional.empty();
    }

    private static boolean isNarrow(Layup layup, Size bed) {
        Size size = layup.extent().size();
        return !size.width().isLongerThan(bed.height()) || !size.height().isLongerThan(bed.height());
    }

    /** Dies of one piece that can be taped together go through at once; a stretched die in a pass after the other. */
    private static List<Layup> layups(Piece piece, int count, List<DieUse> uses, Size bed) {
        Rect paper = Layup.paperFor(piece, uses);
        List<List<DieUse>> taped = new ArrayList<>();
        List<Layup> layups = new ArrayList<>();
        for (DieUse use : uses) {
            if (!use.isWhole()) {
                for (int pass = 0; pass < use.passes().size(); pass++) {
                    layups.add(new Layup(paper, count, List.of(use), pass));
                }
                continue;
            }
            Optional<List<DieUse>> others = taped.stream()
                    .filter(group -> canShare(paper, group, use, bed))
                    .findFirst();
            others.ifPresentOrElse(group -> group.add(use), () -> taped.add(new ArrayList<>(List.of(use))));
        }
        taped.forEach(group -> layups.add(new Layup(paper, count, group, 0)));
        return layups;
    }

    private static boolean canShare(Rect paper, List<DieUse> group, DieUse more, Size bed) {
        List<DieUse> all = new ArrayList<>(group);
        all.add(more);
        long same = all.stream()
                .filter(use -> use.die().id().equals(more.die().id()))
                .count();
        boolean alone = all.stream().anyMatch(use -> use.die().detail() == Die.Detail.INTRICATE);
        return !alone
                && same <= more.die().onHand()
                && new Layup(paper, 1, all, 0).goesThrough(bed)
                && group.stream().allMatch(other -> DieSearch.canBeTaped(more, other));
    }

    /** The size of the paper that is cut for a piece: its own, or larger by the metal where a die cuts it out. */
    public Size paperFor(Piece piece) {
        return loads.stream()
                .flatMap(load -> load.laid().stream())
                .map(OnBed::layup)
                .filter(layup -> layup.piece().equals(piece))
                .findFirst()
                .map(layup -> layup.paper().size())
                .orElse(piece.size());
    }

    /** Whether a piece is cut out by a die. */
    public boolean cutsOut(Piece piece) {
        return loads.stream()
                .flatMap(load -> load.laid().stream())
                .map(OnBed::layup)
                .anyMatch(layup -> layup.piece().equals(piece) && layup.cutsOut());
    }

    /** How often the run passes the press. */
    public int passes() {
        return loads.stream().mapToInt(Load::passes).sum();
    }

    /** Whether no plan for these dies passes less often. */
    public boolean isProven() {
        return passes() == atLeast;
    }
}
