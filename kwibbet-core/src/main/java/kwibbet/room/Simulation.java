package kwibbet.room;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
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
    /** Somebody's hands are at nothing. */
    private static final int NOTHING = -1;

    /** Told of all that happens. */
    interface Watcher {
        /** Somebody was at a task. */
        void worked(int task, double from, double to);

        /** Somebody waited for the tool of a task. */
        void waited(int task, double from, double to);

        /** Somebody came to the tool of a task, and had to wait so long for it. */
        void came(int task, double wait);

        /** A task of somebody is over, one that goes on by itself, too. */
        void ended(int task, double at);

        /** Somebody is done with everything; how long after they came. */
        void finished(double at, double afterComing);
    }

    private record Event(double at, int person, int task) implements Comparable<Event> {
        @Override
        public int compareTo(Event other) {
            int byTime = Double.compare(at, other.at);
            int byPerson = byTime != 0 ? byTime : Integer.compare(person, other.person);
            return byPerson != 0 ? byPerson : Integer.compare(task, other.task);
        }
    }

    private final Room room;
    private final List<Standing> standings;
    private final List<Task> tasks;
    private final long seed;
    private final int number;
    private final Watcher watcher;
    private final int[] toolOf;
    private final int[][] after;
    private final int[] free;
    private final List<Deque<Integer>> queues = new ArrayList<>();
    private final PriorityQueue<Event> events = new PriorityQueue<>();
    private final Person[] people;

    /** Somebody in the room. */
    private static final class Person {
        private double came;
        private double pace;
        private final boolean[] isBegun;
        private final boolean[] isDone;
        private int left;
        private int first;
        private int hands = NOTHING;
        private double since;
        private boolean isQueued;

        Person(int tasks) {
            isBegun = new boolean[tasks];
            isDone = new boolean[tasks];
            left = tasks;
        }
    }

    Simulation(Room room, List<Standing> standings, long seed, int number, Watcher watcher) {
        this.room = room;
        this.standings = standings;
        this.tasks = room.tasks();
        this.seed = seed;
        this.number = number;
        this.watcher = watcher;
        Map<String, Integer> places = room.toolPlaces();
        this.free = new int[places.size()];
        places.forEach((tool, place) -> {
            free[place] = room.tools().getOrDefault(tool, 0);
            queues.add(new ArrayDeque<>());
        });
        List<String> ids = tasks.stream().map(Task::id).toList();
        this.toolOf = tasks.stream()
                .mapToInt(each -> each.tool()
                        .map(tool -> places.getOrDefault(tool, NO_TOOL))
                        .orElse(NO_TOOL))
                .toArray();
        this.after = tasks.stream()
                .map(each -> each.after().stream().mapToInt(ids::indexOf).toArray())
                .toArray(int[][]::new);
        this.people = new Person[room.people()];
        Arrays.setAll(people, person -> new Person(tasks.size()));
    }

    /** How many times the usual minutes a person takes. */
    static double pace(Room room, long seed, int number, int person) {
        return Minutes.of(1, room.paces()).drawn(Draw.of(seed, number, person, PACE));
    }

    /** How long a task takes a person of the usual pace, the same whatever else is done in the room. */
    static double minutes(Task task, long seed, int number, int person) {
        return task.minutes().drawn(Draw.of(seed, number, person, task.id().hashCode()));
    }

    void run() {
        double coming = 0;
        for (int person = 0; person < people.length; person++) {
            coming += room.gap().drawn(Draw.of(seed, number, person, COMING));
            people[person].came = coming;
            people[person].pace = pace(room, seed, number, person);
            if (!standings.isEmpty()) {
                resume(person, standings.get(person));
            }
            events.add(new Event(coming, person, NOTHING));
        }
        while (!events.isEmpty()) {
            Event event = events.remove();
            if (event.task != NOTHING) {
                end(event);
            }
            Person person = people[event.person];
            if (person.hands == NOTHING && !person.isQueued) {
                goOn(event.person, event.at);
            }
        }
    }

    /** Somebody goes on where they are; what is under way has its tool in hand. */
    private void resume(int number, Standing standing) {
        Person person = people[number];
        for (int each = 0; each < person.isDone.length; each++) {
            String id = tasks.get(each).id();
            if (standing.done().contains(id)) {
                person.isBegun[each] = true;
                person.isDone[each] = true;
                person.left--;
            } else if (standing.underWay().containsKey(id) && hasTool(each)) {
                if (toolOf[each] != NO_TOOL) {
                    free[toolOf[each]]--;
                }
                start(number, each, person.came, standing.underWay().getOrDefault(id, 0.0));
            }
        }
    }

    private void end(Event event) {
        Person person = people[event.person];
        person.isDone[event.task] = true;
        person.left--;
        watcher.ended(event.task, event.at);
        if (tasks.get(event.task).byItself()) {
            return;
        }
        watcher.worked(event.task, person.since, event.at);
        person.hands = NOTHING;
        if (toolOf[event.task] != NO_TOOL) {
            handOn(toolOf[event.task], event.at);
        }
    }

    /** Gives a tool to who has waited longest for it. */
    private void handOn(int tool, double now) {
        Integer waiting = queues.get(tool).poll();
        if (waiting == null) {
            free[tool]++;
            return;
        }
        Person person = people[waiting];
        int task = person.hands;
        person.isQueued = false;
        watcher.waited(task, person.since, now);
        watcher.came(task, now - person.since);
        start(waiting, task, now);
    }

    /** Takes up the first task whose turn it is and whose tool is there; where all tools are taken, waits for that of the first. */
    private void goOn(int number, double now) {
        Person person = people[number];
        if (person.left == 0) {
            watcher.finished(now, now - person.came);
            return;
        }
        while (person.first < person.isBegun.length && person.isBegun[person.first]) {
            person.first++;
        }
        int wanted = NOTHING;
        for (int each = person.first; each < person.isBegun.length; each++) {
            if (person.isBegun[each] || !isReady(each, person)) {
                continue;
            }
            if (tasks.get(each).byItself()) {
                start(number, each, now);
            } else if (hasTool(each)) {
                take(each);
                start(number, each, now);
                return;
            } else if (wanted == NOTHING) {
                wanted = each;
            }
        }
        if (wanted != NOTHING) {
            person.hands = wanted;
            person.isQueued = true;
            person.since = now;
            queues.get(toolOf[wanted]).add(number);
        }
    }

    private boolean hasTool(int task) {
        return toolOf[task] == NO_TOOL || free[toolOf[task]] > 0;
    }

    private void take(int task) {
        if (toolOf[task] != NO_TOOL) {
            free[toolOf[task]]--;
            watcher.came(task, 0);
        }
    }

    private boolean isReady(int task, Person person) {
        for (int before : after[task]) {
            if (!person.isDone[before]) {
                return false;
            }
        }
        return true;
    }

    private void start(int number, int task, double now) {
        start(number, task, now, 0);
    }

    /** Takes up a task that has gone on for some minutes already. */
    private void start(int number, int task, double now, double before) {
        Person person = people[number];
        person.isBegun[task] = true;
        double minutes = minutes(tasks.get(task), seed, this.number, number);
        if (tasks.get(task).byItself()) {
            events.add(new Event(now + Math.max(0, minutes - before), number, task));
        } else {
            person.hands = task;
            person.since = now;
            events.add(new Event(now + Math.max(0, minutes * person.pace - before), number, task));
        }
    }
}
