package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;

import kwibbet.cutting.UsableSheet.Item;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/**
 * Ways to cut a sheet that leave nothing over, and sheets cut so that together give just what is wanted.
 *
 * <p>Parts with a side in common are put together to larger rectangles, and those again: the builds of P. Y. Wang, Two Algorithms for Constrained Two-Dimensional Cutting Stock
 * Problems, Operations Research 31 (1983), with no waste allowed. Of a few parts all builds are kept. A sheet is a build, or a build along a whole side of it and what is left; so
 * sheets are taken apart from the outside in. A table of rooms remembers one way a room, and where each part is wanted once or twice that is mostly not the one that is needed.
 */
final class Wasteless {

    /** Parts of a build that is kept. */
    private static final int LARGEST_BUILD = 5;

    private static final int MOST_BUILDS = 60_000;
    /** Builds that are taken off a sheet, one after the other, before what is left must be one. */
    private static final int DEEPEST = 3;
    /** A pattern is of use as long as one of its parts is in fewer than so many. */
    private static final int ENOUGH_OF_A_PART = 300;

    private static final int MOST_ROUNDS = 40;
    private static final int COVERS_A_ROUND = 3;
    /** Rooms of sheets taken apart for each round. */
    private static final int ROOMS_A_ROUND = 400_000;

    private static final int FEW_OF_A_PART = 40;
    private static final int ROOMS_A_PART = 30_000;

    /** Nanoseconds, measured as those of {@link PatternTable}. */
    private static final int A_PAIR = 100;

    private static final int A_ROOM = 2_000;

    private final CuttingTask task;
    private final int place;
    private final UsableSheet sheet;
    private final int[] wanted;
    private final Budget budget;
    private final List<Build> builds = new ArrayList<>();
    private final Map<Long, List<Build>> byWidth = new HashMap<>();
    private final Map<Long, List<Build>> byHeight = new HashMap<>();
    private final Map<Room, List<Build>> bySize = new HashMap<>();

    private record Room(long width, long height) {}

    /** A rectangle without waste; the parts in it by their places, in order, each as often as it is in it. */
    private static final class Build {
        private final Room room;
        private final int[] parts;
        private final Made made;

        Build(Room room, int[] parts, Made made) {
            this.room = room;
            this.parts = parts;
            this.made = made;
        }

        /** Whether the same parts make a rectangle of the same size. */
        @Override
        public boolean equals(Object other) {
            return other instanceof Build build && room.equals(build.room) && Arrays.equals(parts, build.parts);
        }

        @Override
        public int hashCode() {
            return 31 * room.hashCode() + Arrays.hashCode(parts);
        }
    }

    private sealed interface Made {}

    private record Of(Item item) implements Made {}

    private record Joined(Axis axis, Build first, Build second) implements Made {}

    private Wasteless(CuttingTask task, int place, Budget budget) {
        this.task = task;
        this.place = place;
        this.sheet = task.sheets().get(place);
        this.wanted = task.demand();
        this.budget = budget;
    }

    /**
     * Sheets of one stock cut so that give just what is wanted; nothing where there are none, or none were found in time.
     *
     * @param task the task
     * @param place the place of the stock among those of the task
     * @param budget what the work is counted on
     */
    static Optional<Draft> on(CuttingTask task, int place, Budget budget) {
        Wasteless search = new Wasteless(task, place, budget);
        search.build();
        return search.run();
    }

    private void build() {
        Set<Build> known = new HashSet<>();
        for (Item item : sheet.items()) {
            keep(new Build(new Room(item.width(), item.height()), new int[] {item.part()}, new Of(item)), known);
        }
        for (int size = 2; size <= LARGEST_BUILD; size++) {
            List<Build> before = List.copyOf(builds);
            for (Build one : before) {
                List<Build> above = List.copyOf(byWidth.getOrDefault(one.room.width, List.of()));
                List<Build> beside = List.copyOf(byHeight.getOrDefault(one.room.height, List.of()));
                budget.spend((long) A_PAIR * (above.size() + beside.size()));
                if (known.size() > MOST_BUILDS || budget.isSpent()) {
                    return;
                }
                for (Build other : above) {
                    join(Axis.HORIZONTAL, one, other, size).ifPresent(build -> keep(build, known));
                }
                for (Build other : beside) {
                    join(Axis.VERTICAL, one, other, size).ifPresent(build -> keep(build, known));
                }
            }
        }
    }

