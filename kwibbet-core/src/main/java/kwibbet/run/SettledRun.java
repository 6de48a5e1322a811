package kwibbet.run;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.bench.FenceOrders;
import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.cutting.PartId;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
import kwibbet.tool.Toolbox;

/**
 * A run with everything its lists follow from, as it was when they were settled: later changes of cards, papers and tools do not reach it.
 *
 * @param lines its cards, at least one
 * @param thrift what is spared
 * @param shelf the papers and leftovers there were
 * @param tools the tools there were
 * @param cut how many of each piece had been cut before, by its name in the run; nothing for a piece of which none was
 * @param lists how and in which order the sheets are cut
 */
public record SettledRun(
        List<Line> lines, Thrift thrift, PaperShelf shelf, Toolbox tools, Map<PartId, Integer> cut, KnownLists lists) {

    /**
     * A card of a run.
     *
     * @param card by what the card is known
     * @param design the card as it was
     * @param copies how many are made
     */
    public record Line(String card, Design design, Copies copies) {}

    /**
     * Copies the lists.
     *
     * @throws IllegalArgumentException when there is no card in it
     */
    public SettledRun {
        lines = List.copyOf(lines);
        cut = Map.copyOf(cut);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("a run is of at least one card");
        }
    }

    /** Its cards, each as it was, with their copies. */
    private List<RunLine> runLines() {
        Materials materials = new Materials(shelf, tools.trimmer().graduation());
        return lines.stream()
                .map(line ->
                        new RunLine(CardMaker.make(line.design(), materials).orThrow(), line.copies()))
                .toList();
    }

    /**
     * Its lists: of what had not been cut before, the sheets; and all that is scored, pressed and made.
     *
     * @throws IllegalStateException when a card cannot be made of what is kept with it, or there is no plan for a paper
     */
    public RunPlan plan() {
        return RunPlan.of(runLines(), shelf, thrift, tools, lists, cut);
    }

    /** All that is cut in it, what had been cut before as well. */
    public WorkOrder whole() {
        List<RunLine> apart = RunLine.apart(runLines());
        return WorkOrder.of(apart, shelf, thrift, PressPlan.of(apart, tools));
    }

    /**
     * How many of each piece are cut by now.
     *
     * @param plan its plan
     * @param sheets how many sheets of each layout have been cut, by its letter
     */
    public Map<PartId, Integer> cutSoFar(RunPlan plan, Map<String, Integer> sheets) {
        Map<PartId, Integer> all = new HashMap<>(cut);
        plan.sheets().cutFrom(sheets).forEach((piece, count) -> all.merge(piece, count, Math::addExact));
        return all;
    }

    /**
     * The same run with other cards, papers or tools, and without a plan for its sheets: what was cut for this one and serves there stays cut.
     *
     * @param others its cards, at least one
     * @param otherShelf the papers and leftovers there are
     * @param otherTools the tools there are
     * @param soFar how many of each piece of this run are cut
     */
    public SettledRun replanned(
            List<Line> others, PaperShelf otherShelf, Toolbox otherTools, Map<PartId, Integer> soFar) {
        SettledRun fresh = new SettledRun(others, thrift, otherShelf, otherTools, Map.of(), KnownLists.NONE);
        return new SettledRun(
                others, thrift, otherShelf, otherTools, fresh.whole().served(whole(), soFar), KnownLists.NONE);
    }

    /** The same run with its sheets cut in that way. */
    public SettledRun with(KnownPlans sheets) {
        return new SettledRun(lines, thrift, shelf, tools, cut, new KnownLists(sheets, FenceOrders.NONE));
    }
}
