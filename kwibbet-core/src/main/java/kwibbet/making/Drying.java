package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/**
 * Lets dry what is wet, as late as the order allows: other work goes on beside it.
 *
 * @param waiting what has to come before what
 */
record Drying(Waiting waiting) {

    private static final String RULE = "dry-first";

    /**
     * An order in which what is wet has dried before anything touches it.
     *
     * @param order all that is done
     * @param waits what waits for what to dry
     */
    record Dried(List<Operation> order, List<Wait> waits) {
        /** Copies the lists. */
        Dried {
            order = List.copyOf(order);
            waits = List.copyOf(waits);
        }
    }

    /** All that hands do, and what dries meanwhile. */
    Dried of(List<Operation> order) {
        List<Operation> all = new ArrayList<>(order);
        List<Wait> waits = new ArrayList<>();
        for (Operation wet : order) {
            if (wet.drying() > 0) {
                Operation.Dry dry = new Operation.Dry(wet);
                all.add(touched(all, dry), dry);
                waits.add(new Wait(wet, dry, RULE, "It dries from then on; something else can be done meanwhile."));
                String reason =
                        wet.does().isGlued() ? "Wet glue slides." : "What is wet smears on all that touches it.";
                next(order, dry).forEach(each -> waits.add(new Wait(dry, each, RULE, reason)));
            }
        }
        return new Dried(all, waits);
    }

    /** What touches what is wet and waits for nothing else that does. */
    private List<Operation> next(List<Operation> order, Operation.Dry dry) {
        List<Operation> touching = order.stream()
                .filter(each -> dry.isTouchedBy(each) && waiting.isBefore(dry.wet(), each))
                .toList();
        return touching.stream()
                .filter(each -> touching.stream().noneMatch(other -> waiting.isBefore(other, each)))
                .toList();
    }

    /** Where the first thing is done that touches what is wet, or the end. */
    private static int touched(List<Operation> order, Operation.Dry dry) {
        for (int at = order.indexOf(dry.wet()) + 1; at < order.size(); at++) {
            if (dry.isTouchedBy(order.get(at))) {
                return at;
            }
        }
        return order.size();
    }
}
