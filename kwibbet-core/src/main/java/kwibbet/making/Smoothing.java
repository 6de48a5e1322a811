package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/**
 * Makes an order that changes as little as possible pleasanter, without a change more: what is alike follows each other, adhesive is put on just before it is
 * needed, and what dries does so beside other work.
 *
 * @param waiting what has to come before what
 * @param changes what is counted
 */
record Smoothing(Waiting waiting, Changes changes) {

    /** The same operations, counted no higher. */
    List<Operation> of(List<Operation> order) {
        return besideDrying(asThoughtOf(stuckTogether(adhesiveLate(alikeTogether(order)))));
    }

    /** Moves one operation where nothing it waits for, or that waits for it, lies between, if that costs nothing; otherwise leaves the order as it is. */
    private List<Operation> moved(List<Operation> order, int from, int to) {
        List<Operation> moved = freely(order, from, to);
        return isNoWorse(moved, order) ? moved : order;
    }

    private boolean isNoWorse(List<Operation> moved, List<Operation> order) {
        return changes.count(moved).compareTo(changes.count(order)) <= 0;
    }

    /** Moves one operation where nothing it waits for, or that waits for it, lies between, whatever that costs; otherwise leaves the order as it is. */
    private List<Operation> freely(List<Operation> order, int from, int to) {
        Operation each = order.get(from);
        List<Operation> between = from < to ? order.subList(from + 1, to + 1) : order.subList(to, from);
        boolean isFree = between.stream()
                .noneMatch(other -> from < to ? waiting.isBefore(each, other) : waiting.isBefore(other, each));
        if (!isFree) {
            return order;
        }
        List<Operation> moved = new ArrayList<>(order);
        moved.remove(from);
        moved.add(to, each);
        return moved;
    }

    private List<Operation> alikeTogether(List<Operation> order) {
        List<Operation> together = order;
        for (int at = 0; at < together.size(); at++) {
            Operation step = together.get(at);
            int next = at + 1;
            for (int later = at + 1; step.alike().isPresent() && later < together.size(); later++) {
                if (together.get(later).alike().equals(step.alike())) {
                    List<Operation> moved = moved(together, later, next);
                    next += moved == together && later != next ? 0 : 1;
                    together = moved;
                }
            }
        }
        return together;
    }

    private List<Operation> adhesiveLate(List<Operation> order) {
        List<Operation> late = order;
        for (Operation each : order) {
            if (each instanceof Operation.Adhere) {
                int at = late.indexOf(each);
                int needed = at;
                while (needed + 1 < late.size() && !waiting.isBefore(each, late.get(needed + 1))) {
                    needed++;
                }
                late = moved(late, at, needed);
            }
        }
        return late;
    }

    /** What is stuck alike follows each other, each with its adhesive. */
    private List<Operation> stuckTogether(List<Operation> order) {
        List<Operation> together = order;
        for (int at = 0; at < together.size(); at++) {
            int next = at + 2;
            for (int later = next; later + 1 < together.size(); later++) {
                if (isAlike(together, at, later)) {
                    List<Operation> halfWay = freely(together, later, next);
                    List<Operation> moved = halfWay == together ? together : freely(halfWay, later + 1, next + 1);
                    boolean isMoved = later == next || (moved != halfWay && isNoWorse(moved, together));
                    together = isMoved && later != next ? moved : together;
                    next += isMoved ? 2 : 0;
                }
            }
        }
        return together;
    }

    /** Of pieces of one kind that are stuck to one face, as the frames of a row, what was thought of first comes first. */
    private List<Operation> asThoughtOf(List<Operation> order) {
        List<Operation> sorted = order;
        for (int last = sorted.size() - 2; last > 0; last--) {
            for (int at = 0; at + 2 <= last; at++) {
                // What is stuck stands from the top down among all operations.
                boolean isLater = isOfOneKind(sorted, at, at + 2)
                        && waiting.place(sorted.get(at)) < waiting.place(sorted.get(at + 2));
                if (isLater) {
                    List<Operation> halfWay = freely(sorted, at + 2, at);
                    List<Operation> moved = halfWay == sorted ? sorted : freely(halfWay, at + 3, at + 1);
                    sorted = moved != halfWay && isNoWorse(moved, sorted) ? moved : sorted;
                }
            }
        }
        return sorted;
    }

    private static boolean isOfOneKind(List<Operation> order, int one, int other) {
        if (!isPair(order, one) || !isPair(order, other)) {
            return false;
        }
        Operation.Stick first = ((Operation.Adhere) order.get(one)).stick();
        Operation.Stick then = ((Operation.Adhere) order.get(other)).stick();
        return first.lower().equals(then.lower())
                && first.join().side() == then.join().side()
                && first.join().adhesion().equals(then.join().adhesion())
                && first.piece().size().equals(then.piece().size());
    }

    private static boolean isAlike(List<Operation> order, int one, int other) {
        return isPair(order, one)
                && isPair(order, other)
                && ((Operation.Adhere) order.get(one)).stick().isLike(((Operation.Adhere) order.get(other)).stick());
    }

    private static boolean isPair(List<Operation> order, int at) {
        return at + 1 < order.size()
                && order.get(at) instanceof Operation.Adhere adhere
                && adhere.stick().equals(order.get(at + 1));
    }

    /** As far as it shortens the time in which nothing can be done, what does not touch what is wet is done before what does. */
    private List<Operation> besideDrying(List<Operation> order) {
        List<Operation> best = order;
        double idle = idle(best);
        for (int later = 1; idle > 0 && later < order.size(); later++) {
            for (int earlier = 0; earlier < later; earlier++) {
                List<Operation> moved = moved(best, later, earlier);
                double other = idle(moved);
                if (other < idle) {
                    best = moved;
                    idle = other;
                    break;
                }
            }
        }
        return best;
    }

    /** For how long nothing can be done, in minutes for one card. */
    private static double idle(List<Operation> order) {
        double idle = 0;
        for (int at = 0; at < order.size(); at++) {
            Operation wet = order.get(at);
            if (wet.drying() > 0) {
                Operation.Dry dry = new Operation.Dry(wet);
                double beside = 0;
                boolean isTouched = false;
                for (int next = at + 1; next < order.size() && !isTouched; next++) {
                    isTouched = dry.isTouchedBy(order.get(next));
                    beside += isTouched ? 0 : order.get(next).minutes();
                }
                idle += isTouched ? Math.max(0, wet.drying() - beside) : 0;
            }
        }
        return idle;
    }
}
