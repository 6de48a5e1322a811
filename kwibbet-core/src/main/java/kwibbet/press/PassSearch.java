package kwibbet.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

import kwibbet.measure.Graduation;
import kwibbet.press.PressPlan.ByHand;
import kwibbet.press.PressPlan.Load;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.HandTools;

/**
 * Finds few passes in which all papers go through.
 *
 * <p>Every set of papers that lie on the bed together, none of their dies used more often than there are of it, is a load; loads are chosen by
 * branch and bound for the paper of which most is left. The bound is the heaviest set of papers of which no two can share a pass, or what dies and bed allow.
 */
final class PassSearch {

    private static final int MOST_LOADS = 200;
    /** More papers than this at once nobody lays down. */
    private static final int MOST_PAPERS = 8;

    private static final int MOST_STEPS = 4_000;
    private static final int STUCK = 1;
    private static final int CUT_OUT = 2;
    private static final int ENDS_OFF = 3;

    private final Size bed;
    private final List<Layup> layups;
    private final List<int[]> loads = new ArrayList<>();
    private final boolean[][] together;
    private List<Use> best = List.of();
    private int fewest = Integer.MAX_VALUE;
    private int steps;
    private int heaviest;

    /** So many passes of a load. */
    private record Use(int load, int passes) {}

    private PassSearch(List<Layup> layups, Size bed) {
        this.layups = layups;
        this.bed = bed;
        this.together = new boolean[layups.size()][layups.size()];
        for (int place = 0; place < layups.size(); place++) {
            int[] single = new int[layups.size()];
            single[place] = 1;
            loads.add(single);
        }
        for (int one = 0; one < layups.size(); one++) {
            for (int other = 0; other < one; other++) {
                int[] pair = new int[layups.size()];
                pair[one] = 1;
                pair[other] = 1;
                together[one][other] = canLie(pair);
                together[other][one] = together[one][other];
            }
        }
    }

    static PressPlan plan(List<Layup> layups, Size bed, List<ByHand> byHand, Graduation marks, HandTools handTools) {
        List<Layup> alone = layups.stream()
                .filter(layup -> layup.isAlone() || layup.sticksOut(bed))
                .toList();
        List<Layup> sharing =
                layups.stream().filter(layup -> !alone.contains(layup)).toList();
        // Margins are measured on the whole paper: a piece is cut out when all else has been cut into it, and loses its
        // ends last.
        List<Load> all = new ArrayList<>();
        List<Integer> stages = layups.stream()
                .map(layup -> stage(layup, layups))
                .distinct()
                .sorted()
                .toList();
        for (int stage : stages) {
            Predicate<Layup> isDue = layup -> stage(layup, layups) == stage;
            all.addAll(loads(sharing.stream().filter(isDue).toList(), bed));
            alone.stream()
                    .filter(isDue)
                    .forEach(layup -> all.add(new Load(List.of(byItself(layup, bed)), layup.count())));
        }
        int atLeast = new PassSearch(sharing, bed).atLeast()
                + alone.stream().mapToInt(Layup::count).sum();
        return new PressPlan(all, byHand, atLeast, marks, handTools);
    }

    private static List<Load> loads(List<Layup> layups, Size bed) {
        PassSearch search = new PassSearch(layups, bed);
        search.collect(new int[layups.size()], 0);
        search.loads.sort(Comparator.comparing((int[] load) -> papers(load), Comparator.reverseOrder()));
        search.choose(layups.stream().mapToInt(Layup::count).toArray(), new ArrayList<>(), 0);
        return search.best.stream()
                .map(use -> new Load(search.onBed(search.loads.get(use.load)), use.passes))
                .toList();
    }

    /**
     * What is stuck together waits for what is cut into its pieces by themselves, and a piece is cut out last of all; its ends come off one after the other, those first
     * with which its paper is still longest.
     */
    private static int stage(Layup layup, List<Layup> layups) {
        int own = !layup.endsOff().isEmpty()
                ? ENDS_OFF + endsBefore(layup, layups)
                : layup.cutsOut() ? CUT_OUT : !layup.lying().on().isEmpty() ? STUCK : 0;
        boolean waits = layups.stream()
                .anyMatch(other -> !other.equals(layup)
                        && other.wants().anyMatch(want -> layup.wants()
                                .anyMatch(mine -> mine.piece().equals(want.piece()))));
        return waits ? own : 0;
    }

    private static int endsBefore(Layup layup, List<Layup> layups) {
        return (int) layups.stream()
                .filter(other -> other.piece().equals(layup.piece())
                        && !other.endsOff().isEmpty()
                        && !other.paper().equals(layup.paper())
                        && other.paper().contains(layup.paper()))
                .count();
    }

    private static OnBed byItself(Layup layup, Size bed) {
        boolean turned = layup.isTurned(bed);
        Size size = layup.extent().size();
        return new OnBed(layup, new Rect(Point.ORIGIN, turned ? size.turned() : size), turned);
    }

    private static int papers(int[] load) {
        return IntStream.of(load).sum();
    }

    /** All loads of several papers, those from the {@code next}th on added to those chosen before. */
    private void collect(int[] chosen, int next) {
        if (loads.size() >= MOST_LOADS) {
            return;
        }
        if (next == layups.size()) {
            if (papers(chosen) > 1) {
                loads.add(chosen.clone());
            }
            return;
        }
        chosen[next]++;
        if (papers(chosen) <= MOST_PAPERS && chosen[next] <= layups.get(next).count() && canLie(chosen)) {
            collect(chosen, next);
        }
        chosen[next]--;
        collect(chosen, next + 1);
    }

