package kwibbet.making;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan;
import kwibbet.wording.Phrase;

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
        List<Operation> order = way == Way.BATCH ? withAlikeTogether(found.order(), kept) : found.order();
        return new Making(card, way, order, kept, found.cost(), broken);
    }

    /** The same order, in which what is done alike with one tool in hand follows each other, where nothing it waits for lies between: that costs no change. */
    private static List<Operation> withAlikeTogether(List<Operation> order, List<Wait> waits) {
        List<Operation> together = new ArrayList<>(order);
        for (int at = 0; at < together.size(); at++) {
            Operation step = together.get(at);
            int next = at + 1;
            for (int later = at + 1; later < together.size() && isAtSameTool(together.get(later), step); later++) {
                Operation other = together.get(later);
                List<Operation> between = together.subList(next, later);
                boolean isFree =
                        waits.stream().noneMatch(wait -> wait.after().equals(other) && between.contains(wait.before()));
                if (step.bent().isPresent() && other.bent().equals(step.bent()) && isFree) {
                    together.remove(later);
                    together.add(next, other);
                    next++;
                }
            }
        }
        return together;
    }

    private static boolean isAtSameTool(Operation one, Operation other) {
        return one.station() == other.station() && one.tool().equals(other.tool());
    }

    /** The work as it lies before an operation is done. */
    public State stateBefore(Operation operation) {
        return new State(card, steps.subList(0, steps.indexOf(operation)));
    }

    /** The work when all is done. */
    public State finished() {
        return new State(card, steps);
    }

    /**
     * What is told as one step.
     *
     * @param steps what is done, at least one operation
     * @param words what the maker says of it; nothing where it is told as usual
     */
    public record Told(List<Operation> steps, Optional<String> words) {
        /** Copies the list. */
        public Told {
            steps = List.copyOf(steps);
        }

        /** What is done first. */
        public Operation first() {
            return steps.get(0);
        }

        /** What is done last. */
        public Operation last() {
            return steps.get(steps.size() - 1);
        }

        /** How long it takes one card, in minutes. */
        public double minutes() {
            return steps.stream().mapToDouble(Operation::minutes).sum();
        }

        /** What to do. */
        public Phrase sentence(MeasureSystem system) {
            if (words.isPresent()) {
                return Phrase.of(words.get());
            }
            return first().sentence(steps.stream().map(Operation::piece).toList(), system);
        }
    }

    /** The steps as they are told: some in the maker's words, some together, some left out. */
    public List<Told> told() {
        OwnMaking own = card.design().own();
        List<Told> told = new ArrayList<>();
        Set<String> done = new HashSet<>();
        for (int at = 0; at < steps.size(); at++) {
            Operation step = steps.get(at);
            Optional<Telling> telling = own.telling(step.id());
            if (done.contains(step.id()) || telling.filter(Telling::isLeftOut).isPresent()) {
                continue;
            }
            List<Operation> together = telling.isPresent() ? following(at, telling.get()) : alike(at);
            boolean isWhole = telling.filter(each -> each.steps().size() == together.size())
                    .isPresent();
            List<Operation> here = isWhole || telling.isEmpty() ? together : List.of(step);
            told.add(new Told(here, telling.filter(each -> isWhole).map(Telling::words)));
            here.forEach(each -> done.add(each.id()));
        }
        return told;
    }

    /** What is done alike to one piece after the other. */
    private List<Operation> alike(int first) {
        OwnMaking own = card.design().own();
        Operation step = steps.get(first);
        int end = first + 1;
        while (step.bent().isPresent()
                && end < steps.size()
                && own.telling(steps.get(end).id()).isEmpty()
                && steps.get(end).bent().equals(step.bent())) {
            end++;
        }
        return steps.subList(first, end);
    }

    /** The steps that are told with one, as far as they follow each other, whatever is left out between them. */
    private List<Operation> following(int first, Telling telling) {
        List<Operation> following = new ArrayList<>(List.of(steps.get(first)));
        OwnMaking own = card.design().own();
        for (Operation step : steps.subList(first + 1, steps.size())) {
            if (telling.steps().contains(step.id())) {
                following.add(step);
            } else if (own.telling(step.id()).filter(Telling::isLeftOut).isEmpty()) {
                break;
            }
        }
        return following;
    }

    /** The steps that are left out of the list. */
    public List<Operation> leftOut() {
        OwnMaking own = card.design().own();
        return steps.stream()
                .filter(step ->
                        own.telling(step.id()).filter(Telling::isLeftOut).isPresent())
                .toList();
    }

    /** The maker's own steps whose piece is not there any more. */
    public List<OwnStep> lost() {
        return card.design().own().steps().stream()
                .filter(own -> card.piece(own.piece()).isEmpty())
                .toList();
    }

    /** The operation of that id. */
    public Optional<Operation> find(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** The number under which a step is told, from 1; 0 for what is left out. */
    public int numberOf(Operation step) {
        List<Told> told = told();
        return IntStream.range(0, told.size())
                        .filter(at -> told.get(at).steps().stream()
                                .anyMatch(each -> each.id().equals(step.id())))
                        .findFirst()
                        .orElse(-1)
                + 1;
    }

    /** The number of what is told as one step, from 1. */
    public int numberOf(Told step) {
        return numberOf(step.first());
    }

    /** What has to be done between two steps if the later one is to come first: the way from the one to the other; nothing where it can. */
    public List<Wait> inTheWay(Operation earlier, Operation later) {
        Map<Operation, Wait> onward = new HashMap<>();
        List<Operation> reached = new ArrayList<>(List.of(later));
        for (int at = 0; at < reached.size(); at++) {
            for (Wait wait : before(reached.get(at))) {
                if (!onward.containsKey(wait.before())) {
                    onward.put(wait.before(), wait);
                    reached.add(wait.before());
                }
            }
        }
        List<Wait> way = new ArrayList<>();
        Optional<Wait> next = Optional.ofNullable(onward.get(earlier));
        while (next.isPresent()) {
            way.add(next.get());
            next = next.get().after().equals(later)
                    ? Optional.empty()
                    : Optional.ofNullable(onward.get(next.get().after()));
        }
        return way;
    }

    /** A way between two steps, wait by wait, in words. */
    public String words(List<Wait> way) {
        return way.stream()
                .map(wait -> "Step " + numberOf(wait.before()) + " comes before " + numberOf(wait.after()) + ": "
                        + wait.reason())
                .collect(Collectors.joining(" "));
    }

    /** What the maker wants in an order that cannot be, with why not; an order that other rules gave up is told by its reason. */
    public String whyNot(Wait wait) {
        List<Wait> way = inTheWay(wait.after(), wait.before());
        return wait.rule().equals(OwnAsSaid.KEY) && !way.isEmpty()
                ? "You want step " + numberOf(wait.before()) + " before " + numberOf(wait.after())
                        + ", and that cannot be. " + words(way)
                : "This cannot be kept, since it contradicts the rest: " + wait.reason();
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
    public List<Reason> reasonsBefore(Told told) {
        return reasons(told, step -> before(step).stream(), Wait::before);
    }

    /** Why others wait for a step, each reason once. */
    public List<Reason> reasonsAfter(Told told) {
        return reasons(told, step -> after(step).stream(), Wait::after);
    }

    private List<Reason> reasons(Told told, Function<Operation, Stream<Wait>> about, Function<Wait, Operation> other) {
        Map<String, TreeSet<Integer>> numbers = new LinkedHashMap<>();
        told.steps().stream().flatMap(about).forEach(wait -> {
            int number = numberOf(other.apply(wait));
            if (number > 0 && number != numberOf(told.first())) {
                numbers.computeIfAbsent(wait.reason(), reason -> new TreeSet<>())
                        .add(number);
            }
        });
        List<Reason> reasons = new ArrayList<>();
        numbers.forEach((reason, those) ->
                reasons.add(new Reason(those.stream().map(String::valueOf).collect(Collectors.joining(", ")), reason)));
        return reasons;
    }

    /** The steps of one station that follow each other, as one reads them. */
    public List<Stretch> stretches() {
        List<Stretch> stretches = new ArrayList<>();
        for (Told step : told()) {
            Optional<Stretch> last =
                    stretches.isEmpty() ? Optional.empty() : Optional.of(stretches.get(stretches.size() - 1));
            Station station = step.first().station();
            if (last.filter(stretch -> stretch.station() == station).isPresent()) {
                stretches.set(stretches.size() - 1, last.get().with(step));
            } else {
                stretches.add(new Stretch(station, List.of(step)));
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
    public record Stretch(Station station, List<Told> steps) {
        /** Copies the list. */
        public Stretch {
            steps = List.copyOf(steps);
        }

        private Stretch with(Told step) {
            List<Told> more = new ArrayList<>(steps);
            more.add(step);
            return new Stretch(station, more);
        }
    }
}
