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
        int settings = found.settings().size();
        if (settings < 2) {
            return found;
        }
        long affordable = Math.max(LEAST_TRIES, WORK / ((long) settings * bars));
        int tries = (int) Math.min(affordable, TRIES_A_SETTING * settings);
        return new OrderPolish(begin, found).run(found, tries);
    }

    private CutOrder run(CutOrder found, int tries) {
        Costed current = Costed.of(found);
        Costed best = current;
        for (int round = 0; round < tries; round++) {
            double warmth = WARM * Math.pow(COLD / WARM, (double) round / tries);
            Costed other = Costed.of(inOrder(changed(current.order.settings())));
            double worse = other.cost - current.cost;
            if (worse <= 0 || random.nextDouble() < Math.exp(-worse / warmth)) {
                current = other;
                best = other.cost < best.cost ? other : best;
            }
        }
        return largeFirst(best);
    }

    /** An order with what it costs, which takes as long to count as to cut by it. */
    private record Costed(CutOrder order, double cost) {
        static Costed of(CutOrder order) {
            return new Costed(order, OrderPolish.cost(order));
        }
    }

    /** Changes places of a setting and a larger one behind it as long as that asks for no more settings. */
    private CutOrder largeFirst(Costed found) {
        Costed best = found;
        boolean changed = true;
        for (int pass = 0; pass < MOST_PASSES && changed; pass++) {
            changed = false;
            for (int i = 1; i < best.order.settings().size(); i++) {
                if (best.order.settings().get(i) > best.order.settings().get(i - 1)) {
                    List<Long> settings = new ArrayList<>(best.order.settings());
                    Collections.swap(settings, i - 1, i);
                    Costed other = Costed.of(inOrder(settings));
                    if (other.cost < best.cost) {
                        best = other;
                        changed = true;
                    }
                }
            }
        }
        return best.order;
    }

    private List<Long> changed(List<Long> settings) {
        List<Long> other = new ArrayList<>(settings);
        int what = random.nextInt(10);
        long taken = other.remove(random.nextInt(other.size()));
        if (what >= 4) {
            long put = what < 9 ? taken : known.get(random.nextInt(known.size()));
            other.add(random.nextInt(other.size() + 1), put);
        }
        return other;
    }

    private CutOrder inOrder(List<Long> settings) {
        CutOrder order = begin.copy();
        settings.forEach(order::cut);
        while (!order.isFinished()) {
            order.cut(order.choices(1).get(0));
        }
        return order;
    }

    private static double cost(CutOrder order) {
        long[] settings = order.settings().stream().mapToLong(Long::longValue).toArray();
        int upwards = 0;
        for (int i = 1; i < settings.length; i++) {
            for (int j = 0; j < i; j++) {
                upwards += settings[i] > settings[j] ? 1 : 0;
            }
        }
        return settings.length + UPWARDS * upwards / settings.length;
    }
}