    private boolean canLie(int[] load) {
        Map<DieId, Integer> used = new HashMap<>();
        List<Size> sizes = new ArrayList<>();
        for (int place = 0; place < load.length; place++) {
            for (int copy = 0; copy < load[place]; copy++) {
                sizes.add(layups.get(place).extent().size());
                for (DieUse use : layups.get(place).uses()) {
                    Die die = use.die();
                    if (used.merge(die.id(), 1, Integer::sum) > die.onHand()) {
                        return false;
                    }
                }
            }
        }
        return Bed.arrange(bed, sizes).isPresent();
    }

    private void choose(int[] left, List<Use> chosen, int passes) {
        int most = 0;
        for (int place = 1; place < left.length; place++) {
            most = left[place] > left[most] ? place : most;
        }
        // The first way down always gets to its end.
        if (++steps > MOST_STEPS && fewest < Integer.MAX_VALUE) {
            return;
        }
        if (left.length == 0 || left[most] == 0) {
            if (passes < fewest) {
                fewest = passes;
                best = List.copyOf(chosen);
            }
            return;
        }
        for (int load = 0; load < loads.size(); load++) {
            int[] copies = loads.get(load);
            if (copies[most] == 0 || isWasteful(copies, left)) {
                continue;
            }
            int times = times(copies, left);
            if (passes + times >= fewest) {
                continue;
            }
            int[] then = left.clone();
            for (int place = 0; place < then.length; place++) {
                then[place] = Math.max(0, then[place] - copies[place] * times);
            }
            chosen.add(new Use(load, times));
            choose(then, chosen, passes + times);
            chosen.remove(chosen.size() - 1);
        }
    }

    /** A load with a paper of which none is left: one without it does as well. */
    private static boolean isWasteful(int[] copies, int[] left) {
        for (int place = 0; place < copies.length; place++) {
            if (copies[place] > left[place]) {
                return true;
            }
        }
        return false;
    }

    /** As often as no paper of it runs out. */
    private static int times(int[] copies, int[] left) {
        int times = Integer.MAX_VALUE;
        for (int place = 0; place < copies.length; place++) {
            if (copies[place] > 0) {
                times = Math.min(times, left[place] / copies[place]);
            }
        }
        return times;
    }

    private List<OnBed> onBed(int[] load) {
        List<Layup> laid = new ArrayList<>();
        for (int place = 0; place < load.length; place++) {
            for (int copy = 0; copy < load[place]; copy++) {
                laid.add(layups.get(place));
            }
        }
        List<Size> sizes = laid.stream().map(layup -> layup.extent().size()).toList();
        Optional<List<Rect>> places = Bed.arrange(bed, sizes);
        List<OnBed> onBed = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            Rect place = places.orElseThrow(
                            () -> new IllegalStateException("papers share a load only where they fit on the bed"))
                    .get(i);
            onBed.add(new OnBed(laid.get(i), place, !place.size().equals(sizes.get(i))));
        }
        return onBed;
    }

    /** The most that one of three bounds says: by papers that cannot share a pass, by dies, and by the room they take. */
    private int atLeast() {
        return Math.max(apart(), Math.max(byDies(), byRoom()));
    }

    /** A pass uses each die no more often than there are of it. */
    private int byDies() {
        Map<Die, Integer> used = new HashMap<>();
        layups.forEach(layup -> layup.uses().forEach(use -> used.merge(use.die(), layup.count(), Integer::sum)));
        return used.entrySet().stream()
                .mapToInt(each -> ceiling(each.getValue(), each.getKey().onHand()))
                .max()
                .orElse(0);
    }

    private int byRoom() {
        double area = layups.stream()
                .mapToDouble(layup -> layup.count() * layup.extent().size().area())
                .sum();
        return (int) Math.ceil(area / bed.area() - 1e-9);
    }

    /** Papers of which no two can share a pass need as many passes as there are of them; whether two can is decided exactly. */
    private int apart() {
        steps = 0;
        heaviest = 0;
        int all = 0;
        for (int place = 0; place < layups.size(); place++) {
            all += passesAtLeast(place);
        }
        look(new ArrayList<>(), 0, 0, all);
        return heaviest;
    }

    /** Adds papers from the {@code next}th on, worth {@code rest} together; what is found when it gives up holds all the same. */
    private void look(List<Integer> apart, int next, int weight, int rest) {
        heaviest = Math.max(heaviest, weight);
        if (next == layups.size() || weight + rest <= heaviest || ++steps > MOST_STEPS) {
            return;
        }
        int own = passesAtLeast(next);
        if (apart.stream().noneMatch(other -> together[other][next])) {
            apart.add(next);
            look(apart, next + 1, weight + own, rest - own);
            apart.remove(apart.size() - 1);
        }
        look(apart, next + 1, weight, rest - own);
    }

    /** As many of one paper share a pass as there are dies for and the bed has room for. */
    private int passesAtLeast(int place) {
        Layup layup = layups.get(place);
        int dies =
                layup.uses().stream().mapToInt(use -> use.die().onHand()).min().orElse(1);
        int room = (int) (bed.area() / layup.extent().size().area());
        int copies = Math.max(1, Math.min(Math.min(dies, room), MOST_PAPERS));
        return ceiling(layup.count(), copies);
    }

    private static int ceiling(int count, int each) {
        return (count + each - 1) / each;
    }
}
