package kwibbet.room;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Who works in a room, at what, with how many tools.
 *
 * @param people how many, at least 1
 * @param paces how much they differ: the standard deviation of their pace, in shares of it
 * @param gap how long after each other they come; nothing where all begin at once
 * @param tools how many there are of each shared tool, at least 1
 * @param tasks what each of them does, in the order they are asked to
 */
public record Room(int people, double paces, Minutes gap, Map<String, Integer> tools, List<Task> tasks) {

    /** A room has at most so many people. */
    public static final int MOST_PEOPLE = 5_000;

    /**
     * Copies the lists.
     *
     * @throws IllegalArgumentException when nobody is there, a tool is missing, two tasks have one id, or a task waits for one that is not before it in the
     *     list
     */
    public Room {
        tools = Map.copyOf(tools);
        tasks = List.copyOf(tasks);
        if (people < 1 || people > MOST_PEOPLE) {
            throw new IllegalArgumentException("a room has 1 to " + MOST_PEOPLE + " people, not " + people);
        }
        if (!(paces >= 0) || Double.isInfinite(paces)) {
            throw new IllegalArgumentException("people differ by 0 or more, not by " + paces);
        }
        Set<String> known = new HashSet<>();
        for (Task task : tasks) {
            for (String before : task.after()) {
                if (!known.contains(before)) {
                    throw new IllegalArgumentException(
                            "“" + task.id() + "” waits for “" + before + "”, which is no step before it");
                }
            }
            if (!known.add(task.id())) {
                throw new IllegalArgumentException("two steps are called “" + task.id() + "”");
            }
            Map<String, Integer> there = tools;
            task.tool().filter(tool -> there.getOrDefault(tool, 0) < 1).ifPresent(tool -> {
                throw new IllegalArgumentException(
                        "“" + task.id() + "” needs “" + tool + "”, and there is none in the room");
            });
        }
    }

    /** The same with one more of a tool. */
    public Room withOneMore(String tool) {
        Map<String, Integer> more = new HashMap<>(tools);
        more.merge(tool, 1, Integer::sum);
        return new Room(people, paces, gap, more, tasks);
    }

    /** The same with hands that take so many times as long. */
    public Room slower(double times) {
        List<Task> slow = tasks.stream()
                .map(task -> task.byItself()
                        ? task
                        : Task.ofHands(task.id(), task.tool(), task.minutes().times(times), task.after()))
                .toList();
        return new Room(people, paces, gap, tools, slow);
    }

    /** The same with some tasks done before; what waited for them waits no longer, and what goes on by itself after them is over. */
    public Room without(Set<String> prepared) {
        Set<String> done = new HashSet<>(prepared);
        List<Task> left = new ArrayList<>();
        for (Task task : tasks) {
            boolean isOver = task.byItself() && !task.after().isEmpty() && done.containsAll(task.after());
            if (isOver) {
                done.add(task.id());
            } else if (!done.contains(task.id())) {
                List<String> after = task.after().stream()
                        .filter(each -> !done.contains(each))
                        .toList();
                left.add(task.after(after));
            }
        }
        return new Room(people, paces, gap, tools, left);
    }

    /** A task with all that has to be done before it, in order. */
    public Set<String> withWhatComesBefore(String id) {
        Set<String> all = new HashSet<>(Set.of(id));
        Set<String> ordered = new HashSet<>();
        for (int at = tasks.size() - 1; at >= 0; at--) {
            Task task = tasks.get(at);
            if (all.contains(task.id())) {
                all.addAll(task.after());
                ordered.add(task.id());
            }
        }
        return Set.copyOf(ordered);
    }

    /** The places of tools in a fixed order, by name. */
    Map<String, Integer> toolPlaces() {
        Map<String, Integer> places = new LinkedHashMap<>();
        tools.keySet().stream().sorted().forEach(tool -> places.put(tool, places.size()));
        return places;
    }
}
