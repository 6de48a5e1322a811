package kwibbet.trial;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.cutting.FencePlan.Setting;
import kwibbet.cutting.FencePlan.Take;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A trimmer that does what a list says and knows nothing of why.
 *
 * <p>It holds a pile of paper. A cut takes the piece it names from the pile, measures from the edge at the fence what the fence is set to
 * and puts both pieces back. What is on the pile in the end is what the list really makes. Where a list asks for a piece that is
 * not there, or for a cut beyond its edge, it says so and goes on with the next.
 */
public final class TrialTrimmer {

    /**
     * Paper on the pile.
     *
     * @param layout the layout of the sheet it was
     * @param copy which of the sheets cut alike, from 1
     * @param named where the list says it lies on the sheet
     * @param actual how large it really is
     */
    public record Sheet(int layout, int copy, Rect named, Size actual) {}

    /**
     * A line of the list that could not be done.
     *
     * @param setting the number of the setting, from 1
     * @param take the line
     * @param why what stood in the way
     */
    public record Fault(int setting, Take take, Why why) {

        /** What stands in the way of a cut. */
        public enum Why {
            NOT_ON_THE_PILE,
            BEYOND_THE_EDGE
        }
    }

    /**
     * What came of it.
     *
     * @param pile the paper in the end
     * @param faults what could not be done
     */
    public record Result(List<Sheet> pile, List<Fault> faults) {
        /** Copies the lists. */
        public Result {
            pile = List.copyOf(pile);
            faults = List.copyOf(faults);
        }
    }

    private record Name(int layout, int copy, Rect named) {}

    private final Map<Name, Sheet> pile = new LinkedHashMap<>();
    private final List<Fault> faults = new ArrayList<>();
    private final List<Mishap> mishaps;

    /** As much as roundings of the fence add up to on one sheet. */
    private static final Length SLIVER = Length.ofInches(1, 16);

    private TrialTrimmer(List<Mishap> mishaps) {
        this.mishaps = mishaps;
    }

    /**
     * Cuts sheets setting by setting.
     *
     * @param sheets what lies ready: the size of each sheet and how many are cut alike
     * @param settings the list, as far as it is done
     * @param mishaps what goes wrong
     */
    public static Result run(List<SheetLayout> sheets, List<Setting> settings, List<Mishap> mishaps) {
        TrialTrimmer trimmer = new TrialTrimmer(mishaps);
        for (int layout = 0; layout < sheets.size(); layout++) {
            Size size = sheets.get(layout).sheet();
            for (int copy = 1 + trimmer.spoilt(layout);
                    copy <= sheets.get(layout).copies();
                    copy++) {
                trimmer.put(layout, copy, Rect.atOrigin(size), size);
            }
        }
        for (int number = 1; number <= settings.size(); number++) {
            Setting setting = settings.get(number - 1);
            for (Take take : setting.takes()) {
                for (int copy = 1; copy <= sheets.get(take.layout()).copies(); copy++) {
                    trimmer.cut(number, setting.at(), take, copy);
                }
            }
        }
        return new Result(List.copyOf(trimmer.pile.values()), trimmer.faults);
    }

    private int spoilt(int layout) {
        return (int) mishaps.stream()
                .filter(mishap -> mishap instanceof Mishap.SheetSpoilt spoilt && spoilt.layout() == layout)
                .count();
    }

    private void put(int layout, int copy, Rect named, Size actual) {
        pile.put(new Name(layout, copy, named), new Sheet(layout, copy, named, actual));
    }

    private void cut(int number, Length set, Take take, int copy) {
        Cut cut = take.cut();
        Sheet inHand = pile.remove(new Name(take.layout(), copy, cut.inHand()));
        if (inHand == null) {
            if (copy > spoilt(take.layout())) {
                faults.add(new Fault(number, take, Fault.Why.NOT_ON_THE_PILE));
            }
            return;
        }
        Length across = inHand.actual().across(cut.axis());
        Length from = set.plus(off(number));
        Length rest = across.minus(from);
        if (from.isPositive() && !rest.isPositive() && !rest.isShorterThan(SLIVER.negated())) {
            // What the fence has no mark for adds up: no sliver is left to come off, and the part is a hair too small.
            put(take.layout(), copy, cut.first(), inHand.actual());
            return;
        }
        if (!from.isPositive() || !rest.isPositive()) {
            faults.add(new Fault(number, take, Fault.Why.BEYOND_THE_EDGE));
            return;
        }
        put(take.layout(), copy, cut.first(), sized(inHand.actual(), cut.axis(), from));
        Optional<Rect> second = cut.second();
        second.ifPresent(named -> put(take.layout(), copy, named, sized(inHand.actual(), cut.axis(), rest)));
    }

    private static Size sized(Size before, Axis axis, Length across) {
        return axis == Axis.VERTICAL ? new Size(across, before.height()) : new Size(before.width(), across);
    }

    private Length off(int number) {
        Length off = Length.ZERO;
        for (Mishap mishap : mishaps) {
            if (mishap instanceof Mishap.TrimmerOff trimmer) {
                off = off.plus(trimmer.by());
            } else if (mishap instanceof Mishap.FenceSlipped slipped && slipped.setting() == number) {
                off = off.plus(slipped.by());
            }
        }
        return off;
    }
}
