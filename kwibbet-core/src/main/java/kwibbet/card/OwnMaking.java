package kwibbet.card;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a maker changed about how a card is made. Steps are named by their ids, which outlive a change of size; what is named and is not there, as when a
 * piece was taken off, is kept and does nothing until it is there again.
 *
 * @param steps what is done besides
 * @param orders what comes before what
 * @param tellings how steps are told
 */
public record OwnMaking(List<OwnStep> steps, List<Order> orders, List<Telling> tellings) {

    /** Nothing is changed. */
    public static final OwnMaking NONE = new OwnMaking(List.of(), List.of(), List.of());

    /** Copies the lists. */
    public OwnMaking {
        steps = List.copyOf(steps);
        orders = List.copyOf(orders);
        tellings = List.copyOf(tellings);
    }

    /**
     * A step comes before another because the maker wants it so.
     *
     * @param first the id of the one
     * @param then the id of the other
     */
    public record Order(String first, String then) {}

    /**
     * How steps are told that follow each other: together, in other words, or not at all.
     *
     * @param steps the ids of the steps, at least one
     * @param words what is said, up to 200 letters; nothing where they are left out
     */
    public record Telling(List<String> steps, String words) {
        /**
         * Copies the list.
         *
         * @throws IllegalArgumentException when it is of no step, or its words are too long
         */
        public Telling {
            steps = List.copyOf(steps);
            if (steps.isEmpty() || words.length() > OwnStep.LONGEST) {
                throw new IllegalArgumentException(
                        "at least one step is told, in up to " + OwnStep.LONGEST + " letters");
            }
        }

        /** Whether the steps are left out of the list. */
        public boolean isLeftOut() {
            return words.isEmpty();
        }
    }

    /** Whether nothing is changed. */
    public boolean isNone() {
        return equals(NONE);
    }

    /** The id the next step of one's own gets. */
    public String nextId() {
        int number = 1;
        while (step(OwnStep.ID + number).isPresent()) {
            number++;
        }
        return OwnStep.ID + number;
    }

    /** The step of one's own of that id. */
    public Optional<OwnStep> step(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** With a step more. */
    public OwnMaking plus(OwnStep step) {
        return new OwnMaking(more(steps, step), orders, tellings);
    }

    /** Without a step of one's own, and without what was said of it. */
    public OwnMaking without(String id) {
        return new OwnMaking(
                        steps.stream().filter(step -> !step.id().equals(id)).toList(),
                        orders.stream()
                                .filter(order -> !order.first.equals(id) && !order.then.equals(id))
                                .toList(),
                        tellings)
                .toldAsUsual(id);
    }

    /** With one step before another; the other way round is forgotten. */
    public OwnMaking ordered(String first, String then) {
        List<Order> others = orders.stream()
                .filter(order -> !order.equals(new Order(first, then)) && !order.equals(new Order(then, first)))
                .toList();
        return new OwnMaking(steps, more(others, new Order(first, then)), tellings);
    }

    /** Without one of the orders. */
    public OwnMaking without(Order order) {
        return new OwnMaking(
                steps, orders.stream().filter(each -> !each.equals(order)).toList(), tellings);
    }

    /** With some steps told in other words, or left out; what was said of any of them before is forgotten. */
    public OwnMaking told(Telling telling) {
        List<Telling> others = tellings.stream()
                .filter(each -> each.steps.stream().noneMatch(telling.steps::contains))
                .toList();
        return new OwnMaking(steps, orders, more(others, telling));
    }

    /** With a step told as it would be. */
    public OwnMaking toldAsUsual(String id) {
        return new OwnMaking(
                steps,
                orders,
                tellings.stream().filter(each -> !each.steps.contains(id)).toList());
    }

    /** How a step is told; nothing where it is told as usual. */
    public Optional<Telling> telling(String id) {
        return tellings.stream().filter(each -> each.steps.contains(id)).findFirst();
    }

    private static <T> List<T> more(List<T> some, T one) {
        return Stream.concat(some.stream(), Stream.of(one)).toList();
    }
}
