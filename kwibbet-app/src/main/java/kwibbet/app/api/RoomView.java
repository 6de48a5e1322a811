package kwibbet.app.api;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

import com.fasterxml.jackson.annotation.JsonInclude;

import kwibbet.formats.document.RoomRequest;
import kwibbet.room.Rooms;

/**
 * What happens in a room; times are minutes.
 *
 * @param rooms how many were simulated
 * @param half by when half of all learners are done
 * @param nineInTen by when nine in ten are
 * @param lucky in one room of ten nine in ten of its learners are done by then
 * @param unlucky in nine rooms of ten they are
 * @param inTime which share of learners is done within the slot; left out where none is asked
 * @param waits how long a learner waits for each tool, the longest first
 * @param stations how many learners are at each station, one value a minute
 */
@JsonInclude(JsonInclude.Include.NON_ABSENT)
record RoomView(
        int rooms,
        double half,
        double nineInTen,
        double lucky,
        double unlucky,
        OptionalDouble inTime,
        List<WaitView> waits,
        List<StationView> stations) {

    /**
     * How long learners wait for a tool.
     *
     * @param tool the tool
     * @param mean in all, on average
     * @param longest nine in ten waits are no longer
     * @param busy which share of the time it is in hand
     */
    record WaitView(String tool, double mean, double longest, double busy) {}

    /**
     * A station over time.
     *
     * @param station what it is called
     * @param at how many learners are at it, on average
     */
    record StationView(String station, List<Double> at) {}

    static RoomView of(RoomRequest request) {
        Rooms rooms = Rooms.of(request.room(), request.rooms(), request.seed());
        return new RoomView(
                rooms.count(),
                rooms.half(),
                rooms.nineInTen(),
                rooms.inALuckyRoom(),
                rooms.inAnUnluckyRoom(),
                request.slot().isPresent()
                        ? OptionalDouble.of(rooms.doneWithin(request.slot().getAsDouble()))
                        : OptionalDouble.empty(),
                rooms.waits().stream()
                        .map(wait -> new WaitView(wait.tool(), wait.mean(), wait.longest(), wait.busy()))
                        .toList(),
                stations(rooms, request.stations()));
    }

    private static List<StationView> stations(Rooms rooms, Map<String, String> stations) {
        Map<String, List<Double>> at = new LinkedHashMap<>();
        for (Rooms.Band band : rooms.bands()) {
            if (stations.containsKey(band.task())) {
                at.merge(stations.getOrDefault(band.task(), ""), band.at(), RoomView::added);
            }
        }
        return at.entrySet().stream()
                .map(each -> new StationView(each.getKey(), each.getValue()))
                .toList();
    }

    private static List<Double> added(List<Double> one, List<Double> other) {
        List<Double> sums = new ArrayList<>();
        for (int minute = 0; minute < one.size(); minute++) {
            sums.add(one.get(minute) + other.get(minute));
        }
        return sums;
    }
}
