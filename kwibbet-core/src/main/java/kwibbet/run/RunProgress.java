package kwibbet.run;

import java.util.Map;
import java.util.OptionalInt;

import kwibbet.bench.RunPlan;
import kwibbet.layout.SheetPlan.Lettered;

/**
 * How much of a settled run is done.
 *
 * @param sheets how many sheets of each layout are cut, by its letter
 * @param before how many sheets had been cut when its rest was last planned anew
 * @param cards how many cards are through each station
 * @param steps how often each step was ticked off at the bench
 */
public record RunProgress(Map<String, Integer> sheets, int before, Cards cards, Map<StepKey, Integer> steps) {

    /** Nothing is done yet. */
    public static final RunProgress NONE = new RunProgress(Map.of(), 0, new Cards(0, 0, 0), Map.of());

    /** Copies the maps. */
    public RunProgress {
        sheets = Map.copyOf(sheets);
        steps = Map.copyOf(steps);
    }

    /**
     * How many cards are through the stations after the trimmer.
     *
     * @param scored how many cards are scored
     * @param pressed how many have been through the press
     * @param made how many are made
     */
    public record Cards(int scored, int pressed, int made) {

        /** What the bench says goes before what was said by hand where it was what stood there, or is more. */
        private static int followed(int said, OptionalInt before, OptionalInt now) {
            return said == before.orElse(0) ? now.orElse(said) : Math.max(said, now.orElse(0));
        }
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
    public RunProgress worked(Cards now) {
        return new RunProgress(sheets, before, now, steps);
    }

    /** How many cards are scored, pressed and made once other steps are ticked off at the bench. */
    public Cards followed(RunBench bench, RunProgress now) {
        return new Cards(
                Cards.followed(
                        cards.scored, bench.through(BenchStation.SCORE, this), bench.through(BenchStation.SCORE, now)),
                Cards.followed(
                        cards.pressed, bench.through(BenchStation.PRESS, this), bench.through(BenchStation.PRESS, now)),
                Cards.followed(
                        cards.made, bench.through(BenchStation.MAKE, this), bench.through(BenchStation.MAKE, now)));
    }

    /** Whether anything is done of it. */
    public boolean isBegun() {
        boolean isTicked = steps.values().stream().anyMatch(times -> times > 0);
        return isTicked || before + cut() + cards.scored + cards.pressed + cards.made > 0;
    }

    /** Whether all sheets of a plan are cut. */
    public boolean isAllCut(RunPlan plan) {
        return plan.sheets().lettered().stream().allMatch(sheet -> leftOf(sheet) == 0);
    }
}
