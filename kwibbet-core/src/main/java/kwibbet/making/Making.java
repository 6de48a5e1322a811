package kwibbet.making;

import java.util.ArrayList;
import java.util.Comparator;
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
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan;
import kwibbet.wording.Phrase;

/** How a card is made: its operations in order, what waits for what, and how good the order is. */
public final class Making {

    private final Card card;
    private final Way way;
    private final List<Operation> steps;
    private final List<Wait> waits;
    private final Cost cost;
    private final List<Wait> broken;
    private final List<Told> told;
    /** The number under which each is told, by its id. */
    private final Map<String, Integer> numbers = new HashMap<>();

    private final Map<String, Integer> places = new HashMap<>();
    private final Map<String, List<Wait>> before = new HashMap<>();
    private final Map<String, List<Wait>> after = new HashMap<>();

    private Making(Card card, Way way, List<Operation> steps, List<Wait> waits, Cost cost, List<Wait> broken) {
        this.card = card;
        this.way = way;
        this.steps = List.copyOf(steps);
        this.waits = List.copyOf(waits);
        this.cost = cost;
        this.broken = List.copyOf(broken);
        this.steps.forEach(step -> places.put(step.id(), places.size()));
        for (Wait wait : this.waits) {
            before.computeIfAbsent(wait.after().id(), step -> new ArrayList<>()).add(wait);
            after.computeIfAbsent(wait.before().id(), step -> new ArrayList<>()).add(wait);
        }
        this.told = findTold();
        for (int i = 0; i < told.size(); i++) {
            int number = i + 1;
            told.get(i).steps().forEach(step -> numbers.put(step.id(), number));
        }
    }

    /** The card. */
    public Card card() {
        return card;
    }

    /** How its copies are made. */
    public Way way() {
        return way;
    }

    /** The operations in the order they are done. */
    public List<Operation> steps() {
        return steps;
    }

    /** What has to come before what, and why; what follows from these is left out. */
    public List<Wait> waits() {
        return waits;
    }

    /** How good the order is. */
    public Cost cost() {
        return cost;
    }

    /** What could not be kept, since it contradicts the rest; empty where nothing does. */
    public List<Wait> broken() {
        return broken;
    }

    /**
     * What an order changes, first what counts most.
     *
     * @param moves how often the maker changes the station, or, where what belongs together stays together, what is worked on
     * @param tools how often another tool is taken up
     * @param turns how often a piece is turned over
     * @param jumps how often something is left unfinished for something else
     */
    public record Count(int moves, int tools, int turns, int jumps) implements Comparable<Count> {
        private static final Comparator<Count> ORDER = Comparator.comparingInt(Count::moves)
                .thenComparingInt(Count::tools)
                .thenComparingInt(Count::turns)
                .thenComparingInt(Count::jumps);

        @Override
        public int compareTo(Count other) {
            return ORDER.compare(this, other);
        }
    }

    /**
     * How good an order is.
     *
     * @param counted what it changes
     * @param atLeast no order changes less: moves; of those that move as seldom, tools; and so on
     */
    public record Cost(Count counted, Count atLeast) {
        /** Whether no order is better. */
        public boolean isProven() {
            return counted.equals(atLeast);
        }

        /** What it says. */
        public String words() {
            boolean isFewest = counted.moves() == atLeast.moves() && counted.tools() == atLeast.tools();
            String changes = times(counted.tools(), "change of tool", "changes of tool");
            String turns = counted.turns() == 0
                    ? "nothing turned over"
                    : "pieces turned over " + times(counted.turns(), "time", "times");
            if (isFewest && counted.turns() == atLeast.turns()) {
                return changes + " and " + turns + ", the fewest";
            }
            return changes + (isFewest ? ", the fewest" : ", at least " + atLeast.tools()) + ", and " + turns
                    + (isFewest ? ", at least " + atLeast.turns() : "");
        }

        private static String times(int count, String one, String more) {
            return count + " " + (count == 1 ? one : more);
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
        Changes changes = new Changes(operations, way);
        OrderSearch.Found found = OrderSearch.run(waiting, changes);
        List<Operation> smooth = new Smoothing(waiting, changes).of(found.order());
        Cost cost = new Cost(changes.count(smooth), found.atLeast());
        Drying.Dried dried = new Drying(waiting).of(smooth);
        kept.addAll(dried.waits());
        return new Making(card, way, dried.order(), kept, cost, broken);
    }

    /** The work as it lies before an operation is done. */
    public State stateBefore(Operation operation) {
        return new State(card, steps.subList(0, placeOf(operation)));
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

        /** By which it is named and timed: what is stuck, where its adhesive is told with it; otherwise what is done first. */
        public Operation lead() {
            return steps.stream()
                    .filter(step -> !(step instanceof Operation.Adhere))
                    .findFirst()
                    .orElse(first());
        }

        /** Whether nothing is done, but something dries. */
        public boolean isWaiting() {
            return lead().does() == Does.DRY;
        }

        /** What is done last. */
        public Operation last() {
            return steps.get(steps.size() - 1);
        }

        /** How long it takes one card, in minutes. */
        public double minutes() {
            return steps.stream().mapToDouble(Operation::minutes).sum();
        }

        /** What is stuck here, in order. */
        public List<Operation.Stick> sticks() {
            return steps.stream()
                    .filter(Operation.Stick.class::isInstance)
                    .map(Operation.Stick.class::cast)
                    .toList();
        }

        /** What its time is kept with: several that are stuck as one step take longer than one. */
        public String timedAs() {
            int sticks = sticks().size();
            return lead().timedAs() + (sticks > 1 ? "-" + sticks : "");
        }

        /** What to do. */
        public Phrase sentence(MeasureSystem system) {
            if (words.isPresent()) {
                return Phrase.of(words.get());
            }
            if (first() instanceof Operation.Adhere adhere && last() instanceof Operation.Stick stick) {
                List<Operation.Stick> sticks = sticks();
                return sticks.size() > 1 ? stick.together(sticks, system) : stick.after(adhere, system);
            }
            if (first() instanceof Operation.Stick stick) {
                return stick.peeled(system);
            }
            return first().sentence(steps.stream().map(Operation::piece).toList(), system);
        }
    }

