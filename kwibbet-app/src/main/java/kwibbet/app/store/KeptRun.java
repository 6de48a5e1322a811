package kwibbet.app.store;

import java.util.List;

import kwibbet.card.Copies;
import kwibbet.layout.Thrift;
import kwibbet.run.RunProgress;
import kwibbet.run.RunState;

/**
 * A run as it is kept.
 *
 * @param id its id
 * @param version grows with every change; whoever changes it says which version they saw
 * @param name what the maker calls it
 * @param state how far it is
 * @param thrift what is spared
 * @param ofCard whether it came with its one card, and is made as often as that card says; a cutting day says so itself
 * @param lines its cards, in order, each once
 * @param phase how often its rest was planned anew
 * @param progress how much of it is done
 */
public record KeptRun(
        String id,
        long version,
        String name,
        RunState state,
        Thrift thrift,
        boolean ofCard,
        List<Line> lines,
        int phase,
        RunProgress progress) {

    /**
     * A card of a run.
     *
     * @param card the design
     * @param copies how many are made
     */
    public record Line(String card, Copies copies) {}

    /** Copies the list. */
    public KeptRun {
        lines = List.copyOf(lines);
    }

    /** Whether its lists stay as they are. */
    public boolean isSettled() {
        return state != RunState.OPEN;
    }

    /** How many cards are made in all. */
    public int cards() {
        return lines.stream().mapToInt(line -> line.copies().cards()).sum();
    }

    /** What makers call its state: begun where something of it is done. */
    public String standing() {
        return state == RunState.SETTLED && progress.isBegun() ? "begun" : state.words();
    }

    KeptRun in(RunState other) {
        return new KeptRun(id, version, name, other, thrift, ofCard, lines, phase, progress);
    }

    KeptRun inPhase(int other, List<Line> present) {
        return new KeptRun(id, version, name, state, thrift, ofCard, present, other, progress);
    }

    KeptRun called(String other, List<Line> present, Thrift spared) {
        return new KeptRun(id, version, other, state, spared, ofCard, present, phase, progress);
    }

    KeptRun with(RunProgress other) {
        return new KeptRun(id, version, name, state, thrift, ofCard, lines, phase, other);
    }
}
