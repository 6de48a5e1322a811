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
 * @param make folding and sticking, card after card
 */
public record BenchPlan(TrimPlan trim, ScoreList score, PressList press, List<MakeStep> make) {

    /** Copies the lists. */
    public BenchPlan {
        make = List.copyOf(make);
    }

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
        List<MakeStep> make = lines.stream()
                .flatMap(line -> MakeStep.of(line.card(), press).stream())
                .toList();
        return new BenchPlan(trim, ScoreList.of(lines, tools, press.plan()), press, make);
    }
}