    private void keep(Build build, Set<Build> known) {
        if (known.add(build)) {
            builds.add(build);
            byWidth.computeIfAbsent(build.room.width, width -> new ArrayList<>())
                    .add(build);
            byHeight.computeIfAbsent(build.room.height, height -> new ArrayList<>())
                    .add(build);
            bySize.computeIfAbsent(build.room, room -> new ArrayList<>()).add(build);
        }
    }

    private Optional<Build> join(Axis axis, Build one, Build other, int size) {
        if (one.parts.length + other.parts.length != size || one.parts.length > other.parts.length) {
            return Optional.empty();
        }
        Room room = joined(axis, one, other);
        if (room.width > sheet.width() || room.height > sheet.height() || !reaches(axis, room)) {
            return Optional.empty();
        }
        return together(one.parts, other.parts).map(parts -> new Build(room, parts, new Joined(axis, one, other)));
    }

    private static Room joined(Axis axis, Build one, Build other) {
        return axis == Axis.VERTICAL
                ? new Room(one.room.width + other.room.width, one.room.height)
                : new Room(one.room.width, one.room.height + other.room.height);
    }

    private boolean reaches(Axis axis, Room room) {
        return (axis == Axis.VERTICAL ? room.height : room.width) <= sheet.longestCut();
    }

    /** All parts of both, if there are not too many of one. */
    private Optional<int[]> together(int[] one, int[] other) {
        int[] both = new int[one.length + other.length];
        int i = 0;
        int j = 0;
        int times = 0;
        for (int at = 0; at < both.length; at++) {
            boolean first = j == other.length || (i < one.length && one[i] <= other[j]);
            both[at] = first ? one[i++] : other[j++];
            times = at > 0 && both[at] == both[at - 1] ? times + 1 : 1;
            if (times > wanted[both[at]]) {
                return Optional.empty();
            }
        }
        return Optional.of(both);
    }

    /** Other builds come first each time, so other patterns are found. */
    private Optional<Draft> run() {
        Optional<Draft> exact = Optional.empty();
        for (int round = 0; round < MOST_ROUNDS && exact.isEmpty() && !budget.isSpent(); round++) {
            Random random = new Random(round);
            byWidth.values().forEach(all -> Collections.shuffle(all, random));
            byHeight.values().forEach(all -> Collections.shuffle(all, random));
            List<Pattern> found = new Sheets().found();
            for (int attempt = 0; attempt < COVERS_A_ROUND && exact.isEmpty() && !budget.isSpent(); attempt++) {
                exact = new ExactCover(task, found, budget).run();
                Collections.shuffle(found, random);
            }
        }
        return exact;
    }

    /** Sheets found in one round. */
    private final class Sheets {
        private final List<Pattern> patterns = new ArrayList<>();
        private final Set<List<Integer>> known = new HashSet<>();
        private final int[] in = new int[wanted.length];
        private final Room whole = new Room(sheet.width(), sheet.height());
        private int rooms;
        private int mostRooms;

        List<Pattern> found() {
            mostRooms = ROOMS_A_ROUND;
            for (int depth = 0; depth <= DEEPEST && rooms < mostRooms; depth++) {
                takeApart(whole, new int[0], List.of(), depth);
            }
            // A part that is in hardly any of them is looked for by itself.
            for (int part = 0; part < wanted.length; part++) {
                if (in[part] < FEW_OF_A_PART) {
                    rooms = 0;
                    mostRooms = ROOMS_A_PART;
                    for (Build build : builds) {
                        if (Arrays.binarySearch(build.parts, part) >= 0) {
                            grow(build, DEEPEST);
                        }
                    }
                }
            }
            return patterns;
        }

