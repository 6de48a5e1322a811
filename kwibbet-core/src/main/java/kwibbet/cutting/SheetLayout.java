package kwibbet.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * How one sheet is cut, and how many sheets are cut so.
 *
 * @param stock which stock it is of
 * @param sheet the size of the sheet
 * @param kerf what the blade takes away at each cut
 * @param copies how many sheets; at least 1
 * @param root the whole sheet
 */
public record SheetLayout(StockId stock, Size sheet, Length kerf, int copies, Section root) {

    /**
     * A part in its place.
     *
     * @param part which
     * @param area where
     * @param turned whether it lies a quarter turned
     */
    public record Placement(PartId part, Rect area, boolean turned) {}

    /**
     * A cut from edge to edge of what is in hand.
     *
     * @param axis its direction
     * @param inHand what is cut
     * @param setting its distance from the left or top edge of what is in hand
     * @param first what falls on the left or above
     * @param second what falls on the right or below; nothing when the blade takes all of it
     */
    public record Cut(Axis axis, Rect inHand, Length setting, Rect first, Optional<Rect> second) {

        /** How long the cut is. */
        public Length length() {
            return inHand.size().across(axis.across());
        }
    }

    /** What a part of the sheet is. */
    public sealed interface Yield {}

    /**
     * A wanted part.
     *
     * @param part which
     */
    public record PartOff(PartId part) implements Yield {}

    /** Nothing wanted. */
    public record OffcutOff() implements Yield {}

    /** A part that is cut further. */
    public record StripOff() implements Yield {}

    /** What the part of the sheet at {@code area} is. */
    public Yield yieldAt(Rect area) {
        Walk walk = walked();
        return walk.placements.stream()
                .filter(placement -> placement.area().equals(area))
                .<Yield>map(placement -> new PartOff(placement.part()))
                .findFirst()
                .orElseGet(() -> walk.offcuts.contains(area) ? new OffcutOff() : new StripOff());
    }

    /** The wanted parts, in the order they come off the sheet. */
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

    /** How many of each part come from one sheet. */
    public Map<PartId, Integer> counts() {
        Map<PartId, Integer> counts = new LinkedHashMap<>();
        placements().forEach(placement -> counts.merge(placement.part(), 1, Math::addExact));
        return counts;
    }

    /**
     * What is cut off all round a part.
     *
     * @param whole how large it comes off the sheet, upright
     * @param edge how much is cut off on each side
     */
    public record Trim(Size whole, Length edge) {}

    /** The same with parts cut to less all round; a part that has been cut so already stays. */
    public SheetLayout trimmed(Map<PartId, Trim> trims) {
        return new SheetLayout(stock, sheet, kerf, copies, trimmed(root, sheet, Axis.HORIZONTAL, trims));
    }

    /** The cuts that trim a part begin across those before, so that they are none of one strip with its neighbours. */
    private static Section trimmed(Section section, Size size, Axis before, Map<PartId, Trim> trims) {
        if (section instanceof Section.Split split) {
            Axis axis = split.axis();
            Length rest = size.across(axis).minus(split.at());
            return Section.split(
                    axis,
                    split.at(),
                    trimmed(split.first(), sized(size, axis, split.at()), axis, trims),
                    trimmed(split.second(), sized(size, axis, rest), axis, trims));
        }
        if (section instanceof Section.Filled filled) {
            return Optional.ofNullable(trims.get(filled.part()))
                    .filter(trim -> size.equals(filled.turned() ? trim.whole().turned() : trim.whole()))
                    .map(trim -> trimmed(filled, size, before.across(), trim.edge()))
                    .orElse(filled);
        }
        return section;
    }

    private static Size sized(Size size, Axis axis, Length across) {
        return axis == Axis.VERTICAL ? new Size(across, size.height()) : new Size(size.width(), across);
    }

    private static Section trimmed(Section part, Size size, Axis first, Length edge) {
        Length twice = edge.multipliedBy(2);
        Section inner =
                between(first.across(), edge, size.across(first.across()).minus(twice), part);
        return between(first, edge, size.across(first).minus(twice), inner);
    }

    private static Section between(Axis axis, Length edge, Length kept, Section part) {
        return new Section.Split(axis, edge, Section.LEFTOVER, new Section.Split(axis, kept, part, Section.LEFTOVER));
    }

    private Walk walked() {
        Walk walk = new Walk(kerf);
        walk.into(root, Rect.atOrigin(sheet));
        return walk;
    }

    private static final class Walk {

        private final Length kerf;
        private final List<Placement> placements = new ArrayList<>();
        private final List<Cut> cuts = new ArrayList<>();
        private final List<Rect> offcuts = new ArrayList<>();

        Walk(Length kerf) {
            this.kerf = kerf;
        }

        /** Cuts of one direction that follow each other come first, so that the fence is set once for equal strips. */
        void into(Section section, Rect area) {
            List<Runnable> strips = new ArrayList<>();
            Section rest = section;
            Optional<Rect> restArea = Optional.of(area);
            while (rest instanceof Section.Split split && restArea.isPresent() && continues(section, split)) {
                Rect first = restArea.get().upTo(split.axis(), split.at());
                Optional<Rect> second =
                        restArea.get().beyond(split.axis(), split.at().plus(kerf));
                cuts.add(new Cut(split.axis(), restArea.get(), split.at(), first, second));
                strips.add(() -> into(split.first(), first));
                rest = split.second();
                restArea = second;
            }
            strips.forEach(Runnable::run);
            if (restArea.isPresent()) {
                whole(rest, restArea.get());
            }
        }

        private void whole(Section rest, Rect area) {
            if (rest instanceof Section.Filled part) {
                placements.add(new Placement(part.part(), area, part.turned()));
            } else if (rest instanceof Section.Split) {
                into(rest, area);
            } else {
                offcuts.add(area);
            }
        }

        private static boolean continues(Section whole, Section.Split split) {
            return whole instanceof Section.Split started && started.axis() == split.axis();
        }
    }
}
