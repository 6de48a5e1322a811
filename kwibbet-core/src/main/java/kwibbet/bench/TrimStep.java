package kwibbet.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.bench.TrimLine.Guide;
import kwibbet.bench.TrimLine.Heap;
import kwibbet.bench.TrimLine.Thing;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Trimmer;

/**
 * What is cut at one setting of the fence of one sheet: one part of it, or several equal ones.
 *
 * @param sheet the layout in hand
 * @param parts the equal parts, each with its cuts; a cut takes its first part off what the one before it left
 * @param set the figure that is set
 * @param line what the list says of it
 * @param passes how often the blade comes down for all sheets of the layout
 */
public record TrimStep(Lettered sheet, List<List<Cut>> parts, Rounded set, TrimLine line, int passes) {

    private static final Length SLIVER = Length.ofInches(1, 32);

    /** Copies the cuts. */
    public TrimStep {
        parts = parts.stream().map(List::copyOf).toList();
    }

    /**
     * What one setting is made with.
     *
     * @param set the figure that is set
     * @param byKnife whether the trimmer cannot make these cuts
     * @param trimmer the trimmer
     */
    record At(Rounded set, boolean byKnife, Trimmer trimmer) {

        private Guide guide(Cut cut) {
            if (!byKnife) {
                return Guide.FENCE;
            }
            return cut.length().isLongerThan(trimmer.longestCut()) ? Guide.RULER_TOO_LONG : Guide.RULER_TOO_NARROW;
        }

        /** A knife goes through one sheet after the other. */
        private int stack(Lettered sheet) {
            return byKnife ? 1 : trimmer.stackOf(sheet.paper().caliper());
        }

        private int passes(int pieces, Lettered sheet) {
            return byKnife ? pieces : trimmer.passesFor(pieces, sheet.paper().caliper());
        }
    }

    /** The cuts of one setting on one sheet, equal parts together as far as they are there when the first of them is cut. */
    static List<TrimStep> of(Lettered sheet, List<Cut> cuts, At at) {
        List<List<List<Cut>>> together = new ArrayList<>();
        for (List<Cut> part : parts(cuts)) {
            int freed = freed(part.get(0), together);
            together.subList(freed + 1, together.size()).stream()
                    .filter(others -> Alike.of(others.get(0)).equals(Alike.of(part)))
                    .findFirst()
                    .ifPresentOrElse(others -> others.add(part), () -> together.add(new ArrayList<>(List.of(part))));
        }
        return together.stream().map(parts -> step(sheet, parts, at)).toList();
    }

    private static TrimStep step(Lettered sheet, List<List<Cut>> parts, At at) {
        Cut first = parts.get(0).get(0);
        Naming naming = new Naming(sheet, at.trimmer.marks());
        Heap take = naming.heap(first.inHand(), parts.size());
        int times = parts.get(0).size();
        TrimLine line = new TrimLine(
                sheet.letter(),
                take,
                Math.min(take.count(), at.stack(sheet)),
                first.axis() == Axis.VERTICAL ? Edge.LEFT : Edge.TOP,
                at.set.shown(),
                at.guide(first),
                times,
                naming.gained(parts));
        return new TrimStep(sheet, parts, at.set, line, Math.multiplyExact(at.passes(take.count(), sheet), times));
    }

    /** The place of the step that cuts off what a cut needs in hand; -1 where that was there before. */
    private static int freed(Cut cut, List<List<List<Cut>>> steps) {
        for (int place = steps.size() - 1; place >= 0; place--) {
            boolean frees = steps.get(place).stream()
                    .flatMap(List::stream)
                    .anyMatch(other ->
                            other.first().equals(cut.inHand()) || other.second().equals(Optional.of(cut.inHand())));
            if (frees) {
                return place;
            }
        }
        return -1;
    }

    private record Alike(Axis axis, Size inHand, int cuts) {
        static Alike of(List<Cut> part) {
            return new Alike(part.get(0).axis(), part.get(0).inHand().size(), part.size());
        }
    }

