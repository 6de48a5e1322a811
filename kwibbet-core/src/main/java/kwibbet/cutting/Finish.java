package kwibbet.cutting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/** From a pattern to the layout of a whole sheet: leftovers gathered into few large ones, margins cut off first. */
final class Finish {

    private final CuttingTask task;
    /** Patterns are the same ones again and again while a plan is made better. */
    private final Map<Pattern, SheetLayout> finished = new HashMap<>();

    Finish(CuttingTask task) {
        this.task = task;
    }

    SheetLayout layout(Pattern pattern, int copies) {
        SheetLayout one = finished.computeIfAbsent(pattern, this::layout);
        return new SheetLayout(one.stock(), one.sheet(), one.kerf(), copies, one.root());
    }

    private SheetLayout layout(Pattern pattern) {
        UsableSheet sheet = task.sheets().get(pattern.sheet());
        Stock stock = task.stock(pattern.sheet());
        boolean free = sheet.longestCut() >= Math.max(sheet.width(), sheet.height());
        SheetLayout plain = within(stock, free ? Section.gathered(pattern.section()) : pattern.section());
        return free ? gathered(plain, pattern, sheet, stock) : plain;
    }

    /** All parts moved together to the left or to the top, if that leaves more worth keeping. */
    private SheetLayout gathered(SheetLayout plain, Pattern pattern, UsableSheet sheet, Stock stock) {
        int[] counts =
                IntStream.range(0, task.parts().size()).map(pattern::count).toArray();
        long[] areas = task.parts().stream()
                .mapToLong(part -> Math.max(1, Math.round(part.size().area() * 1e6)))
                .toArray();
        PatternTable table = PatternTable.capped(sheet, areas, counts);
        if (table.value() != pattern.value(areas)) {
            return plain;
        }
        SheetLayout best = plain;
        for (Section section : List.of(beside(table, sheet), above(table, sheet))) {
            SheetLayout other = within(stock, Section.gathered(section));
            if (kept(other) > kept(best)) {
                best = other;
            }
        }
        return best;
    }

    private double kept(SheetLayout layout) {
        return layout.offcuts().stream()
                .map(offcut -> offcut.size())
                .filter(task.job().keeping()::keeps)
                .mapToDouble(Size::area)
                .map(area -> area * area) // one large leftover is worth more than two halves
                .sum();
    }

    private Section beside(PatternTable table, UsableSheet sheet) {
        Section section = table.section(table.narrowest(), sheet.height(), task.ids());
        return table.narrowest() == sheet.width()
                ? section
                : Section.split(Axis.VERTICAL, at(table.narrowest(), sheet), section, Section.LEFTOVER);
    }

    private Section above(PatternTable table, UsableSheet sheet) {
        Section section = table.section(sheet.width(), table.lowest(), task.ids());
        return table.lowest() == sheet.height()
                ? section
                : Section.split(Axis.HORIZONTAL, at(table.lowest(), sheet), section, Section.LEFTOVER);
    }

    private static Length at(long side, UsableSheet sheet) {
        return Length.ofTicks(side - sheet.kerf());
    }

    private SheetLayout within(Stock stock, Section section) {
        Section whole = stock.margin().isZero() ? section : acrossMargins(stock, section);
        return new SheetLayout(stock.id(), stock.sheet(), task.job().kerf(), 1, whole);
    }

    private Section acrossMargins(Stock stock, Section section) {
        Size usable = stock.usable()
                .orElseThrow(() ->
                        new IllegalStateException("nothing of " + stock.id().value() + " can be used"));
        boolean across = task.job()
                .longestCut()
                .map(longest -> !stock.sheet().width().isLongerThan(longest))
                .orElse(true);
        return across
                ? margins(
                        stock,
                        Axis.HORIZONTAL,
                        usable.height(),
                        sides(stock, Axis.VERTICAL, usable.width(), usable.height(), section))
                : margins(
                        stock,
                        Axis.VERTICAL,
                        usable.width(),
                        sides(stock, Axis.HORIZONTAL, usable.height(), usable.width(), section));
    }

    /** The margins at both ends of cuts that may be too long for the blade until the sheet is cut across. */
    private Section sides(Stock stock, Axis axis, Length inner, Length length, Section section) {
        boolean reachable = task.job()
                .longestCut()
                .map(longest -> !length.isLongerThan(longest))
                .orElse(true);
        if (reachable || !(section instanceof Section.Split split) || split.axis() == axis) {
            return section.equals(Section.LEFTOVER) ? section : margins(stock, axis, inner, section);
        }
        Length rest = length.minus(split.at()).minus(task.job().kerf());
        return Section.split(
                split.axis(),
                split.at(),
                sides(stock, axis, inner, split.at(), split.first()),
                sides(stock, axis, inner, rest, split.second()));
    }

    /** The blade takes its kerf out of the margins, not out of what is used. */
    private Section margins(Stock stock, Axis axis, Length inner, Section section) {
        Section far = Section.split(axis, inner, section, Section.LEFTOVER);
        return Section.split(axis, stock.margin().minus(task.job().kerf()), Section.LEFTOVER, far);
    }
}
