package kwibbet.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * How one sheet is cut, and how many sheets are cut so.
 *
 * @param sheet the size of the sheet
 * @param copies how many sheets; at least 1
 * @param root the whole sheet
 */
public record SheetLayout(Size sheet, int copies, Section root) {

    /**
     * A piece in its place.
     *
     * @param piece which
     * @param area where
     * @param turned whether it lies a quarter turned
     */
    public record Placement(PieceId piece, Rect area, boolean turned) {}

    /**
     * A cut from edge to edge of what is in hand.
     *
     * @param number its place in the order of cutting, from 1
     * @param axis its direction
     * @param inHand what is cut
     * @param setting its distance from the left or top edge of what is in hand
     * @param first what falls on the left or above
     * @param second what falls on the right or below
     */
    public record Cut(int number, Axis axis, Rect inHand, Length setting, Rect first, Rect second) {

        /** How long the cut is. */
        public Length length() {
            return inHand.size().across(axis.across());
        }
    }

    /** What a part of the sheet is. */
    public sealed interface Yield {}

    /**
     * A wanted piece.
     *
     * @param piece which
     */
    public record PieceOff(PieceId piece) implements Yield {}

    /** Nothing wanted. */
    public record OffcutOff() implements Yield {}

    /** A part that is cut further. */
    public record StripOff() implements Yield {}

    /** What the part of the sheet at {@code area} is. */
    public Yield yieldAt(Rect area) {
        Walk walk = walked();
        return walk.placements.stream()
                .filter(placement -> placement.area().equals(area))
                .<Yield>map(placement -> new PieceOff(placement.piece()))
                .findFirst()
                .orElseGet(() -> walk.offcuts.contains(area) ? new OffcutOff() : new StripOff());
    }

    /** The wanted pieces, in the order they come off the sheet. */
    public List<Placement> placements() {
        return walked().placements;
    }

    /** The cuts, in an order in which they can be made. */
    public List<Cut> cuts() {
        return walked().cuts;
    }

    /** What is left over. */
    public List<Rect> offcuts() {
        return walked().offcuts;
    }

    /** How many of each piece come from one sheet. */
    public Map<PieceId, Integer> counts() {
        Map<PieceId, Integer> counts = new LinkedHashMap<>();
        placements().forEach(placement -> counts.merge(placement.piece(), 1, Math::addExact));
        return counts;
    }

    /** Whether another sheet is cut just the same. */
    boolean isCutLike(SheetLayout other) {
        return sheet.equals(other.sheet) && root.equals(other.root);
    }

    SheetLayout withCopies(int otherCopies) {
        return new SheetLayout(sheet, otherCopies, root);
    }

    private Walk walked() {
        Walk walk = new Walk();
        walk.into(root, Rect.atOrigin(sheet));
        return walk;
    }

    private static final class Walk {

        private final List<Placement> placements = new ArrayList<>();
        private final List<Cut> cuts = new ArrayList<>();
        private final List<Rect> offcuts = new ArrayList<>();

        /** Cuts of one direction that follow each other come first, so that the fence is set once for equal strips. */
        void into(Section section, Rect area) {
            List<Runnable> strips = new ArrayList<>();
            Section rest = section;
            Rect restArea = area;
            while (rest instanceof Section.Split split && continues(section, split)) {
                Rect first = firstPart(split, restArea);
                Rect second = secondPart(split, restArea);
                cuts.add(new Cut(cuts.size() + 1, split.axis(), restArea, split.at(), first, second));
                strips.add(() -> into(split.first(), first));
                rest = split.second();
                restArea = second;
            }
            strips.forEach(Runnable::run);
            if (rest instanceof Section.Part part) {
                placements.add(new Placement(part.piece(), restArea, part.turned()));
            } else if (rest instanceof Section.Split) {
                into(rest, restArea);
            } else {
                offcuts.add(restArea);
            }
        }

        private static boolean continues(Section whole, Section.Split split) {
            return whole instanceof Section.Split started && started.axis() == split.axis();
        }

        private static Rect firstPart(Section.Split split, Rect area) {
            Size size = split.axis() == Axis.VERTICAL
                    ? new Size(split.at(), area.size().height())
                    : new Size(area.size().width(), split.at());
            return new Rect(area.corner(), size);
        }

        private static Rect secondPart(Section.Split split, Rect area) {
            return split.axis() == Axis.VERTICAL
                    ? Rect.of(
                            area.left().plus(split.at()),
                            area.top(),
                            area.size().width().minus(split.at()),
                            area.size().height())
                    : Rect.of(
                            area.left(),
                            area.top().plus(split.at()),
                            area.size().width(),
                            area.size().height().minus(split.at()));
        }
    }
}