    /** The cuts that follow each other on one part, together. */
    private static List<List<Cut>> parts(List<Cut> cuts) {
        List<List<Cut>> parts = new ArrayList<>();
        for (Cut cut : cuts) {
            List<Cut> last = parts.isEmpty() ? List.of() : parts.get(parts.size() - 1);
            if (!last.isEmpty() && goesOn(last.get(last.size() - 1), cut)) {
                last.add(cut);
            } else {
                parts.add(new ArrayList<>(List.of(cut)));
            }
        }
        return parts;
    }

    private static boolean goesOn(Cut before, Cut cut) {
        return cut.axis() == before.axis() && before.second().equals(Optional.of(cut.inHand()));
    }

    /** All cuts of the step, in order. */
    public List<Cut> cuts() {
        return parts.stream().flatMap(List::stream).toList();
    }

    /** What is in hand before the first cut. */
    public Rect inHand() {
        return parts.get(0).get(0).inHand();
    }

    /** How parts of a sheet are called. */
    private record Naming(Lettered sheet, MeasureSystem marks) {

        /** As many of a part of the sheet as come off all sheets of the layout. */
        Heap heap(Rect area, int onOne) {
            return new Heap(
                    thing(area),
                    area.size(),
                    Math.multiplyExact(sheet.copies(), onOne),
                    // A sheet is known by its size as it was bought.
                    isWhole(area) && sheet.leftover().isEmpty() ? sheet.paper().system() : marks);
        }

        Thing thing(Rect area) {
            if (isWhole(area)) {
                return sheet.leftover().isPresent() ? TrimLine.Paper.OFFCUT : TrimLine.Paper.SHEET;
            }
            SheetLayout.Yield part = sheet.layout().yieldAt(area);
            if (part instanceof SheetLayout.PartOff off) {
                return new TrimLine.Cut(sheet.plan().called(off.part()));
            }
            return part instanceof SheetLayout.OffcutOff ? TrimLine.Paper.OFFCUT : strip(area);
        }

        private Thing strip(Rect area) {
            List<Edge> bare = bareEdges(area);
            boolean isMistakable = !bare.isEmpty()
                    && sheet.layout().cuts().stream()
                            .map(Cut::inHand)
                            .anyMatch(other -> other.size().equals(area.size())
                                    && !bareEdges(other).equals(bare));
            return isMistakable ? new TrimLine.BareStrip(bare) : TrimLine.Paper.STRIP;
        }

        /** The edges of a part of the sheet that lie in its margin. */
        private List<Edge> bareEdges(Rect area) {
            Rect printed = sheet.printed();
            List<Edge> bare = new ArrayList<>();
            if (area.left().isShorterThan(printed.left())) {
                bare.add(Edge.LEFT);
            }
            if (area.top().isShorterThan(printed.top())) {
                bare.add(Edge.TOP);
            }
            if (area.right().isLongerThan(printed.right())) {
                bare.add(Edge.RIGHT);
            }
            if (area.bottom().isLongerThan(printed.bottom())) {
                bare.add(Edge.BOTTOM);
            }
            return bare;
        }

        /** What nobody would call an offcut, nor measure. */
        private boolean isSliver(Rect area) {
            boolean isThin =
                    Length.min(area.size().width(), area.size().height()).isShorterThan(SLIVER);
            return isThin && thing(area) == TrimLine.Paper.OFFCUT;
        }

        private boolean isWhole(Rect area) {
            return area.size().equals(sheet.layout().sheet());
        }

        /** What comes off at the edge that is measured from, then what is left; equal ones together. */
        List<Heap> gained(List<List<Cut>> parts) {
            List<Rect> areas = new ArrayList<>();
            parts.forEach(part -> part.forEach(cut -> areas.add(cut.first())));
            parts.forEach(part -> part.get(part.size() - 1)
                    .second()
                    .filter(rest -> !isSliver(rest))
                    .ifPresent(areas::add));
            Map<Heap, Integer> gained = new LinkedHashMap<>();
            areas.forEach(area -> gained.merge(heap(area, 1), 1, Integer::sum));
            return gained.entrySet().stream()
                    .map(each -> {
                        Heap one = each.getKey();
                        int count = Math.multiplyExact(one.count(), each.getValue());
                        return new Heap(one.thing(), one.size(), count, one.units());
                    })
                    .toList();
        }
    }
}
