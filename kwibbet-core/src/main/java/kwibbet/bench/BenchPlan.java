package kwibbet.bench;

import java.util.List;

import kwibbet.card.RunLine;
import kwibbet.layout.SheetPlan;
import kwibbet.tool.Toolbox;

/**
 * All steps of a run, in the order they are done.
 *
 * @param trim the cuts, setting after setting
 * @param score the creases, setting after setting
 * @param press what dies cut, load after load
 */
public record BenchPlan(TrimPlan trim, ScoreList score, PressList press) {

    /**
     * The steps for a run.
     *
     * @param lines its cards, with their copies
     * @param sheets how its sheets are cut
     * @param tools what they are cut and scored with
     * @param press what dies cut
     * @param before in which order they were cut before
     */
    static BenchPlan of(List<RunLine> lines, SheetPlan sheets, Toolbox tools, PressList press, FenceOrders before) {
        TrimPlan trim = TrimPlan.of(sheets, tools.trimmer(), before);
        return new BenchPlan(trim, ScoreList.of(lines, tools, press.plan()), press);
    }
}
