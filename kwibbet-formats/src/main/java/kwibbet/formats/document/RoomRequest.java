package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.outcome.Outcome;
import kwibbet.room.Minutes;
import kwibbet.room.Room;
import kwibbet.room.Task;

/**
 * A request for what happens in a room, as {@code docs/formats.md} describes it.
 *
 * @param room who works there at what
 * @param stations at which station each step is done, by its id; those without one are left out
 * @param slot how long the room is there, in minutes; nothing where that is not asked
 * @param rooms how many rooms are simulated
 * @param seed the same seed gives the same rooms
 */
public record RoomRequest(Room room, Map<String, String> stations, OptionalDouble slot, int rooms, long seed) {

    private static final int LARGEST = 4_000_000;
    private static final int MOST_STEPS = 500;
    private static final int MOST_TOOLS = 100;
    private static final int MOST_ROOMS = 5_000;
    private static final int USUAL_ROOMS = 500;
    /** So many steps of people in rooms are simulated at a time. */
    private static final long MOST_SIMULATED = 20_000_000;

    private static final double MOST_MINUTES = 1_440;
    private static final double MOST_SPREAD = 10;
    private static final double USUAL_PACES = 0.25;
    private static final double USUAL_SPREAD = 0.3;

    /** Copies the stations. */
    public RoomRequest {
        stations = Map.copyOf(stations);
    }

    /** Reads a request, or says what is wrong with it and where. */
    public static Outcome<RoomRequest> read(String text) {
        return Reading.of(text, LARGEST, RoomRequest::request);
    }

    private static RoomRequest request(Reading document) {
        Map<String, Integer> tools = new HashMap<>();
        for (String tool : document.at("tools").node().propertyNames()) {
            tools.put(tool, (int) document.at("tools").at(tool).whole(1, Room.MOST_PEOPLE));
        }
        Misfit.require(tools.size() <= MOST_TOOLS, "/tools", "Up to " + MOST_TOOLS + " are read.");
        List<Task> tasks = new ArrayList<>();
        Map<String, String> stations = new HashMap<>();
        for (Reading step : document.at("steps").elements(MOST_STEPS)) {
            Task task = task(step);
            tasks.add(task);
            optional(step.at("station")).ifPresent(station -> stations.put(task.id(), station));
        }
        int people = (int) document.at("learners").whole(1, Room.MOST_PEOPLE);
        int rooms = document.at("rooms").isMissing()
                ? USUAL_ROOMS
                : (int) document.at("rooms").whole(1, MOST_ROOMS);
        Misfit.require(
                (long) people * rooms * tasks.size() <= MOST_SIMULATED,
                "/rooms",
                "Learners × steps × rooms are at most " + MOST_SIMULATED + ".");
        Reading slot = document.at("slot");
        return new RoomRequest(
                room(document, people, tools, tasks),
                stations,
                slot.isMissing() ? OptionalDouble.empty() : OptionalDouble.of(slot.number(0, MOST_MINUTES)),
                rooms,
                document.at("seed").isMissing() ? 1 : document.at("seed").whole(Long.MIN_VALUE, Long.MAX_VALUE));
    }

    private static Room room(Reading document, int people, Map<String, Integer> tools, List<Task> tasks) {
        double paces = number(document.at("differ"), USUAL_PACES, MOST_SPREAD);
        try {
            return new Room(people, paces, Minutes.NONE, tools, tasks);
        } catch (IllegalArgumentException refused) {
            throw new Misfit("/steps", Optional.ofNullable(refused.getMessage()).orElse("They cannot be done so."));
        }
    }

    private static Task task(Reading step) {
        List<String> after = step.at("after").isMissing()
                ? List.of()
                : step.at("after").elements(MOST_STEPS).stream()
                        .map(Reading::text)
                        .toList();
        boolean byItself = step.at("byItself").flag();
        Misfit.require(
                !byItself || step.at("tool").isMissing(),
                step.at("tool").pointer(),
                "What goes on by itself needs no tool.");
        double spread = number(step.at("spread"), byItself ? 0 : USUAL_SPREAD, MOST_SPREAD);
        return new Task(
                step.at("id").text(),
                optional(step.at("tool")),
                Minutes.of(step.at("minutes").number(0, MOST_MINUTES), spread),
                after,
                byItself);
    }

    private static double number(Reading at, double otherwise, double most) {
        return at.isMissing() ? otherwise : at.number(0, most);
    }

    private static Optional<String> optional(Reading at) {
        return at.isMissing() ? Optional.empty() : Optional.of(at.text());
    }
}
