package kwibbet.trial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.bench.TrimLine;
import kwibbet.bench.TrimLine.Heap;
import kwibbet.bench.TrimLine.Thing;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * Somebody at a trimmer who does what a list says and knows nothing of why.
 *
 * <p>Paper lies on a table, in heaps: equal things with the letter of their sheet on them, known by what they are called and by the size they are said to have. A line takes things
 * from their heap, whichever come to hand, measures from the edge it names and puts what comes of it back under the names it gives. What is on the table in the end is
 * what the list really makes. Where a line asks for what is not there, or for a cut beyond the edge, that is a fault, and the next line is done.
 */
public final class TrialTrimmer {

    /**
     * What a heap is known by.
     *
     * @param sheet the letter of the sheet
     * @param thing what it is called
     * @param size how large it is said to be
     */
    public record Label(String sheet, Thing thing, Size size) {}

    /**
     * Paper on the table.
     *
     * @param label what it is known by
     * @param layout the place of the layout of the sheet it was
     * @param copy which of the sheets cut alike, from 1
     * @param actual where on that sheet it really was
     */
    public record Sheet(Label label, int layout, int copy, Rect actual) {

        private Sheet cutTo(Rect area) {
            return new Sheet(label, layout, copy, area);
        }

        private Sheet called(Label other) {
            return new Sheet(other, layout, copy, actual);
        }

        /** Whether it has the size it is said to have. */
        public boolean isAsSaid() {
            return actual.size().equals(label.size());
        }
    }

    /**
     * Sheets that are cut alike, before the first cut.
     *
     * @param letter their letter
     * @param thing sheets or offcuts
     * @param size how large each is
     * @param copies how many
     */
    public record Stack(String letter, Thing thing, Size size, int copies) {

        /** All sheets of a plan, layout after layout. */
        static List<Stack> of(SheetPlan plan) {
            return plan.lettered().stream()
                    .map(sheet -> new Stack(
                            sheet.letter(),
                            sheet.leftover().isPresent() ? TrimLine.Paper.OFFCUT : TrimLine.Paper.SHEET,
                            sheet.layout().sheet(),
                            sheet.copies()))
                    .toList();
        }
    }

    /**
     * A line and the number of its setting.
     *
     * @param setting the number, from 1
     * @param line the line
     */
    public record Told(int setting, TrimLine line) {}

    /**
     * A line of the list that could not be done, or not for all it takes.
     *
     * @param told the line
     * @param why what stood in the way
     */
    public record Fault(Told told, Why why) {

        /** What stands in the way of a cut. */
        public enum Why {
            NOT_ON_THE_TABLE,
            BEYOND_THE_EDGE
        }
    }

    /**
     * What came of it.
     *
     * @param table the paper in the end
     * @param faults what could not be done
     */
    public record Result(List<Sheet> table, List<Fault> faults) {
        /** Copies the lists. */
        public Result {
            table = List.copyOf(table);
            faults = List.copyOf(faults);
        }
    }

    private final Map<Label, List<Sheet>> table = new LinkedHashMap<>();
    private final List<Fault> faults = new ArrayList<>();
    private final List<Stack> stacks;
    private final List<Mishap> mishaps;

    /** As much as roundings of the fence add up to on one sheet. */
    private static final Length SLIVER = Length.ofInches(1, 16);

    private TrialTrimmer(List<Stack> stacks, List<Mishap> mishaps) {
        this.stacks = stacks;
        this.mishaps = mishaps;
    }

    /**
     * Does what a list says.
     *
     * @param stacks the sheets
     * @param list its lines, in order
     * @param mishaps what goes wrong
     */
    public static Result run(List<Stack> stacks, List<Told> list, List<Mishap> mishaps) {
        TrialTrimmer trimmer = new TrialTrimmer(stacks, mishaps);
        for (int layout = 0; layout < stacks.size(); layout++) {
            Stack stack = stacks.get(layout);
            Label label = new Label(stack.letter(), stack.thing(), stack.size());
            for (int copy = 1 + trimmer.spoilt(layout); copy <= stack.copies(); copy++) {
                trimmer.put(new Sheet(label, layout, copy, Rect.atOrigin(stack.size())));
            }
        }
        list.forEach(trimmer::follow);
        return new Result(trimmer.table.values().stream().flatMap(List::stream).toList(), trimmer.faults);
    }

