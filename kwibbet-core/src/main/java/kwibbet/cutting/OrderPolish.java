package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/**
 * Makes an order of cuts better: fewer settings, and of as many the large ones first, as a mistake in a large piece leaves paper for it.
 *
 * <p>A setting is taken out, put elsewhere, or another is tried in its place; all is cut in that order, and what is left at the end at what most can be cut at. What comes
 * of it is taken if it is better, and at first sometimes if it is worse (S. Kirkpatrick, C. D. Gelatt, M. P. Vecchi, Optimization by Simulated Annealing, Science
 * 220, 1983). Which way it goes is drawn from a fixed seed, so the same sheets are always cut in the same order.
 */
final class OrderPolish {

    /** Settings tried on bars, in all. */
    private static final long WORK = 6_000_000;

    private static final int LEAST_TRIES = 300;
    private static final long TRIES_A_SETTING = 60;
    private static final int MOST_PASSES = 12;
    /** An order is noted after every so many settings, so that another that begins alike goes on from there. */
    private static final int STEP = 6;

    private static final double WARM = 0.6;
    private static final double COLD = 0.1;
    /** That every setting had another before it that is smaller would be worth so much of a setting. */
    private static final double UPWARDS = 0.5;

    private final CutOrder begin;
    private final Random random = new Random(1);
    private final List<Long> known;

    private OrderPolish(CutOrder begin, CutOrder found) {
        this.begin = begin;
        this.known = found.settings().stream().distinct().toList();
    }

    /**
     * The best order that is found.
     *
     * @param begin nothing cut yet
     * @param found an order in which everything is cut
     * @param bars how many bars there are
     */
    static CutOrder of(CutOrder begin, CutOrder found, int bars) {
        int settings = found.howOftenSet();
        if (settings < 2) {
            return found;
        }
        long affordable = Math.max(LEAST_TRIES, WORK / ((long) settings * bars));
        int tries = (int) Math.min(affordable, TRIES_A_SETTING * settings);
        return new OrderPolish(begin, found).run(found, tries);
    }

    private CutOrder run(CutOrder found, int tries) {
        Noted current = new Noted(List.copyOf(found.settings()), new ArrayList<>(), cost(found.settings()));
        Noted best = current;
        for (int round = 0; round < tries; round++) {
            double warmth = WARM * Math.pow(COLD / WARM, (double) round / tries);
            Noted other = changed(current);
            double worse = other.cost - current.cost;
            if (worse <= 0 || random.nextDouble() < Math.exp(-worse / warmth)) {
                current = other;
                best = other.cost < best.cost ? other : best;
            }
        }
        CutOrder order = begin.copy();
        largeFirst(best).settings.forEach(order::cut);
        return order;
    }

    /**
     * An order, and how far it is on the way, so that another that begins alike need not be cut from the first setting on.
     *
     * @param settings at which everything is cut; at each of them something
     * @param onTheWay what was cut after {@value #STEP} settings, twice as many and so on, as far as anybody asked for it
     * @param cost what it costs, which takes as long to count as to cut by it
     */
    private record Noted(List<Long> settings, List<CutOrder> onTheWay, double cost) {}

    /** Changes places of a setting and a larger one behind it as long as that asks for no more settings. */
    private Noted largeFirst(Noted found) {
        Noted best = found;
        boolean changed = true;
        for (int pass = 0; pass < MOST_PASSES && changed; pass++) {
            changed = false;
            for (int i = 1; i < best.settings.size(); i++) {
                if (best.settings.get(i) > best.settings.get(i - 1)) {
                    Noted other = swapped(best, i);
                    changed |= other.cost < best.cost;
                    best = other.cost < best.cost ? other : best;
                }
            }
        }
        return best;
    }

    /** The order with a setting and the one before it in each other's place; the same one where that is no better. */
    private Noted swapped(Noted from, int place) {
        List<Long> settings = new ArrayList<>(from.settings);
        Collections.swap(settings, place - 1, place);
        CutOrder before = asFarAs(from, place + 1);
        CutOrder after = asFarAs(from, place - 1);
        after.cut(settings.get(place - 1));
        after.cut(settings.get(place));
        // With the same left to cut all goes on as it did.
        boolean isSame = after.isAsFarAs(before) && after.howOftenSet() == before.howOftenSet();
        return isSame ? noted(settings, place - 1, from) : inOrder(settings, place - 1, from);
    }

    private Noted changed(Noted from) {
        List<Long> other = new ArrayList<>(from.settings);
        int what = random.nextInt(10);
        int first = random.nextInt(other.size());
        long taken = other.remove(first);
        if (what >= 4) {
            long put = what < 9 ? taken : known.get(random.nextInt(known.size()));
            int to = random.nextInt(other.size() + 1);
            other.add(to, put);
            first = Math.min(first, to);
        }
        return inOrder(other, first, from);
    }

    /** Everything cut at some settings, of which so many are the first of another order. */
    private Noted inOrder(List<Long> settings, int alike, Noted like) {
        CutOrder order = asFarAs(like, alike);
        settings.subList(alike, settings.size()).forEach(order::cut);
        while (!order.isFinished()) {
            order.cut(order.choices(1).get(0));
        }
        return noted(List.copyOf(order.settings()), alike, like);
    }

    private static Noted noted(List<Long> settings, int alike, Noted like) {
        int steps = Math.min(alike / STEP, like.onTheWay.size());
        return new Noted(settings, new ArrayList<>(like.onTheWay.subList(0, steps)), cost(settings));
    }

    /** What is cut after so many settings of an order. */
    private CutOrder asFarAs(Noted noted, int settings) {
        List<Long> all = noted.settings;
        List<CutOrder> onTheWay = noted.onTheWay;
        while (onTheWay.size() < settings / STEP) {
            CutOrder next = lastOf(onTheWay, onTheWay.size()).copy();
            int first = onTheWay.size() * STEP;
            all.subList(first, first + STEP).forEach(next::cut);
            onTheWay.add(next);
        }
        CutOrder order = lastOf(onTheWay, settings / STEP).copy();
        all.subList(settings / STEP * STEP, settings).forEach(order::cut);
        return order;
    }

    private CutOrder lastOf(List<CutOrder> onTheWay, int steps) {
        return steps == 0 ? begin : onTheWay.get(steps - 1);
    }

    private static double cost(List<Long> order) {
        long[] settings = order.stream().mapToLong(Long::longValue).toArray();
        int upwards = 0;
        for (int i = 1; i < settings.length; i++) {
            for (int j = 0; j < i; j++) {
                upwards += settings[i] > settings[j] ? 1 : 0;
            }
        }
        return settings.length + UPWARDS * upwards / settings.length;
    }
}
