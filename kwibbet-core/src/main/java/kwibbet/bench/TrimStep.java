package kwibbet.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/**
 * What is cut at one setting of the fence of one sheet: one part of it, or several equal ones.
 *
 * @param sheet the layout in hand
 * @param parts the equal parts, each with its cuts; a cut takes its first part off what the one before it left
 * @param set the figure that is set
 * @param stack how many are cut at once
 * @param passes how often the blade comes down for all sheets of the layout
 * @param byKnife whether the cut is longer than the trimmer's
 */
public record TrimStep(Lettered sheet, List<List<Cut>> parts, Rounded set, int stack, int passes, boolean byKnife) {

    /** Copies the cuts. */
    public TrimStep {
        parts = parts.stream().map(List::copyOf).toList();
    }

    /** The cuts of one setting on one sheet, equal parts together as far as they are there when the first of them is cut. */
    static List<TrimStep> of(Lettered sheet, List<Cut> cuts, Rounded set, boolean byKnife, Trimmer trimmer) {
        List<List<List<Cut>>> together = new ArrayList<>();
        for (List<Cut> part : parts(cuts)) {
            int freed = freed(part.get(0), together);
            together.subList(freed + 1, together.size()).stream()
                    .filter(others -> Alike.of(others.get(0)).equals(Alike.of(part)))
                    .findFirst()
                    .ifPresentOrElse(others -> others.add(part), () -> together.add(new ArrayList<>(List.of(part))));
        }
        return together.stream()
                .map(parts -> new TrimStep(
                        sheet, parts, set, stack(sheet, parts, trimmer), passes(sheet, parts, trimmer), byKnife))
                .toList();
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

    /** Equal parts of all sheets of the layout are stacked as high as the trimmer takes them. */
    private static int passes(Lettered sheet, List<List<Cut>> parts, Trimmer trimmer) {
        int pieces = Math.multiplyExact(sheet.layout().copies(), parts.size());
        return Math.multiplyExact(
                trimmer.passesFor(pieces, sheet.paper().caliper()), parts.get(0).size());
    }

    private static int stack(Lettered sheet, List<List<Cut>> parts, Trimmer trimmer) {
        int pieces = Math.multiplyExact(sheet.copies(), parts.size());
        return Math.min(pieces, trimmer.stackOf(sheet.paper().caliper()));
    }

    /** The edge that lies at the fence. */
    public Edge from() {
        return parts.get(0).get(0).axis() == Axis.VERTICAL ? Edge.LEFT : Edge.TOP;
    }

    /** All cuts of the step, in order. */
    public List<Cut> cuts() {
        return parts.stream().flatMap(List::stream).toList();
    }

    /** What is in hand before the first cut. */
    public Rect inHand() {
        return parts.get(0).get(0).inHand();
    }

    /** What to take in hand, how it lies and how often it is cut. */
    public Phrase sentence(MeasureSystem system) {
        int times = parts.get(0).size();
        Phrase.Writer writer = Phrase.in(system).words("Take the " + what() + " ");
        // A sheet is known by its size as it was bought.
        Phrase size = Phrase.in(isWhole() ? sheet.paper().system() : system)
                .size(inHand().size())
                .end();
        writer.phrase(size)
                .words((pieces() > 1 && stack > 1 ? ", " + stack + " at once" : "") + ", " + from().word()
                        + " edge at the fence, and cut" + (pieces() > 1 ? " each" : ""))
                .words(times == 1 ? "." : " " + times + " times.");
        if (byKnife) {
            writer.words(" This is longer than your trimmer cuts: use a knife and a ruler.");
        }
        return writer.end();
    }

    private boolean isWhole() {
        return inHand().size().equals(sheet.layout().sheet());
    }

    /** How many sheets or strips are cut so, of all sheets of the layout. */
    private int pieces() {
        return Math.multiplyExact(sheet.copies(), parts.size());
    }

    private String what() {
        String one = isWhole() ? sheet.leftover().isPresent() ? "offcut" : "sheet" : "strip";
        return pieces() == 1 ? one : pieces() + " " + one + "s";
    }

    /** What comes off and what stays in hand. */
    public Phrase result(MeasureSystem system) {
        Map<Gained, Integer> gained = new LinkedHashMap<>();
        cuts().forEach(cut -> gained.merge(gained(cut.first()), 1, Integer::sum));
        for (List<Cut> part : parts) {
            part.get(part.size() - 1).second().ifPresent(rest -> gained.merge(gained(rest), 1, Integer::sum));
        }
        Phrase.Writer writer = Phrase.in(system).words("Gives ");
        int told = 0;
        for (Map.Entry<Gained, Integer> each : gained.entrySet()) {
            told++;
            String before = told == 1 ? "" : told == gained.size() ? " and " : ", ";
            int count = Math.multiplyExact(sheet.copies(), each.getValue());
            writer.words(before + (count == 1 ? "" : count + " × ")
                            + each.getKey().name() + " ")
                    .size(each.getKey().size());
        }
        return writer.words(".").end();
    }

    /** What is in hand after a cut, as it is told: equal ones together, each under its own name. */
    private record Gained(String name, Size size) {}

    private Gained gained(Rect area) {
        return new Gained(named(area), area.size());
    }

    /** What a part of the sheet is called. */
    public String named(Rect area) {
        SheetLayout.Yield part = sheet.layout().yieldAt(area);
        if (part instanceof SheetLayout.PartOff off) {
            return sheet.part(off.part()).name();
        }
        return part instanceof SheetLayout.OffcutOff ? "offcut" : "strip";
    }
}
