package kwibbet.making;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

import kwibbet.card.Card;
import kwibbet.press.PressPlan;

/**
 * How a card is made: its operations in order, what waits for what, and how good the order is.
 *
 * @param card the card
 * @param way how its copies are made
 * @param steps the operations in the order they are done
 * @param waits what has to come before what, and why; what follows from these is left out
 * @param cost how often something else is taken up
 * @param broken what could not be kept, since it contradicts the rest; empty where nothing does
 */
public record Making(Card card, Way way, List<Operation> steps, List<Wait> waits, Cost cost, List<Wait> broken) {

    /** Copies the lists. */
    public Making {
        steps = List.copyOf(steps);
        waits = List.copyOf(waits);
        broken = List.copyOf(broken);
    }

    /**
     * How often something else is taken up.
     *
     * @param moves how often the maker changes the station, or, where what belongs together stays together, what is worked on
     * @param tools how often another tool is taken up
     * @param movesAtLeast no order moves less often
     * @param toolsAtLeast no order that moves as seldom takes up another tool less often
     */
    public record Cost(int moves, int tools, int movesAtLeast, int toolsAtLeast) {
        /** Whether no order is better. */
        public boolean isProven() {
            return moves == movesAtLeast && tools == toolsAtLeast;
        }

        /** What it says, after what is counted. */
        public String words() {
            String changes = tools == 1 ? "1 change of tool" : tools + " changes of tool";
            return changes + (isProven() ? ", the fewest" : ", at least " + toolsAtLeast);
        }
    }

    /** The best order found for a card whose dies cut as planned. */
    public static Making of(Card card, PressPlan press, Way way) {
        Operations operations = Operations.of(card, press);
        List<Wait> kept = new ArrayList<>();
        List<Wait> broken = new ArrayList<>();
        Waiting waiting = new Waiting(operations.all());
        for (WaitRule rule : Rules.ALL) {
            for (Wait wait : rule.waits(operations)) {
                (waiting.add(wait) ? kept : broken).add(wait);
            }
        }
        kept.removeIf(waiting::isImplied);
        OrderSearch.Found found = OrderSearch.run(operations, waiting, way);
        return new Making(card, way, found.order(), kept, found.cost(), broken);
    }

    /** How many steps a card takes, whatever their order. */
    public static int count(Card card, PressPlan press) {
        return Operations.of(card, press).all().size();
    }

    /** The work as it lies before an operation is done. */
    public State stateBefore(Operation operation) {
        return new State(card, steps.subList(0, steps.indexOf(operation)));
    }

    /** The work when all is done. */
    public State finished() {
        return new State(card, steps);
    }

    /** The number of a step, from 1. */
    public int numberOf(Operation step) {
        return steps.indexOf(step) + 1;
    }

    /** Why an operation is done no earlier. */
    public List<Wait> before(Operation operation) {
        return waits.stream().filter(wait -> wait.after().equals(operation)).toList();
    }

    /** What has to wait for an operation. */
    public List<Wait> after(Operation operation) {
        return waits.stream().filter(wait -> wait.before().equals(operation)).toList();
    }

    /**
     * A reason for the place of a step, with the numbers of the steps it is about.
     *
     * @param numbers the numbers, in words
     * @param reason the reason
     */
    public record Reason(String numbers, String reason) {}

    /** Why a step is done no earlier, each reason once. */
    public List<Reason> reasonsBefore(Operation step) {
        return reasons(before(step), Wait::before);
    }

    /** Why others wait for a step, each reason once. */
    public List<Reason> reasonsAfter(Operation step) {
        return reasons(after(step), Wait::after);
    }

    private List<Reason> reasons(List<Wait> about, Function<Wait, Operation> other) {
        Map<String, TreeSet<Integer>> numbers = new LinkedHashMap<>();
        about.forEach(wait -> numbers.computeIfAbsent(wait.reason(), reason -> new TreeSet<>())
                .add(numberOf(other.apply(wait))));
        List<Reason> reasons = new ArrayList<>();
        numbers.forEach((reason, those) ->
                reasons.add(new Reason(those.stream().map(String::valueOf).collect(Collectors.joining(", ")), reason)));
        return reasons;
    }

    /** The operations of one station that follow each other, as one reads them. */
    public List<Stretch> stretches() {
        List<Stretch> stretches = new ArrayList<>();
        for (Operation step : steps) {
            Optional<Stretch> last =
                    stretches.isEmpty() ? Optional.empty() : Optional.of(stretches.get(stretches.size() - 1));
            if (last.filter(stretch -> stretch.station() == step.station()).isPresent()) {
                stretches.set(stretches.size() - 1, last.get().with(step));
            } else {
                stretches.add(new Stretch(step.station(), List.of(step)));
            }
        }
        return stretches;
    }

    /**
     * What is done at one station without leaving it.
     *
     * @param station the station
     * @param steps what is done there, in order
     */
    public record Stretch(Station station, List<Operation> steps) {
        /** Copies the list. */
        public Stretch {
            steps = List.copyOf(steps);
        }

        private Stretch with(Operation step) {
            List<Operation> more = new ArrayList<>(steps);
            more.add(step);
            return new Stretch(station, more);
        }
    }
}
