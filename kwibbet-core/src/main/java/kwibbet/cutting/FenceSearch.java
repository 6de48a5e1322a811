package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.cutting.CutOrder.Off;
import kwibbet.cutting.FencePlan.Setting;
import kwibbet.cutting.FencePlan.Take;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;

/**
 * Finds an order of cuts in which the fence of a trimmer is set seldom: what is cut at one setting is cut together, on whatever
 * sheet it is.
 *
 * <p>A piece is measured from its own edge, or what stays is measured and the piece falls off. The search keeps the best few orders
 * of each number of settings (a beam), and the best of all is polished ({@link OrderPolish}); {@link SettingBound} says how few there could be. Cuts are made without kerf.
 */
public final class FenceSearch {

    private static final int WIDTH = 4;
    /** Widths tried on bars, in all: more is not worth waiting for. */
    private static final long WORK = 6_000_000;
    /** Where one order only is followed, so many settings are tried at each step. */
    private static final int FEW = 80;
    /** More bars than this, and only the best two orders are followed. */
    private static final int MANY = 250;

    private final List<SheetLayout> layouts;
    private final List<Bar> bars = new ArrayList<>();
    private final List<Integer> sheets = new ArrayList<>();

    private FenceSearch(List<SheetLayout> layouts, Map<StockId, Length> margins) {
        this.layouts = layouts;
        for (int layout = 0; layout < layouts.size(); layout++) {
            SheetLayout each = layouts.get(layout);
            Length margin = Optional.ofNullable(margins.get(each.stock())).orElse(Length.ZERO);
            sheets.add(new Bars(bars, layout, margin).add(each.root(), each.sheet()));
        }
    }

    /** An order of cuts for some layouts of sheets that can be used up to their edges. */
    public static FencePlan plan(List<SheetLayout> layouts, Fence fence) {
        return plan(layouts, Map.of(), fence);
    }

    /**
     * An order of cuts for some layouts.
     *
     * @param layouts the layouts
     * @param margins what cannot be used along every edge of a stock; it stays where it is while pieces change places
     * @param fence the fence; what falls off is measured by what stays only where there is a mark for that
     * @throws IllegalArgumentException when a layout was made for a blade with a kerf
     */
    public static FencePlan plan(List<SheetLayout> layouts, Map<StockId, Length> margins, Fence fence) {
        return plan(layouts, margins, fence, List.of());
    }

    /**
     * An order of cuts for some layouts, the one that was found before where it is known.
     *
     * @param layouts the layouts
     * @param margins what cannot be used along every edge of a stock
     * @param fence the fence
     * @param before at what it was set, in order; where the layouts are not cut by that, an order is looked for
     * @throws IllegalArgumentException when a layout was made for a blade with a kerf
     */
    public static FencePlan plan(
            List<SheetLayout> layouts, Map<StockId, Length> margins, Fence fence, List<Length> before) {
        if (layouts.stream().anyMatch(layout -> !layout.kerf().isZero())) {
            throw new IllegalArgumentException("a trimmer has no kerf");
        }
        return new FenceSearch(layouts, margins).run(fence, before);
    }

    private FencePlan run(Fence fence, List<Length> before) {
        CutOrder begin = CutOrder.begin(bars, sheets, fence.mark());
        CutOrder again = begin.copy();
        before.forEach(setting -> again.cut(setting.toTicks()));
        Retelling retelling = new Retelling(again.isFinished() ? again : search(begin));
        List<SheetLayout> recut =
                IntStream.range(0, layouts.size()).mapToObj(retelling::layout).toList();
        return new FencePlan(recut, retelling.settings(fence), SettingBound.of(bars, fence));
    }

