package kwibbet.app.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.kit.Extra;
import kwibbet.kit.Kit;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Slot;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.kit.Who;
import kwibbet.making.Station;

/** The classes and the kit of the demo: one class fits its time, the other does not until something is prepared. */
final class DemoKits {

    private static final int AFTERNOON = 14;
    private static final int EVENING = 18;
    private static final int PREPARING = 60;
    private static final int HOUR = 2_400;
    private static final int THIRD = 33;

    private DemoKits() {}

    /**
     * Two classes on Saturdays to come, and a kit.
     *
     * @param today the day on which the demo begins
     * @param cards the ids of its cards by their names
     */
    static List<Kit> all(LocalDate today, Map<String, String> cards) {
        LocalDate saturday = today.plusWeeks(1).with(TemporalAdjusters.next(DayOfWeek.SATURDAY));
        Meeting first = new Meeting(
                new Slot(saturday, LocalTime.of(AFTERNOON, 0), 60, 10),
                Venue.of("Lamplight Yard", Map.of(SharedTool.BOARD, 2, SharedTool.PRESS, 1)),
                LearnerPace.USUAL,
                PREPARING);
        Meeting evening = new Meeting(
                new Slot(saturday.plusWeeks(1), LocalTime.of(EVENING, 30), 75, 10),
                new Venue(
                        "Lamplight Yard",
                        Map.of(SharedTool.BOARD, 2, SharedTool.PRESS, 1, SharedTool.KNIFE, 4, SharedTool.PUNCH, 2),
                        List.of(new Table("Window table", 5), new Table("Stove table", 5), new Table("Door table", 4))),
                LearnerPace.USUAL,
                PREPARING);
        return List.of(
                kit("Commuter box", 24, 1, Sharing.NONE, Optional.empty(), cards, "Season ticket", "Street lamp"),
                kit("Headlights", 14, 1, Sharing.NONE, Optional.of(evening), cards, "Headlight"),
                kit(
                        "First Saturday",
                        10,
                        1,
                        Sharing.NONE.with(Station.PRESS, Who.MAKER),
                        Optional.of(first),
                        cards,
                        "Lantern evening",
                        "Hill climb"));
    }

    private static Kit kit(
            String name,
            int bags,
            int spares,
            Sharing sharing,
            Optional<Meeting> meeting,
            Map<String, String> cards,
            String... names) {
        List<Kit.Line> lines = List.of(names).stream()
                .map(each -> new Kit.Line(
                        Optional.ofNullable(cards.get(each))
                                .orElseThrow(() -> new IllegalStateException("the demo has no card " + each)),
                        1))
                .toList();
        List<Extra> extras = meeting.isPresent()
                ? List.of()
                : List.of(
                        new Extra("envelope, kraft", names.length, new Extra.Pack(25, 450)),
                        new Extra("clear bag", 1, new Extra.Pack(50, 620)));
        Pricing price = new Pricing(Pricing.Counted.SHEETS, HOUR, THIRD, Pricing.Rounding.HALF);
        return new Kit(name, new Kit.Contents(lines, extras), new Kit.Bags(bags, spares), sharing, meeting, price);
    }
}
