package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.layout.SheetLayout;
import kwibbet.layout.SheetLayout.Cut;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/**
 * One setting of the trimmer's fence and the cuts made at it.
 *
 * @param sheet the layout in hand
 * @param cuts the cuts, each taking its first part off what the one before left
 * @param from the edge that lies at the fence
 * @param set the figure to set
 * @param passes how often the blade comes down for all sheets of the layout
 * @param byHand whether the cut is longer than the trimmer's
 */
public record TrimStep(Lettered sheet, List<Cut> cuts, Edge from, Rounded set, int passes, boolean byHand) {

    /** Copies the cuts. */
    public TrimStep {
        cuts = List.copyOf(cuts);
    }

    static List<TrimStep> of(Lettered sheet, Trimmer trimmer) {
        List<TrimStep> steps = new ArrayList<>();
        List<Cut> together = new ArrayList<>();
        for (Cut cut : sheet.layout().cuts()) {
            if (!together.isEmpty() && !sharesSetting(together.get(together.size() - 1), cut)) {
                steps.add(step(sheet, together, trimmer));
                together.clear();
            }
            together.add(cut);
        }
        if (!together.isEmpty()) {
            steps.add(step(sheet, together, trimmer));
        }
        return steps;
    }

    private static boolean sharesSetting(Cut before, Cut cut) {
        boolean sameSetting = before.axis() == cut.axis() && before.setting().equals(cut.setting());
        return sameSetting && before.second().equals(cut.inHand());
    }

    private static TrimStep step(Lettered sheet, List<Cut> cuts, Trimmer trimmer) {
        Cut first = cuts.get(0);
        Length longest = cuts.stream().map(Cut::length).reduce(Length.ZERO, Length::max);
        return new TrimStep(
                sheet,
                cuts,
                first.axis() == Axis.VERTICAL ? Edge.LEFT : Edge.TOP,
                first.setting().roundedTo(trimmer.graduation()),
                Math.multiplyExact(trimmer.passesFor(sheet.layout().copies()), cuts.size()),
                longest.isLongerThan(trimmer.longestCut()));
    }

    /** What is in hand before the first cut. */
    public Rect inHand() {
        return cuts.get(0).inHand();
    }

    /** The numbers of the cuts on the drawing of the sheet, as {@code 3} or {@code 3–5}. */
    public String numbers() {
        int first = cuts.get(0).number();
        int last = cuts.get(cuts.size() - 1).number();
        return first == last ? String.valueOf(first) : first + "–" + last;
    }

    /** What to do. */
    public Phrase sentence(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system)
                .words("From the " + from.word() + " edge, set ")
                .length(set.shown())
                .words(cuts.size() == 1 ? " and cut." : " and cut " + cuts.size() + " times.");
        if (byHand) {
            writer.words(" This is longer than your trimmer cuts: use a knife and a ruler.");
        }
        return writer.phrase(errorOf(set, system)).end();
    }

    /** What comes off and what stays in hand. */
    public Phrase result(Card card, MeasureSystem system) {
        Cut last = cuts.get(cuts.size() - 1);
        return Phrase.in(system)
                .words(cuts.size() == 1 ? "Gives " : "Gives " + cuts.size() + " × ")
                .phrase(described(card, cuts.get(0).first(), system))
                .words(" and ")
                .phrase(described(card, last.second(), system))
                .words(".")
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