    private CutOrder search(CutOrder begin) {
        int width = width(begin.widthsLeft());
        int choices = width == 1 ? FEW : Integer.MAX_VALUE;
        List<CutOrder> beam = List.of(begin);
        while (beam.stream().noneMatch(CutOrder::isFinished)) {
            List<CutOrder> next = new ArrayList<>();
            for (CutOrder order : beam) {
                order.choices(choices).forEach(setting -> next.add(order.at(setting)));
            }
            beam = best(next, width);
        }
        CutOrder found = beam.stream()
                .filter(CutOrder::isFinished)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("an order is finished where the search ends"));
        return OrderPolish.of(begin, found, bars.size());
    }

    /** How many orders are followed: each step tries every width on every bar, and there are about as many steps as widths. */
    private int width(long widths) {
        long steps = Math.max(1, widths * widths * bars.size());
        int affordable = (int) Math.max(1, Math.min(WIDTH, WORK / steps));
        return bars.size() > MANY ? Math.min(2, affordable) : affordable;
    }

    /** The best few that differ in what is left to cut. */
    private static List<CutOrder> best(List<CutOrder> orders, int width) {
        record Ranked(CutOrder order, int widths, int pieces) {}
        List<Ranked> ranked = new ArrayList<>(orders.stream()
                .map(order -> new Ranked(order, order.widthsLeft(), order.pieces()))
                .toList());
        ranked.sort(Comparator.comparingInt(Ranked::widths).thenComparingInt(Ranked::pieces));
        Map<Integer, List<CutOrder>> seen = new HashMap<>();
        List<CutOrder> best = new ArrayList<>();
        for (Ranked each : ranked) {
            List<CutOrder> alike = seen.computeIfAbsent(each.order.progressHash(), hash -> new ArrayList<>());
            if (best.size() < width && alike.stream().noneMatch(each.order::isAsFarAs)) {
                alike.add(each.order);
                best.add(each.order);
            }
        }
        return best;
    }

    /** Tells an order as cuts on sheets, with the pieces where they are cut off. */
    private final class Retelling {

        private final Map<Integer, List<Step>> steps = new HashMap<>();
        private final List<Told> told = new ArrayList<>();

        /** One cut of a bar: the place of what is taken off among all that is, and what it is. */
        private record Step(int place, Off off) {}

        private record Told(Step step, int layout, Cut cut) {}

        Retelling(CutOrder order) {
            List<Off> done = order.done();
            for (int place = 0; place < done.size(); place++) {
                Off off = done.get(place);
                Step step = new Step(place, off);
                for (int time = 0; time < off.times(); time++) {
                    steps.computeIfAbsent(off.bar(), bar -> new ArrayList<>()).add(step);
                }
            }
        }

        SheetLayout layout(int layout) {
            SheetLayout before = layouts.get(layout);
            int bar = sheets.get(layout);
            Section root = bar < 0 ? before.root() : cut(bar, 0, Rect.atOrigin(before.sheet()));
            return new SheetLayout(before.stock(), before.sheet(), before.kerf(), before.copies(), root);
        }

        /** What becomes of a bar from its {@code from}th cut on. */
        private Section cut(int place, int from, Rect area) {
            Bar bar = bars.get(place);
            List<Step> all = steps.getOrDefault(place, List.of());
            if (from == all.size()) {
                return last(bar, all, area);
            }
            Step step = all.get(from);
            boolean waste = step.off.kind() < 0;
            Length width =
                    waste ? bar.waste() : bar.kinds().get(step.off.kind()).width();
            Length across = area.size().across(bar.axis());
            Length at = step.off.fromEnd() ? across.minus(width) : width;
            Rect first = area.upTo(bar.axis(), at);
            Rect second = area.beyond(bar.axis(), at)
                    .orElseThrow(() -> new IllegalStateException("what is measured and stays has something beyond it"));
            told.add(new Told(step, bar.layout(), new Cut(bar.axis(), area, at, first, Optional.of(second))));
            if (waste) {
                return Section.split(bar.axis(), at, cut(place, from + 1, first), Section.LEFTOVER);
            }
            Bar.Kind kind = bar.kinds().get(step.off.kind());
            return step.off.fromEnd()
                    ? Section.split(bar.axis(), at, cut(place, from + 1, first), piece(kind, second))
                    : Section.split(bar.axis(), at, piece(kind, first), cut(place, from + 1, second));
        }

        /** What is left when all cuts are made: the piece that fell free, or waste. */
        private Section last(Bar bar, List<Step> all, Rect area) {
            for (int kind = 0; kind < bar.kinds().size(); kind++) {
                int each = kind;
                long off = all.stream().filter(step -> step.off.kind() == each).count();
                if (off < bar.kinds().get(kind).count()) {
                    return piece(bar.kinds().get(kind), area);
                }
            }
            return Section.LEFTOVER;
        }

        private Section piece(Bar.Kind kind, Rect area) {
            return kind.next() < 0 ? kind.section() : cut(kind.next(), 0, area);
        }

        List<Setting> settings(Fence fence) {
            told.sort(Comparator.comparingInt((Told each) -> each.step.off.setting())
                    .thenComparingInt(each -> each.layout)
                    .thenComparingInt(each -> each.step.place()));
            List<Setting> settings = new ArrayList<>();
            List<Take> takes = new ArrayList<>();
            for (int i = 0; i < told.size(); i++) {
                Told each = told.get(i);
                Cut cut = each.cut;
                takes.add(new Take(each.layout, cut));
                if (i + 1 == told.size() || !isTogether(each, told.get(i + 1), fence)) {
                    settings.add(new Setting(cut.setting(), fence.guide(cut), takes));
                    takes.clear();
                }
            }
            return settings;
        }

        private static boolean isTogether(Told one, Told next, Fence fence) {
            return one.step.off.setting() == next.step.off.setting() && fence.guide(one.cut) == fence.guide(next.cut);
        }
    }
}