        /** Counts a room that is looked at, and says whether so many were looked at before. */
        private boolean isEnough() {
            rooms++;
            budget.spend(A_ROOM);
            return rooms > mostRooms || budget.isSpent();
        }

        private record Taken(Axis axis, Build build) {}

        /** From the outside in: a build along a whole side, and what is left. */
        private void takeApart(Room room, int[] parts, List<Taken> taken, int depth) {
            if (isEnough()) {
                return;
            }
            if (depth == 0) {
                for (Build last : bySize.getOrDefault(room, List.of())) {
                    together(parts, last.parts).ifPresent(all -> add(all, () -> around(last, taken)));
                }
                return;
            }
            for (Axis axis : Axis.values()) {
                for (Build build : reaches(axis, room) ? along(axis, room) : List.<Build>of()) {
                    beyond(axis, room, build)
                            .ifPresent(rest -> together(parts, build.parts).ifPresent(all -> {
                                List<Taken> more = new ArrayList<>(taken);
                                more.add(new Taken(axis, build));
                                takeApart(rest, all, more, depth - 1);
                            }));
                }
            }
        }

        /** From the inside out: what is missing along a side, at once or step by step. */
        private void grow(Build build, int depth) {
            if (isEnough()) {
                return;
            }
            if (build.room.equals(whole)) {
                add(build.parts, () -> section(build));
                return;
            }
            for (Axis axis : Axis.values()) {
                Room side = axis == Axis.VERTICAL
                        ? new Room(whole.width - build.room.width, build.room.height)
                        : new Room(build.room.width, whole.height - build.room.height);
                if (side.width > 0 && side.height > 0 && reaches(axis, build.room)) {
                    bySize.getOrDefault(side, List.of()).forEach(other -> grown(axis, build, other, depth));
                    if (depth > 0) {
                        along(axis, build.room).stream()
                                .filter(other -> beyond(axis, side, other).isPresent())
                                .forEach(other -> grown(axis, build, other, depth - 1));
                    }
                }
            }
        }

        private void grown(Axis axis, Build build, Build other, int depth) {
            together(build.parts, other.parts)
                    .ifPresent(parts ->
                            grow(new Build(joined(axis, build, other), parts, new Joined(axis, build, other)), depth));
        }

        private List<Build> along(Axis axis, Room room) {
            return axis == Axis.VERTICAL
                    ? byHeight.getOrDefault(room.height, List.of())
                    : byWidth.getOrDefault(room.width, List.of());
        }

        /** What is left of a room when a build is taken off. */
        private Optional<Room> beyond(Axis axis, Room room, Build build) {
            Room rest = axis == Axis.VERTICAL
                    ? new Room(room.width - build.room.width, room.height)
                    : new Room(room.width, room.height - build.room.height);
            return rest.width > 0 && rest.height > 0 ? Optional.of(rest) : Optional.empty();
        }

        private void add(int[] parts, Supplier<Section> section) {
            boolean isOfUse = Arrays.stream(parts).anyMatch(part -> in[part] < ENOUGH_OF_A_PART);
            if (!isOfUse || !known.add(Arrays.stream(parts).boxed().toList())) {
                return;
            }
            int[] counts = new int[wanted.length];
            for (int part : parts) {
                counts[part]++;
                in[part]++;
            }
            patterns.add(new Pattern(place, counts, section.get()));
        }

        private Section around(Build last, List<Taken> taken) {
            Section section = section(last);
            for (int i = taken.size() - 1; i >= 0; i--) {
                Taken each = taken.get(i);
                section = Section.split(each.axis, at(each.axis, each.build), section(each.build), section);
            }
            return section;
        }
    }

    private Length at(Axis axis, Build first) {
        return Length.ofTicks((axis == Axis.VERTICAL ? first.room.width : first.room.height) - sheet.kerf());
    }

    private Section section(Build build) {
        if (build.made instanceof Joined joined) {
            return Section.split(
                    joined.axis, at(joined.axis, joined.first), section(joined.first), section(joined.second));
        }
        Item item = ((Of) build.made).item;
        return new Section.Filled(task.ids().get(item.part()), item.turned());
    }
}
