package kwibbet.room;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/** One room from its beginning until everybody is done. */
final class Simulation {

    /** Nobody needs a tool for it. */
    static final int NO_TOOL = -1;
    /** A person's pace and coming are drawn as if they were tasks beyond all others. */
    private static final int PACE = -1;

    private static final int COMING = -2;

    /** Told of all that happens. */
    interface Watcher {
        /** Somebody was at a task. */
        void worked(int task, double from, double to);

        /** Somebody waited for the tool of a task. */
        void waited(int task, double from, double to);

        /** Somebody came to the tool of a task, and had to wait so long for it. */
        void came(int task, double wait);

        /** Somebody is done with everything; how long after they came. */
        void finished(double at, double afterComing);
    }

    private record Event(double at, int person) implements Comparable<Event> {
        @Override
        public int compareTo(Event other) {
            int byTime = Double.compare(at, other.at);
            return byTime != 0 ? byTime : Integer.compare(person, other.person);
        }
    }

    private final Room room;
    private final long seed;
    private final int number;
    private final Watcher watcher;
    private final int[] toolOf;
    private final int[][] after;
    private final int[] free;
    private final List<Deque<Integer>> queues = new ArrayList<>();
    private final PriorityQueue<Event> events = new PriorityQueue<>();
    private final double[] came;
    private final double[] pace;
    private final boolean[][] isDone;
    private final int[] next;
    private final int[] task;
    private final double[] since;

    Simulation(Room room, long seed, int number, Watcher watcher) {
        this.room = room;
        this.seed = seed;
        this.number = number;
        this.watcher = watcher;
        Map<String, Integer> places = room.toolPlaces();
        this.free = new int[places.size()];
        places.forEach((tool, place) -> {
            free[place] = room.tools().getOrDefault(tool, 0);
            queues.add(new ArrayDeque<>());
        });
        List<Task> tasks = room.tasks();
        List<String> ids = tasks.stream().map(Task::id).toList();
        this.toolOf = tasks.stream()
                .mapToInt(each -> each.tool().map(tool -> places.getOrDefault(tool, NO_TOOL)).orElse(NO_TOOL))
                .toArray();
        this.after = tasks.stream()
                .map(each -> each.after().stream().mapToInt(ids::indexOf).toArray())
                .toArray(int[][]::new);
        this.came = new double[room.people()];
        this.pace = new double[room.people()];
        this.isDone = new boolean[room.people()][tasks.size()];
        this.next = new int[room.people()];
        this.task = new int[room.people()];
        this.since = new double[room.people()];
    }

    void run() {
        double coming = 0;
        for (int person = 0; person < room.people(); person++) {
            coming += room.gap().drawn(Draw.of(seed, number, person, COMING));
            came[person] = coming;
            pace[person] = pace(room, seed, number, person);
            task[person] = NO_TOOL;
            events.add(new Event(coming, person));
        }
        while (!events.isEmpty()) {
            Event event = events.remove();
            end(event);
            goOn(event.person, event.at);
        }
    }

    /** How many times the usual minutes a person takes. */
    static double pace(Room room, long seed, int number, int person) {
        return Minutes.of(1, room.paces()).drawn(Draw.of(seed, number, person, PACE));
    }

    /** How long a task takes a person of the usual pace, the same whatever else is done in the room. */
    static double minutes(Task task, long seed, int number, int person) {
        return task.minutes().drawn(Draw.of(seed, number, person, task.id().hashCode()));
    }

    /** Ends what somebody was at, and hands its tool on. */
    private void end(Event event) {
        int ended = task[event.person];
        if (ended == NO_TOOL) {
            return;
        }
        watcher.worked(ended, since[event.person], event.at);
        isDone[event.person][ended] = true;
        task[event.person] = NO_TOOL;
        int tool = toolOf[ended];
        if (tool != NO_TOOL) {
            Integer waiting = queues.get(tool).poll();
            if (waiting == null) {
                free[tool]++;
            } else {
                watcher.waited(task[waiting], since[waiting], event.at);
                watcher.came(task[waiting], event.at - since[waiting]);
                start(waiting, task[waiting], event.at);
            }
        }
    }

    /** Takes up the first task whose turn it is and whose tool is there; where all tools are taken, waits for that of the first. */
    private void goOn(int person, double now) {
        boolean[] done = isDone[person];
        while (next[person] < done.length && done[next[person]]) {
            next[person]++;
        }
        if (next[person] == done.length) {
            watcher.finished(now, now - came[person]);
            return;
        }
        for (int each = next[person]; each < done.length; each++) {
            if (!done[each] && isReady(each, done) && isThere(toolOf[each])) {
                if (toolOf[each] != NO_TOOL) {
                    free[toolOf[each]]--;
                    watcher.came(each, 0);
                }
                start(person, each, now);
                return;
            }
        }
        // The first that is not done waits for none that is not done: tasks come after what they wait for.
        task[person] = next[person];
        since[person] = now;
        queues.get(toolOf[next[person]]).add(person);
    }

    private boolean isReady(int each, boolean[] done) {
        for (int before : after[each]) {
            if (!done[before]) {
                return false;
            }
        }
        return true;
    }

    private boolean isThere(int tool) {
        return tool == NO_TOOL || free[tool] > 0;
    }

    private void start(int person, int what, double now) {
        task[person] = what;
        since[person] = now;
        double minutes = minutes(room.tasks().get(what), seed, number, person) * pace[person];
        events.add(new Event(now + minutes, person));
    }
}
