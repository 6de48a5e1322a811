package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.layout.SheetLayout;
import kwibbet.layout.SheetLayout.Cut;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/**
 * One setting of the trimmer's fence and the cuts made at it, on one part of the sheet or on several equal ones.
 *
 * @param sheet the layout in hand
 * @param parts the equal parts, each with its cuts; a cut takes its first part off what the one before it left
 * @param from the edge that lies at the fence
 * @param set the figure to set
 * @param passes how often the blade comes down for all sheets of the layout
 * @param byHand whether the cut is longer than the trimmer's
 */
public record TrimStep(Lettered sheet, List<List<Cut>> parts, Edge from, Rounded set, int passes, boolean byHand) {

    /** Copies the cuts. */
    public TrimStep {
        parts = parts.stream().map(List::copyOf).toList();
    }

    static List<TrimStep> of(Lettered sheet, Trimmer trimmer) {
        List<TrimStep> steps = new ArrayList<>();
        List<List<Cut>> together = new ArrayList<>();
        for (List<Cut> part : parts(sheet.layout().cuts())) {
            if (!together.isEmpty() && !isCutLike(together.get(0), part)) {
                steps.add(step(sheet, together, trimmer));
                together.clear();
            }
            together.add(part);
        }
        if (!together.isEmpty()) {
            steps.add(step(sheet, together, trimmer));
        }
        return steps;
    }

    /** The cuts that follow each other on one part at one setting, together. */
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
        return hasSameSetting(before, cut) && before.second().equals(cut.inHand());
    }

    private static boolean isCutLike(List<Cut> one, List<Cut> other) {
        Cut first = one.get(0);
        Cut otherFirst = other.get(0);
        return one.size() == other.size()
                && hasSameSetting(first, otherFirst)
                && first.inHand().size().equals(otherFirst.inHand().size());
    }

    private static boolean hasSameSetting(Cut one, Cut other) {
        return one.axis() == other.axis() && one.setting().equals(other.setting());
    }

    private static TrimStep step(Lettered sheet, List<List<Cut>> parts, Trimmer trimmer) {
        Cut first = parts.get(0).get(0);
        int cuts = parts.stream().mapToInt(List::size).sum();
        return new TrimStep(
                sheet,
                parts,
                first.axis() == Axis.VERTICAL ? Edge.LEFT : Edge.TOP,
                first.setting().roundedTo(trimmer.graduation()),
                Math.multiplyExact(trimmer.passesFor(sheet.layout().copies()), cuts),
                first.length().isLongerThan(trimmer.longestCut()));
    }

    /** All cuts of the step, in order. */
    public List<Cut> cuts() {
        return parts.stream().flatMap(List::stream).toList();
    }

    /** What is in hand before the first cut. */
    public Rect inHand() {
        return parts.get(0).get(0).inHand();
    }

    /** The numbers of the cuts on the drawing of the sheet, as {@code 3} or {@code 3–5}. */
    public String numbers() {
        List<Cut> cuts = cuts();
        int first = cuts.get(0).number();
        int last = cuts.get(cuts.size() - 1).number();
        return first == last ? String.valueOf(first) : first + "–" + last;
    }

    /** What to do. */
    public Phrase sentence(MeasureSystem system) {
        int times = parts.get(0).size();
        Phrase.Writer writer = Phrase.in(system);
        if (parts.size() > 1) {
            writer.words("Take the " + parts.size() + " strips ")
                    .size(inHand().size())
                    .words(". ");
        }
        writer.words("From the " + from.word() + " edge, set ")
                .length(set.shown())
                .words(parts.size() > 1 ? " and cut each" : " and cut")
                .words(times == 1 ? "." : " " + times + " times.");
        if (byHand) {
            writer.words(" This is longer than your trimmer cuts: use a knife and a ruler.");
        }
        return writer.phrase(errorOf(set, system)).end();
    }

    /** What comes off and what stays in hand. */
    public Phrase result(Card card, MeasureSystem system) {
        List<Cut> part = parts.get(0);
        return Phrase.in(system)
                .words("Gives ")
                .phrase(counted(parts.size() * part.size(), part.get(0).first(), card, system))
                .words(" and ")
                .phrase(counted(parts.size(), part.get(part.size() - 1).second(), card, system))
                .words(".")
                .end();
    }

    private Phrase counted(int count, Rect area, Card card, MeasureSystem system) {
        return Phrase.in(system)
                .words(count == 1 ? "" : count + " × ")
                .phrase(described(card, area, system))
                .end();
    }

    private Phrase described(Card card, Rect area, MeasureSystem system) {
        SheetLayout.Yield part = sheet.layout().yieldAt(area);
        String name = part instanceof SheetLayout.PieceOff off
                ? card.piece(off.piece()).map(Piece::name).orElse(off.piece().value())
                : part instanceof SheetLayout.OffcutOff ? "offcut" : "strip";
        return Phrase.in(system).words(name + " ").size(area.size()).end();
    }

    /** What a reader must know of a figure that the tool cannot show; nothing when it can. */
    static Phrase errorOf(Rounded set, MeasureSystem system) {
        if (set.isExact()) {
            return Phrase.of("");
        }
        return Phrase.in(system)
                .words(" That is the nearest mark, ")
                .length(set.error().abs())
                .words(set.error().isNegative() ? " under." : " over.")
                .end();
    }
}