    private int spoilt(int layout) {
        return (int) mishaps.stream()
                .filter(mishap -> mishap instanceof Mishap.SheetSpoilt spoilt && spoilt.layout() == layout)
                .count();
    }

    private void put(Sheet sheet) {
        table.computeIfAbsent(sheet.label(), label -> new ArrayList<>()).add(sheet);
    }

    private void follow(Told told) {
        TrimLine line = told.line();
        List<Sheet> taken = taken(told);
        List<Sheet> between = new ArrayList<>();
        List<Sheet> beyond = new ArrayList<>();
        for (Sheet each : taken) {
            Optional<Sheet> rest = Optional.of(each);
            for (int time = 0; time < line.times() && rest.isPresent(); time++) {
                rest = cut(told, rest.get(), between);
            }
            rest.ifPresent(beyond::add);
        }
        putBack(line, between, beyond);
    }

    private List<Sheet> taken(Told told) {
        TrimLine line = told.line();
        Heap take = line.take();
        List<Sheet> heap = table.getOrDefault(new Label(line.sheet(), take.thing(), take.size()), List.of());
        List<Sheet> taken = List.copyOf(heap.subList(0, Math.min(take.count(), heap.size())));
        if (taken.size() < take.count() - lackingFrom(line)) {
            faults.add(new Fault(told, Fault.Why.NOT_ON_THE_TABLE));
        }
        heap.subList(0, taken.size()).clear();
        return taken;
    }

    /** How many of what a line takes are not there because their sheet is spoilt. */
    private int lackingFrom(TrimLine line) {
        int lacking = 0;
        for (int layout = 0; layout < stacks.size(); layout++) {
            if (stacks.get(layout).letter().equals(line.sheet())) {
                lacking += spoilt(layout)
                        * line.take().count()
                        / stacks.get(layout).copies();
            }
        }
        return lacking;
    }

    /** One cut: what lies between the edge and the cut is put aside; what is left beyond it is given back. */
    private Optional<Sheet> cut(Told told, Sheet inHand, List<Sheet> between) {
        Axis axis = told.line().from() == Edge.LEFT ? Axis.VERTICAL : Axis.HORIZONTAL;
        Length set = told.line().set().plus(off(told.setting()));
        Length left = inHand.actual().size().across(axis).minus(set);
        if (!set.isPositive() || left.isShorterThan(SLIVER.negated())) {
            faults.add(new Fault(told, Fault.Why.BEYOND_THE_EDGE));
            return Optional.of(inHand);
        }
        if (!left.isPositive()) {
            // What the fence has no mark for adds up: no sliver is left to come off, and the part is a hair too small.
            between.add(inHand);
            return Optional.empty();
        }
        between.add(inHand.cutTo(inHand.actual().upTo(axis, set)));
        return inHand.actual().beyond(axis, set).map(inHand::cutTo);
    }

    /** Puts what came of a line on the heaps it names, in the order in which it names them; what it does not name is swept off the table. */
    private void putBack(TrimLine line, List<Sheet> between, List<Sheet> beyond) {
        List<Heap> names = new ArrayList<>();
        line.gives().forEach(heap -> names.addAll(Collections.nCopies(heap.count(), heap)));
        for (int place = 0; place < between.size(); place++) {
            put(between.get(place), line, names.get(place));
        }
        // What lies beyond is named after all that lies between, whether that is there or not.
        int before = Math.multiplyExact(line.take().count(), line.times());
        int named = Math.max(0, Math.min(beyond.size(), names.size() - before));
        for (int place = 0; place < named; place++) {
            put(beyond.get(place), line, names.get(before + place));
        }
    }

    private void put(Sheet sheet, TrimLine line, Heap heap) {
        put(sheet.called(new Label(line.sheet(), heap.thing(), heap.size())));
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