    /** The steps as they are told: some in the maker's words, some together, some left out. */
    public List<Told> told() {
        return told;
    }

    private List<Told> findTold() {
        List<Told> all = new ArrayList<>();
        Set<String> done = new HashSet<>();
        for (int at = 0; at < steps.size(); at++) {
            Operation step = steps.get(at);
            Optional<Telling> telling = telling(step);
            if (done.contains(step.id()) || telling.filter(Telling::isLeftOut).isPresent()) {
                continue;
            }
            List<Operation> together = telling.isPresent() ? following(at, telling.get()) : alike(at);
            boolean isWhole = telling.filter(each -> isWhole(each, together)).isPresent();
            List<Operation> here = isWhole || telling.isEmpty() ? together : List.of(step);
            all.add(new Told(here, telling.filter(each -> isWhole).map(Telling::words)));
            here.forEach(each -> done.add(each.id()));
        }
        return List.copyOf(all);
    }

    /** What the maker says of a step; of what only serves another, as they say of that, unless they say something of itself. */
    private Optional<Telling> telling(Operation step) {
        OwnMaking own = card.design().own();
        return own.telling(step.id()).or(() -> {
            if (step instanceof Operation.Adhere adhere && isStuckNext(adhere)) {
                return own.telling(adhere.stick().id());
            }
            return step instanceof Operation.Dry dry
                    ? own.telling(dry.wet().id()).filter(Telling::isLeftOut)
                    : Optional.empty();
        });
    }

    private boolean isToldWithStick(int at) {
        return at < steps.size()
                && steps.get(at) instanceof Operation.Adhere adhere
                && telling(adhere).isEmpty()
                && isStuckNext(adhere)
                && telling(adhere.stick()).isEmpty();
    }

    private boolean isStuckNext(Operation.Adhere adhere) {
        return placeOf(adhere.stick()) == placeOf(adhere) + 1;
    }

    private static boolean isWhole(Telling telling, List<Operation> together) {
        return telling.steps().stream()
                .allMatch(id -> together.stream().anyMatch(each -> each.id().equals(id)));
    }

    /** So many that are stuck alike are told as one step: more are too small in its picture. */
    private static final int MOST_ALIKE = 4;

    /** What is done alike to one piece after the other, and adhesive with what is stuck by it. */
    private List<Operation> alike(int first) {
        Operation step = steps.get(first);
        int end = first + 1;
        if (step instanceof Operation.Adhere adhere && isToldWithStick(first)) {
            int pairs = 1;
            while (pairs < MOST_ALIKE
                    && isToldWithStick(first + 2 * pairs)
                    && steps.get(first + 2 * pairs) instanceof Operation.Adhere next
                    && adhere.stick().isLike(next.stick())) {
                pairs++;
            }
            return steps.subList(first, first + 2 * pairs);
        }
        while (step.alike().isPresent()
                && end < steps.size()
                && telling(steps.get(end)).isEmpty()
                && steps.get(end).alike().equals(step.alike())) {
            end++;
        }
        return steps.subList(first, end);
    }

    /** The steps that are told with one, as far as they follow each other, whatever is left out between them. */
    private List<Operation> following(int first, Telling telling) {
        List<Operation> following = new ArrayList<>(List.of(steps.get(first)));
        for (Operation step : steps.subList(first + 1, steps.size())) {
            Optional<Telling> own = telling(step);
            if (own.filter(telling::equals).isPresent()) {
                following.add(step);
            } else if (own.filter(Telling::isLeftOut).isEmpty()) {
                break;
            }
        }
        return following;
    }

    /** The steps that are left out of the list. */
    public List<Operation> leftOut() {
        return steps.stream()
                .filter(step -> telling(step).filter(Telling::isLeftOut).isPresent())
                .toList();
    }

    /** The maker's own steps whose piece is not there any more. */
    public List<OwnStep> lost() {
        return card.design().own().steps().stream()
                .filter(own -> card.piece(own.piece()).isEmpty())
                .toList();
    }

    /** What is done right after a step; nothing where that is the last. */
    public Optional<Operation> following(Operation step) {
        int next = placeOf(step) + 1;
        return next < steps.size() ? Optional.of(steps.get(next)) : Optional.empty();
    }

    /** The operation of that id. */
    public Optional<Operation> find(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** The number under which a step is told, from 1; 0 for what is left out. */
    public int numberOf(Operation step) {
        return numbers.getOrDefault(step.id(), 0);
    }

    private int placeOf(Operation step) {
        return Optional.ofNullable(places.get(step.id()))
                .orElseThrow(() -> new IllegalArgumentException(step.id() + " is no step of this card"));
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
        return List.copyOf(before.getOrDefault(operation.id(), List.of()));
    }

    /** What has to wait for an operation. */
    public List<Wait> after(Operation operation) {
        return List.copyOf(after.getOrDefault(operation.id(), List.of()));
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
        for (Told step : told) {
            Optional<Stretch> last =
                    stretches.isEmpty() ? Optional.empty() : Optional.of(stretches.get(stretches.size() - 1));
            Station station = step.first().station();
            boolean goesOn = last.filter(stretch -> stretch.station() == station || station == Station.WAITING)
                    .isPresent();
            if (goesOn) {
                last.ifPresent(stretch -> stretches.set(stretches.size() - 1, stretch.with(step)));
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
