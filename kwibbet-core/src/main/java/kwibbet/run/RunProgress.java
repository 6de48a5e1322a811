package kwibbet.run;

import java.util.Map;

import kwibbet.bench.RunPlan;
import kwibbet.layout.SheetPlan.Lettered;

/**
 * How much of a settled run is done.
 *
 * @param sheets how many sheets of each layout are cut, by its letter
 * @param before how many sheets had been cut when its rest was last planned anew
 * @param scored how many cards are scored
 * @param pressed how many have been through the press
 * @param made how many are made
 */
public record RunProgress(Map<String, Integer> sheets, int before, int scored, int pressed, int made) {

    /** Nothing is done yet. */
    public static final RunProgress NONE = new RunProgress(Map.of(), 0, 0, 0, 0);

    /** Copies the map. */
    public RunProgress {
        sheets = Map.copyOf(sheets);
    }

    /** How many sheets of a layout are cut. */
    public int cutOf(Lettered sheet) {
        return Math.min(sheet.copies(), sheets.getOrDefault(sheet.letter(), 0));
    }

    /** How many sheets of a layout are still to be cut. */
    public int leftOf(Lettered sheet) {
        return sheet.copies() - cutOf(sheet);
    }

    /** How many sheets are cut, of all its layouts. */
    public int cut() {
        return sheets.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** This with so many cards scored, pressed and made. */
    public RunProgress worked(int nowScored, int nowPressed, int nowMade) {
        return new RunProgress(sheets, before, nowScored, nowPressed, nowMade);
    }

    /** Whether anything is done of it. */
    public boolean isBegun() {
        return before + cut() + scored + pressed + made > 0;
    }

    /** Whether all sheets of a plan are cut. */
    public boolean isAllCut(RunPlan plan) {
        return plan.sheets().lettered().stream().allMatch(sheet -> leftOf(sheet) == 0);
    }
}
